import type { Book } from '@zero-point/core/book/book';
import { Words } from '../../theme/Words';
export default function SheetScreen({ book }: { book: Book }) {
  return <Words>{book.setup.name}</Words>;
}
