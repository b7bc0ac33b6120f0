import type { SetupState } from '@zero-point/core/state/basis/setupState';
import { formatSmall } from '@zero-point/core/units/formatSmall';
import { Choice } from '../controls/Choice';
import { saveDatumPlan } from '../commands/saveDatumPlan';

/** Steps over this, mm, are for coming near, never for a touch. */
const MOST = 0.5;

/**
 * Which step the machine is jogged by at a touch with this gauge, asked once: coarser than the display, it is what is really
 * read, and counts in the ±. Nothing on machines that are wound by hand.
 */
export function JogStepField({ book, gaugeId }: { book: SetupState; gaugeId: string }) {
  const { machine, datumPlan, setup } = book;
  const steps = (machine.jogSteps ?? []).filter((step) => step <= MOST).sort((a, b) => b - a);
  if (steps.length === 0) return null;
  const said = datumPlan.movedBy?.[gaugeId];
  const { [gaugeId]: _, ...others } = datumPlan.movedBy ?? {};
  return (
    <Choice
      label="Last jog step"
      value={said === undefined ? 'fed' : String(said)}
      options={[
        ...steps.map((step) => ({ value: String(step), label: formatSmall(step, { unit: setup.units }) })),
        { value: 'fed', label: 'fed by hand' },
      ]}
      onChange={(step) =>
        saveDatumPlan(book, { movedBy: step === 'fed' ? others : { ...others, [gaugeId]: Number(step) } })
      }
    />
  );
}
