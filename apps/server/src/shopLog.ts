import { openBook, type Book } from '@zero-point/core/book/book';
import type { Snapshot } from '@zero-point/core/record/snapshot';
import { logLineOf, type LogLine } from '@zero-point/core/words/logLine';
import { orLeftOut } from './http/problem';
import type { ShopRecord } from './record';
import type { Store } from './store/store';

/** So many readings are told at once. */
const TOLD = 200;

/** The latest readings of the whole shop, newest first, each by the book of its own set-up. */
export function shopLog(store: Store, record: ShopRecord): LogLine[] {
  const books = new Map<string, Book | undefined>();
  const bookOf = (setupId: string): Book | undefined => {
    if (!books.has(setupId))
      books.set(
        setupId,
        orLeftOut(() => openBook(JSON.parse(record.snapshotText(setupId)) as Snapshot)),
      );
    return books.get(setupId);
  };
  return store.readings.latest(TOLD).flatMap(({ id, setupId }) => {
    const book = bookOf(setupId);
    const reading = book?.readings.find((one) => one.id === id);
    return book && reading ? [logLineOf(book, reading)] : [];
  });
}
