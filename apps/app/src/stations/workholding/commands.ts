import type { SetupState } from '@zero-point/core/state/basis/setupState';
import { type StepState, checkItem } from '@zero-point/core/state/workholding/workholdingSteps';
import { logCheck } from '../../commands/logCheck';

/** Keeps what was done with a step: ticked, skipped with a reason, or opened again. */
export function logWorkholdingStep(
  book: SetupState,
  { step }: StepState,
  action: 'tick' | 'skip' | 'clear',
  reason = '',
): void {
  logCheck(book, checkItem(book.setup.holdingId, step.id), step.text, action, reason);
}
