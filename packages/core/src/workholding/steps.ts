import type { HoldingStep } from '../contract/holding';
import type { Check } from '../contract/ledger';
import type { Snapshot } from '../contract/setup';

/** A step of the list as it stands. */
export interface StepState {
  step: HoldingStep;
  state: 'open' | 'ticked' | 'skipped';
  /** Why it was skipped. */
  reason: string;
}

/** What was last said of an item; undefined while nothing is, or after it was opened again. */
export function lastCheck(snapshot: Pick<Snapshot, 'checks'>, item: string): Check | undefined {
  const last = snapshot.checks.filter((check) => check.item === item).at(-1);
  return last?.action === 'clear' ? undefined : last;
}

/** Steps of the holding chosen that apply to this machine, in order. */
export function holdingSteps(snapshot: Snapshot): StepState[] {
  const holding = snapshot.holdings.find(({ id }) => id === snapshot.setup.holdingId);
  return (holding?.steps ?? [])
    .filter(({ machines }) => !machines || machines.includes(snapshot.machine.kind))
    .map((step) => {
      const said = lastCheck(snapshot, checkItem(snapshot.setup.holdingId, step.id));
      const state = said === undefined ? 'open' : said.action === 'skip' ? 'skipped' : 'ticked';
      return { step, state, reason: said?.reason ?? '' };
    });
}

/** Name of a step in the ledger: its list and itself, so that another holding asks anew. */
export const checkItem = (holdingId: string, stepId: string): string => `${holdingId}--${stepId}`.slice(0, 64);
