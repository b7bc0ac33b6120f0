import type { Feature } from '../../records/setup/datumPlan';
import { openBookAs, type Book } from '../basis/setupState';
import { featureAnswer } from '../datum/featureAnswer';
import { foundFeatures } from '../datum/foundFeatures';
import { zZeroAnswer } from '../zAndTools/zZero';

/** What an answer would be by today's calibrations, mm on the scale it was touched on. */
export interface ReckonChange {
  of: Feature | 'z';
  axis: 'x' | 'y' | 'z';
  before: number;
  after: number;
  /** U before and after. */
  U: { before: number; after: number };
}

/** Less than this is the same, mm: what float64 leaves. */
const SAME = 1e-9;

/** What would be otherwise if touches of before were reckoned by what was known at a moment; nothing is changed by asking. */
export function reckonChanges(book: Book, moment: string): ReckonChange[] {
  const later = openBookAs(book, moment);
  const features = foundFeatures(book).flatMap(({ feature, answer }) => {
    const then = featureAnswer(later, feature);
    return (['x', 'y'] as const).flatMap((axis): ReckonChange[] => {
      const [one, other] = [answer[axis], then?.[axis]];
      if (!one || !other) return [];
      return changed({
        of: feature,
        axis,
        before: one.found,
        after: other.found,
        U: { before: one.uncertainty.U, after: other.uncertainty.U },
      });
    });
  });
  const [z, zThen] = [zZeroAnswer(book)?.result, zZeroAnswer(later)?.result];
  const height =
    z && zThen
      ? changed({
          of: 'z',
          axis: 'z',
          before: z.workOffset,
          after: zThen.workOffset,
          U: { before: z.uncertainty.U, after: zThen.uncertainty.U },
        })
      : [];
  return [...features, ...height];
}

const changed = (one: ReckonChange): ReckonChange[] =>
  Math.abs(one.after - one.before) < SAME && Math.abs(one.U.after - one.U.before) < SAME ? [] : [one];
