import type { SetupState } from '@zero-point/core/state/basis/setupState';
import type { Axis } from '@zero-point/core/schema/quantities';
import { FieldRow } from '../../../keypad/FieldRow';
import { OptionalLengthField } from '../../../keypad/Fields';
import { savePartSize } from '../../../commands/savePlan';

const LABELS: Readonly<Record<Axis, string>> = { x: 'Length X', y: 'Depth Y', z: 'Height Z' };

/** Sizes of the part that nobody has told yet, to be told when they are known; nothing once all are. */
export function UntoldSizes({ book }: { book: SetupState }) {
  const { part, setup } = book;
  const untold = part.untold ?? [];
  if (untold.length === 0) return null;
  return (
    <FieldRow>
      {untold.map((axis) => (
        <OptionalLengthField
          key={axis}
          label={LABELS[axis]}
          unit={setup.units}
          value={undefined}
          onCommit={(mm) => mm !== undefined && savePartSize(book, axis, mm)}
          check={(mm) => (mm === undefined || mm > 0 ? undefined : 'It must be greater than zero.')}
        />
      ))}
    </FieldRow>
  );
}
