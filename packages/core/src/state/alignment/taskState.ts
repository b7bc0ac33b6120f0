import { ALIGNMENT_TASKS } from '../../records/values/tasks';
import type { AlignmentTask } from '../../records/values/subject';
import { alignmentOf } from './plan';
import type { SetupState } from '../basis/setupState';
import { lastCheck } from '../workholding/workholdingSteps';
import { alignmentPass, isInLine, latestPass } from './taskAnswer';

export type TaskState = 'open' | 'begun' | 'off' | 'in line' | 'skipped';

/** What a skipped task is called in the log of checks. */
export const skipItem = (task: AlignmentTask): string => `align-${task}`;

/** Where a task of lining up stands. */
export function taskState(book: SetupState, task: AlignmentTask): TaskState {
  const alignment = alignmentOf(book, task);
  const latest = latestPass(book, task);
  if (alignment && latest > 0) {
    const pass = alignmentPass(book, alignment, latest);
    if (isInLine(pass.answer) || (alignment.task === 'skew' && alignment.carriedPass === latest)) return 'in line';
    return pass.answer ? 'off' : 'begun';
  }
  return lastCheck(book, skipItem(task))?.action === 'skip' ? 'skipped' : 'open';
}

/** Something was lined up or skipped, and nothing that was begun is left out of line. */
export function alignmentDone(book: SetupState): boolean {
  const states = ALIGNMENT_TASKS.map((task) => taskState(book, task));
  return (
    states.some((state) => state === 'in line' || state === 'skipped') &&
    states.every((state) => state !== 'off' && state !== 'begun')
  );
}
