import { openBook, type Book } from '@zero-point/core/book/book';
import type { Snapshot } from '@zero-point/core/record/snapshot';
import { logLineOf, type LogLine } from '@zero-point/core/words/logLine';
import type { ShopRecord } from './record';
import type { Store } from './store/store';

/** So many readings are told at once. */
const TOLD = 200;

/** The latest readings of the whole shop, newest first, each by the book of its own set-up. */
export function shopLog(store: Store, record: ShopRecord): LogLine[] {
  const books = new Map<string, Book>();
  const bookOf = (setupId: string): Book => {
    const book = books.get(setupId) ?? openBook(JSON.parse(record.snapshotText(setupId)) as Snapshot);
    books.set(setupId, book);
    return book;
  };
  return store.readings.latest(TOLD).flatMap(({ id, setupId }) => {
    const book = bookOf(setupId);
    const reading = book.readings.find((one) => one.id === id);
    return reading ? [logLineOf(book, reading)] : [];
  });
}
