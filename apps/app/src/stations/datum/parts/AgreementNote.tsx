import { capital } from '@zero-point/core/words/sentence';
import type { Book } from '@zero-point/core/book/book';
import { featureName, shapeWords } from '@zero-point/core/datum/feature';
import type { Agreement } from '@zero-point/core/book/checks/check';
import { mendsOf, type Mend } from '@zero-point/core/book/mends';
import { SLIP_NAMES, slipWords } from '@zero-point/core/words/slip';
import { formatLength, formatLengthUnit } from '@zero-point/core/units/formatLength';
import type { LengthUnit } from '@zero-point/core/units/unit';
import { useMemo, useState } from 'react';
import { View } from 'react-native';
import { plusMinus } from '../../../answer/words';
import { Press } from '../../../frame/Press';
import { useLook } from '../../../theme/useLook';
import { Words } from '../../../theme/Words';
import { logMend } from '../../../record/log';

/** Slips and mends that are offered at once; more would only confuse. */
const NAMED = 2;
const MENDS = 4;

/** Something known against something measured: that they agree, or the likely slip, and what can be written to put it right. */
export function AgreementNote({ book, check }: { book: Book; check: Agreement }) {
  const { palette } = useLook();
  const unit = book.setup.units;
  const { agrees, likely } = check.explanation;
  const [put, setPut] = useState(false);
  // Trying every mend out is the dear part.
  const mends = useMemo(() => mendsOf(book, check).slice(0, MENDS), [book, check]);
  const { said, but } = words(book, check, unit);
  const stale = check.against === 'offset' && check.suspects.length === 0;
  if (agrees) {
    return (
      <Words kind="note" tone="good">
        ✓ {said}, {but.agrees}.
      </Words>
    );
  }
  return (
    <View role="alert" style={{ gap: 8, padding: 10, borderWidth: 2, borderRadius: 8, borderColor: palette.warn }}>
      <Words tone="warn" style={{ fontWeight: '700' }}>
        ✗ {said}, {but.differs}.
      </Words>
      {stale && <Words>A touch it came from was struck out or mended since. Enter the work offset anew.</Words>}
      {!stale && likely.length === 0 && (
        <Words>No usual slip of this size is known. Check the size in Plan, and touch again.</Words>
      )}
      {(stale ? [] : likely.slice(0, NAMED)).map((slip, i) => (
        <Words key={`${slip.slip} ${slip.size}`}>
          {i === 0 ? '' : 'Or: '}
          {Object.values(slipWords(slip, unit)).join(' ')}
        </Words>
      ))}
      {!put && <Mends book={book} mends={mends} onLeave={() => setPut(true)} />}
    </View>
  );
}

function Mends({ book, mends, onLeave }: { book: Book; mends: readonly Mend[]; onLeave: () => void }) {
  if (mends.length === 0) return null;
  return (
    <View style={{ gap: 6 }}>
      <Words kind="note">If it was that, this can be written into the ledger; nothing is lost:</Words>
      {mends.map((mend) => {
        const label = mendWords(book, mend);
        return (
          <Press key={label} onPress={() => logMend(book, mend, SLIP_NAMES[mend.slip])}>
            <Words>{label}</Words>
          </Press>
        );
      })}
      <Press look="bare" onPress={onLeave} style={{ alignSelf: 'flex-start' }}>
        <Words kind="note">Leave it as it is</Words>
      </Press>
    </View>
  );
}

const LISTED = 3;

function mendWords(book: Book, { strike, again }: Mend): string {
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
function words(
  book: Book,
  { of, against, feature, measured, known, U }: Agreement,
  unit: LengthUnit,
): { said: string; but: { agrees: string; differs: string } } {
  const size = formatLengthUnit(known, { unit });
  const name = featureName(book.part, feature);
  const figure = `${formatLengthUnit(measured, { unit })} ${plusMinus(U, unit)}`;
  switch (of) {
    case 'width': {
      const faces = feature.kind === 'middle' && feature.axis === 'x' ? 'Left and right' : 'Front and back';
      const shape = feature.kind === 'middle' ? shapeWords(book.part, feature.of) : '';
      const source = against === 'caliper' ? 'the caliper said' : shape === '' ? 'the part is' : 'it is drawn';
      return {
        said: `${faces}${shape} are ${formatLengthUnit(measured, { unit })} apart ${plusMinus(U, unit)}`,
        but: {
          agrees: against === 'caliper' ? `as the caliper said, ${size}` : `as a part of ${size} should be`,
          differs: `but ${source} ${size}`,
        },
      };
    }
    case 'caliper':
      return {
        said: `The caliper says ${figure} along ${feature.kind === 'middle' ? feature.axis.toUpperCase() : ''}`,
        but: { agrees: `as the program’s stock has it, ${size}`, differs: `but the program’s stock is ${size}` },
      };
    case 'diameter':
      return {
        said: `The ${name} measures ${figure}`,
        but: { agrees: `as drawn, ${size}`, differs: `but it is drawn ${size}` },
      };
    case 'datum':
      return {
        said: against === 'offset' ? `By the ${name}, part zero is at ${figure}` : `The ${name} is at ${figure} now`,
        but: {
          agrees: `where it was set, ${size}`,
          differs: against === 'offset' ? `but the offset entered is ${size}` : `but it was set to be at ${size}`,
        },
      };
    case 'previous':
      return {
        said: `The ${name} is at ${figure} by this finder`,
        but: { agrees: `as by the one before, ${size}`, differs: `but by the one before it was at ${size}` },
      };
    case 'repeat':
      return {
        said: `One reading of the ${name} is ${figure}`,
        but: { agrees: `as the others, ${size}`, differs: `but the others say ${size}` },
      };
  }
}
