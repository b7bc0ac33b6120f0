import { quillStop, type QuillStop } from '../../zAndTools/quillStop';
import type { SetupState } from '../basis/setupState';
import { lastZeroing } from '../basis/activeRecords';

/** Where Z stands with the knee locked, mm; undefined where nobody entered it since Z was set last. */
export function kneeLockedAt(book: SetupState): number | undefined {
  const { kneeLocked } = book.cutPlan;
  return kneeLocked && kneeLocked.zeroingId === lastZeroing(book, 'z')?.id ? kneeLocked.at : undefined;
}

/**
 * How far the quill goes down to a depth, where the scale is on the knee; undefined where the quill carries Z itself.
 *
 * @param deepest what Z would show at full depth with the tool in the spindle, mm
 */
export function quillDepth(book: SetupState, deepest: number): QuillStop | { kind: 'ask' } | undefined {
  if (book.datumPlan.heights?.moves !== 'knee') return undefined;
  const locked = kneeLockedAt(book);
  return locked === undefined
    ? { kind: 'ask' }
    : quillStop({ locked, deepest, travel: book.machine.limits?.quillTravel });
}
