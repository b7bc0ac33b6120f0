import type { SetupState } from '../../state/basis/setupState';
import type { Agreement } from '../../state/checks/check';
import type { Mend } from '../../state/verify/corrections';
import { featureName, shapeWords } from '../../datum/feature';
import { formatLength, formatLengthUnit } from '../../units/formatLength';
import type { LengthUnit } from '../../units/unit';
import { plusMinus } from '../basis/verdict';
import { capitalize } from '../basis/grammar';

const LISTED = 3;

/** What a mend would write into the log. */
export function mendWords(book: SetupState, { strike, again }: Mend): string {
  const { units: unit } = book.setup;
  const [first] = strike;
  const face = first ? `${faceOf(book, first.subject)}: ` : '';
  const list = (values: readonly string[]) =>
    values.length > LISTED ? `${values.length} readings` : values.join('; ');
  const gone = list(strike.map(({ value }) => formatLength(value, { unit })));
  if (again.length === 0) return `${face}strike out ${gone}, and touch again`;
  const corrected = again.map(({ from, change }) =>
    change.feeler === undefined
      ? formatLength(change.value ?? from.value, { unit })
      : `${formatLength(from.value, { unit })} with ${change.feeler === 0 ? 'no feeler' : `${formatLengthUnit(change.feeler, { unit })} feeler`}`,
  );
  return `${face}strike out ${gone}, log ${list(corrected)} ${unit}`;
}

function faceOf({ part }: SetupState, subject: Mend['strike'][number]['subject']): string {
  if (subject.kind === 'face') return capitalize(featureName(part, subject));
  return subject.kind === 'round' ? capitalize(featureName(part, subject)) : 'Touch';
}

/** What was measured, what it is held against, and what is said of that where the two differ. */
interface Compared {
  said: string;
  target: string;
  differs: string;
}

/**
 * The comparison as a sentence: what was measured, and how it ends when it agrees or does not. What is further off than
 * both are known, and not far enough to name a slip, is not told to agree.
 */
export function agreementWords(
  book: SetupState,
  agreement: Agreement,
  unit: LengthUnit,
): { said: string; but: { agrees: string; differs: string } } {
  const { said, target, differs } = comparedWords(book, agreement, unit);
  const within = plusMinus(agreement.U, unit);
  const off = formatLengthUnit(Math.abs(agreement.measured - agreement.known), { unit });
  const agrees = withinBoth(agreement)
    ? `which agrees with ${target}${target.includes(', ') ? ',' : ''} within ${within}`
    : `${off} from ${target}. That is more than ${within}, but too little to name a cause: touch again`;
  return { said, but: { agrees, differs } };
}

/** No further apart than both are known together: E_n up to 1 (ISO 13528). */
export const withinBoth = ({ measured, known, U }: Pick<Agreement, 'measured' | 'known' | 'U'>): boolean =>
  Math.abs(measured - known) <= U;

function comparedWords(book: SetupState, agreement: Agreement, unit: LengthUnit): Compared {
  const { of, against, feature, measured, known, measuredU } = agreement;
  const size = formatLengthUnit(known, { unit });
  const name = featureName(book.part, feature);
  const figure = `${formatLengthUnit(measured, { unit })} ${plusMinus(measuredU, unit)}`;
  switch (of) {
    case 'width': {
      const faces = feature.kind === 'middle' && feature.axis === 'x' ? 'Left and right' : 'Front and back';
      const shape = feature.kind === 'middle' ? shapeWords(book.part, feature.of) : '';
      const calipered = against === 'caliper';
      return {
        said: `${faces}${shape} are ${formatLengthUnit(measured, { unit })} apart ${plusMinus(measuredU, unit)}`,
        target: `the ${calipered ? 'caliper’s' : shape === '' ? 'part’s' : 'drawn'} ${size}`,
        differs: `but ${calipered ? 'the caliper said' : shape === '' ? 'the part is' : 'it is drawn'} ${size}`,
      };
    }
    case 'caliper':
      return {
        said: `The caliper says ${figure} along ${feature.kind === 'middle' ? feature.axis.toUpperCase() : ''}`,
        target: `the program’s stock, ${size}`,
        differs: `but the program’s stock is ${size}`,
      };
    case 'diameter':
      return {
        said: `The ${name} measures ${figure}`,
        target: `the drawn ${size}`,
        differs: `but it is drawn ${size}`,
      };
    case 'datum':
      return {
        said: against === 'offset' ? `By the ${name}, part zero is at ${figure}` : `The ${name} is at ${figure} now`,
        target: `where it was set, ${size}`,
        differs: against === 'offset' ? `but the offset entered is ${size}` : `but it was set to be at ${size}`,
      };
    case 'previous':
      return {
        said: `The ${name} is at ${figure} by this finder`,
        target: `the one before, ${size}`,
        differs: `but by the one before it was at ${size}`,
      };
    case 'chord': {
      const [first, second] = agreement.suspects[0]?.[0]?.axis === 'y' ? ['Y', 'X'] : ['X', 'Y'];
      return {
        said: `Across ${first} the ${name} is ${figure}`,
        target: `what it is across ${second}, ${size}`,
        differs: `but across ${second} it is ${size}, and no chord is longer than the diameter`,
      };
    }
    case 'repeat':
      return {
        said: `One reading of the ${name} is ${figure}`,
        target: `the others, ${size}`,
        differs: `but the others say ${size}`,
      };
  }
}
