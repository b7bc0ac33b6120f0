import type { SetupState } from '@zero-point/core/state/basis/setupState';
import { logLineOf, type LogLine } from '@zero-point/core/messages/basis/logLine';

/** So many readings are told at once. */
export const LOG_LENGTH = 200;

/** A reading by its id, and whose it is. */
export interface LatestReading {
  id: string;
  setupId: string;
}

/** The latest readings of the whole shop, newest first, each by the book of its own setup. */
export function logLines(
  latest: readonly LatestReading[],
  open: (setupId: string) => SetupState | undefined,
): LogLine[] {
  const books = new Map<string, SetupState | undefined>();
  const bookOf = (setupId: string): SetupState | undefined => {
    if (!books.has(setupId)) books.set(setupId, open(setupId));
    return books.get(setupId);
  };
  return latest.flatMap(({ id, setupId }) => {
    const book = bookOf(setupId);
    const reading = book?.readings.find((one) => one.id === id);
    return book && reading ? [logLineOf(book, reading)] : [];
  });
}
