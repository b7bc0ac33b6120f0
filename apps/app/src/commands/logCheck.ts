import type { SetupState } from '@zero-point/core/state/basis/setupState';
import { uuidv7 } from 'uuidv7';
import { logRow } from './logEntry';

/** Keeps a check of any kind: ticked, skipped with a reason, or opened again. */
export function logCheck(
  book: SetupState,
  item: string,
  text: string,
  action: 'tick' | 'skip' | 'clear',
  reason: string,
): void {
  logRow({
    kind: 'check',
    setupId: book.setup.id,
    body: { id: uuidv7(), item, text, action, reason, at: new Date().toISOString() },
  });
}
