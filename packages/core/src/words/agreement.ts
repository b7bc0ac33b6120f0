import type { Book } from '../book/book';
import type { Agreement } from '../book/checks/check';
import type { Mend } from '../book/mends';
import { featureName, shapeWords } from '../datum/feature';
import { formatLength, formatLengthUnit } from '../units/formatLength';
import type { LengthUnit } from '../units/unit';
import { plusMinus } from './goodness';
import { capital } from './sentence';

const LISTED = 3;

/** What a mend would write into the ledger. */
export function mendWords(book: Book, { strike, again }: Mend): string {
  const { units: unit } = book.setup;
  const [first] = strike;
  const face = first ? `${faceOf(book, first.subject)}: ` : '';
  const list = (values: readonly string[]) =>
    values.length > LISTED ? `${values.length} readings` : values.join('; ');
  const gone = list(strike.map(({ value }) => formatLength(value, { unit })));
  if (again.length === 0) return `${face}strike out ${gone}, and touch again`;
  const anew = again.map(({ from, change }) =>
    change.feeler === undefined
      ? formatLength(change.value ?? from.value, { unit })
      : `${formatLength(from.value, { unit })} with ${change.feeler === 0 ? 'no feeler' : `${formatLengthUnit(change.feeler, { unit })} feeler`}`,
  );
  return `${face}strike out ${gone}, log ${list(anew)} ${unit}`;
}

function faceOf({ part }: Book, subject: Mend['strike'][number]['subject']): string {
  if (subject.kind === 'face') return capital(featureName(part, subject));
  return subject.kind === 'round' ? capital(featureName(part, subject)) : 'Touch';
}

/** The comparison as a sentence: what was measured, and how it ends when it agrees or does not. */
export function agreementWords(
  book: Book,
  { of, against, feature, measured, known, measuredU, U }: Agreement,
  unit: LengthUnit,
): { said: string; but: { agrees: string; differs: string } } {
  const size = formatLengthUnit(known, { unit });
  const name = featureName(book.part, feature);
  const figure = `${formatLengthUnit(measured, { unit })} ${plusMinus(measuredU, unit)}`;
  const within = `within ${plusMinus(U, unit)}`;
  switch (of) {
    case 'width': {
      const faces = feature.kind === 'middle' && feature.axis === 'x' ? 'Left and right' : 'Front and back';
      const shape = feature.kind === 'middle' ? shapeWords(book.part, feature.of) : '';
      const source = against === 'caliper' ? 'the caliper said' : shape === '' ? 'the part is' : 'it is drawn';
      return {
        said: `${faces}${shape} are ${formatLengthUnit(measured, { unit })} apart ${plusMinus(measuredU, unit)}`,
        but: {
          agrees:
            against === 'caliper'
              ? `which agrees with the caliper’s ${size} ${within}`
              : `which agrees with the ${shape === '' ? 'part’s' : 'drawn'} ${size} ${within}`,
          differs: `but ${source} ${size}`,
        },
      };
    }
    case 'caliper':
      return {
        said: `The caliper says ${figure} along ${feature.kind === 'middle' ? feature.axis.toUpperCase() : ''}`,
        but: {
          agrees: `which agrees with the program’s stock, ${size}, ${within}`,
          differs: `but the program’s stock is ${size}`,
        },
      };
    case 'diameter':
      return {
        said: `The ${name} measures ${figure}`,
        but: { agrees: `which agrees with the drawn ${size} ${within}`, differs: `but it is drawn ${size}` },
      };
    case 'datum':
      return {
        said: against === 'offset' ? `By the ${name}, part zero is at ${figure}` : `The ${name} is at ${figure} now`,
        but: {
          agrees: `which agrees with where it was set, ${size}, ${within}`,
          differs: against === 'offset' ? `but the offset entered is ${size}` : `but it was set to be at ${size}`,
        },
      };
    case 'previous':
      return {
        said: `The ${name} is at ${figure} by this finder`,
        but: {
          agrees: `which agrees with the one before, ${size}, ${within}`,
          differs: `but by the one before it was at ${size}`,
        },
      };
    case 'repeat':
      return {
        said: `One reading of the ${name} is ${figure}`,
        but: { agrees: `which agrees with the others, ${size}, ${within}`, differs: `but the others say ${size}` },
      };
  }
}
