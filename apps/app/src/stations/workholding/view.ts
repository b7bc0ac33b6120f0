import type { SetupState } from '@zero-point/core/state/basis/setupState';
import { checkItem, holdingSteps, type StepState } from '@zero-point/core/state/workholding/workholdingSteps';
import { logCheck } from '../../commands/logCheck';

/** What the Workholding screen shows. */
export interface WorkholdingView {
  holdings: { value: string; label: string }[];
  steps: StepState[];
  /** The first step still open. */
  next: StepState | undefined;
  done: number;
  skipped: number;
}

/** State of the Workholding station to view. */
export function workholdingView(book: SetupState): WorkholdingView {
  const steps = holdingSteps(book);
  return {
    holdings: book.holdings.map(({ id, name }) => ({ value: id, label: name })),
    steps,
    next: steps.find(({ state }) => state === 'open'),
    done: steps.filter(({ state }) => state === 'ticked').length,
    skipped: steps.filter(({ state }) => state === 'skipped').length,
  };
}

/** Keeps what was done with a step: ticked, skipped with a reason, or opened again. */
export function logStep(book: SetupState, { step }: StepState, action: 'tick' | 'skip' | 'clear', reason = ''): void {
  logCheck(book, checkItem(book.setup.holdingId, step.id), step.text, action, reason);
}
