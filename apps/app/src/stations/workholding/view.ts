import type { SetupState } from '@zero-point/core/state/basis/setupState';
import { holdingSteps, type StepState } from '@zero-point/core/state/workholding/workholdingSteps';

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
