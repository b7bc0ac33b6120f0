import type { WidthCheck } from '@zero-point/core/ledger/widthCheck';
import { formatLengthUnit } from '@zero-point/core/units/formatLength';
import type { LengthUnit } from '@zero-point/core/units/unit';
import { View } from 'react-native';
import { plusMinus } from '../../answer/words';
import { useLook } from '../../theme/useLook';
import { Words } from '../../theme/Words';

/** Slips that are named at once; more would only confuse. */
const NAMED = 2;

/** Two opposite faces against the part's known size: that they agree, or the likely slip and what to do about it. */
export function WidthNote({ check, unit }: { check: WidthCheck; unit: LengthUnit }) {
  const { palette } = useLook();
  const { axis, measured, known, U, explanation } = check;
  const faces = axis === 'x' ? 'Left and right' : 'Front and back';
  const apart = `${faces} are ${formatLengthUnit(measured, { unit })} apart ${plusMinus(U, unit)}`;
  const size = formatLengthUnit(known, { unit });
  if (explanation.agrees) {
    return (
      <Words kind="note" tone="good">
        ✓ {apart}, as a part of {size} should be.
      </Words>
    );
  }
  return (
    <View role="alert" style={{ gap: 6, padding: 10, borderWidth: 2, borderRadius: 8, borderColor: palette.warn }}>
      <Words tone="warn" style={{ fontWeight: '700' }}>
        ✗ {apart}, but the part is {size}.
      </Words>
      {explanation.likely.length === 0 && (
        <Words>No usual slip is just this large. Check the part’s size in Plan, and touch both faces again.</Words>
      )}
      {explanation.likely.slice(0, NAMED).map(({ what, remedy }, i) => (
        <Words key={what}>
          {i === 0 ? '' : 'Or: '}
          {what} {remedy}
        </Words>
      ))}
    </View>
  );
}
