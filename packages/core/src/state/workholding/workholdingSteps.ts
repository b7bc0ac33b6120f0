import type { HoldingStep } from '../../records/shop/workholdingList';
import type { ChecklistTick } from '../../records/log/checklistTick';
import type { SetupState } from '../basis/setupState';

/** A step of the list as it stands. */
export interface StepState {
  step: HoldingStep;
  state: 'open' | 'ticked' | 'skipped';
  /** Why it was skipped. */
  reason: string;
}

/** What was last said of an item; undefined while nothing is, or after it was opened again. */
export function lastCheck(book: SetupState, item: string): ChecklistTick | undefined {
  const last = book.index.lastCheck.get(item);
  return last?.action === 'clear' ? undefined : last;
}

/** Steps of the holding chosen that apply to this machine, in order. */
export function holdingSteps(book: SetupState): StepState[] {
  const holding = book.holdings.find(({ id }) => id === book.setup.holdingId);
  return (holding?.steps ?? [])
    .filter(({ machines }) => !machines || machines.includes(book.machine.kind))
    .map((step) => {
      const said = lastCheck(book, checkItem(book.setup.holdingId, step.id));
      const state = said === undefined ? 'open' : said.action === 'skip' ? 'skipped' : 'ticked';
      return { step, state, reason: said?.reason ?? '' };
    });
}

/** Name of a step in the log: its list and itself, so that another holding asks again. */
export const checkItem = (holdingId: string, stepId: string): string => `${holdingId}--${stepId}`.slice(0, 64);
