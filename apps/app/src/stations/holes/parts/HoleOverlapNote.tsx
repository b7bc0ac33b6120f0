import type { SetupState } from '@zero-point/core/state/basis/setupState';
import type { Pattern } from '@zero-point/core/records/setup/pattern';
import { holeOverlapText } from '@zero-point/core/messages/holes/holeOverlaps';
import { useMemo } from 'react';
import { AppText } from '../../../theme/AppText';

/** Holes that would run into what is drawn on the part; nothing where none does. */
export function HoleOverlapNote({ book, pattern }: { book: SetupState; pattern: Pattern }) {
  const words = useMemo(() => holeOverlapText(book, pattern), [book, pattern]);
  return words === undefined ? null : (
    <AppText tone="bad" style={{ fontWeight: '700' }} live>
      ▲ {words}
    </AppText>
  );
}
