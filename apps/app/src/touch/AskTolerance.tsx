import type { SetupState } from '@zero-point/core/state/basis/setupState';
import { LengthField } from '../keypad/Fields';
import { withoutAssumption, savePlan } from '../commands/savePlan';

/** Asks how far off positions may be, where a ± is first judged by it; nothing once that was told. */
export function AskTolerance({ book }: { book: SetupState }) {
  const { setup } = book;
  if (!setup.assumed?.includes('tolerance')) return null;
  return (
    <LengthField
      label="How far off may positions be? ±"
      hint="The usual value until you change it."
      unit={setup.units}
      value={setup.tolerance}
      onCommit={(tolerance) => savePlan(book, { tolerance, ...withoutAssumption(book, 'tolerance') })}
      check={(mm) => (mm > 0 ? undefined : 'The tolerance must be greater than zero.')}
    />
  );
}
