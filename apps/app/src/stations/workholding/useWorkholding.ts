import type { Snapshot } from '@zero-point/core/contract/setup';
import { checkItem, holdingSteps, type StepState } from '@zero-point/core/workholding/steps';
import { uuidv7 } from 'uuidv7';
import { logEntry } from '../useSetup';

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
export function workholdingView(snapshot: Snapshot): WorkholdingView {
  const steps = holdingSteps(snapshot);
  return {
    holdings: snapshot.holdings.map(({ id, name }) => ({ value: id, label: name })),
    steps,
    next: steps.find(({ state }) => state === 'open'),
    done: steps.filter(({ state }) => state === 'ticked').length,
    skipped: steps.filter(({ state }) => state === 'skipped').length,
  };
}

/** Keeps what was done with a step: ticked, skipped with a reason, or opened again. */
export function logStep(snapshot: Snapshot, { step }: StepState, action: 'tick' | 'skip' | 'clear', reason = ''): void {
  logCheck(snapshot, checkItem(snapshot.setup.holdingId, step.id), step.text, action, reason);
}

/** Keeps a check of any kind. */
export function logCheck(
  snapshot: Snapshot,
  item: string,
  text: string,
  action: 'tick' | 'skip' | 'clear',
  reason: string,
): void {
  logEntry({
    kind: 'check',
    setupId: snapshot.setup.id,
    body: { id: uuidv7(), item, text, action, reason, at: new Date().toISOString() },
  });
}
