import type { Book } from '@zero-point/core/state/basis/setupState';
import { helpDepth, helpMost } from '@zero-point/core/state/verify/bestNextReading';
import { helpWords } from '@zero-point/core/messages/verify/bestNextReading';
import { Words } from '../theme/AppText';

/** What would help most: the one act that makes the worst hole, or every depth, surer. Nothing while zero is not found. */
export default function HelpLine({ book, of = 'place' }: { book: Book; of?: 'place' | 'depth' }) {
  const help = of === 'depth' ? helpDepth(book) : helpMost(book);
  return help ? <Words tone={help.enough ? 'soft' : 'ink'}>{helpWords(book, help)}</Words> : null;
}
