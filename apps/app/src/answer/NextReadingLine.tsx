import type { SetupState } from '@zero-point/core/state/basis/setupState';
import { bestNextDepthReading, bestNextReading } from '@zero-point/core/state/verify/bestNextReading';
import { nextReadingText } from '@zero-point/core/messages/verify/bestNextReading';
import { AppText } from '../theme/AppText';

/** What would help most: the one act that makes the worst hole, or every depth, surer. Nothing while zero is not found. */
export default function NextReadingLine({ book, of = 'place' }: { book: SetupState; of?: 'place' | 'depth' }) {
  const help = of === 'depth' ? bestNextDepthReading(book) : bestNextReading(book);
  return help ? <AppText tone={help.enough ? 'soft' : 'ink'}>{nextReadingText(book, help)}</AppText> : null;
}
