import type { Book } from '@zero-point/core/state/basis/setupState';
import type { Pattern } from '@zero-point/core/records/setup/pattern';
import { overlapWords } from '@zero-point/core/messages/holes/holeOverlaps';
import { useMemo } from 'react';
import { Words } from '../../../theme/AppText';

/** Holes that would run into what is drawn on the part; nothing where none does. */
export function Overlap({ book, pattern }: { book: Book; pattern: Pattern }) {
  const words = useMemo(() => overlapWords(book, pattern), [book, pattern]);
  return words === undefined ? null : (
    <Words tone="bad" style={{ fontWeight: '700' }} live>
      ▲ {words}
    </Words>
  );
}
