import type { Feature } from '../../records/setup/datumPlan';
import { deriveStateAs, type SetupState } from '../basis/setupState';
import { featureAnswer } from '../datum/featureAnswer';
import { foundFeatures } from '../datum/foundFeatures';
import { zZeroAnswer } from '../zAndTools/zZero';

/** What an answer would be by today's calibrations, mm on the scale it was touched on. */
export interface RecalculatedAnswer {
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
export function recalculatedAnswers(book: SetupState, moment: string): RecalculatedAnswer[] {
  const later = deriveStateAs(book, moment);
  const features = foundFeatures(book).flatMap(({ feature, answer }) => {
    const then = featureAnswer(later, feature);
    return (['x', 'y'] as const).flatMap((axis): RecalculatedAnswer[] => {
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

const changed = (one: RecalculatedAnswer): RecalculatedAnswer[] =>
  Math.abs(one.after - one.before) < SAME && Math.abs(one.U.after - one.U.before) < SAME ? [] : [one];
