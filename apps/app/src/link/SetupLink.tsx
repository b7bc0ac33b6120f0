import type { SetupState } from '@zero-point/core/state/basis/setupState';
import { scaleOf } from '@zero-point/core/state/basis/activeRecords';
import { useMemo, type ReactNode } from 'react';
import { useLink } from '../api/links';
import { isPractice } from '../commands/practiceLog';
import { LinkContext } from './LinkContext';

/** A setup's pages with what its machine's link shows in reach. The practice mill has none. */
export function SetupLink({ book, children }: { book: SetupState; children: ReactNode }) {
  const view = useLink(isPractice(book.setup.id) ? undefined : book.machine.id);
  const scale = scaleOf(book);
  const { x, y, z } = book.machine.axes;
  const linked = useMemo(
    () => view && { view, scale, steps: { x: x.step, y: y.step, z: z.step } },
    [view, scale, x.step, y.step, z.step],
  );
  return <LinkContext value={linked}>{children}</LinkContext>;
}
