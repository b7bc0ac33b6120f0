import type { Book } from '@zero-point/core/book/book';
import type { Alignment } from '@zero-point/core/record/alignment';

/** A task whose document is shown to be changed. */
export interface ConfigProps<A extends Alignment = Alignment> {
  book: Book;
  alignment: A;
}
