import type { BorePass } from './bore.schema';

/** Spring of a boring bar: a pass set to S in a bore of D brings it to D + k (S − D − c). mm on the diameter. */
export interface Spring {
  k: number;
  c: number;
  learned: 'not-yet' | 'share' | 'share-and-offset';
}

/** How surely the two must be told apart before the offset is taken for one: standard uncertainty of the share. */
const SURE = 0.1;

/** A bar that cuts less than this share of what is set rubs; more than all is scatter. */
const LEAST_SHARE = 0.3;

/**
 * Spring learned from a log by least squares: k = 1, c = 0 until there are two passes; share and offset where the cuts
 * differ enough to tell them apart, else the share alone. mm on the diameter.
 *
 * @param start size before the first pass
 * @param u standard uncertainty of one measured size
 */
export function learnSpring(start: number, passes: readonly BorePass[], u: number): Spring {
  const cuts = passes
    .map(({ set, measured }, i) => {
      const before = i === 0 ? start : (passes[i - 1]?.measured ?? start);
      return { asked: set - before, cut: measured - before };
    })
    // A free pass asks for what the bar left; where that is nothing it teaches nothing.
    .filter(({ asked }) => asked > 0);
  if (cuts.length < 2) return { k: 1, c: 0, learned: 'not-yet' };
  const meanAsked = mean(cuts.map(({ asked }) => asked));
  const meanCut = mean(cuts.map(({ cut }) => cut));
  const spread = cuts.reduce((sum, { asked }) => sum + (asked - meanAsked) ** 2, 0);
  if (spread > 0 && (u * Math.SQRT2) / Math.sqrt(spread) <= SURE) {
    const k = cuts.reduce((sum, { asked, cut }) => sum + (asked - meanAsked) * (cut - meanCut), 0) / spread;
    const c = meanAsked - meanCut / k;
    // A bar that cuts more than was set, or cuts where nothing is set, is scatter and no spring.
    const offset = c >= -3 * u && c < Math.min(...cuts.map(({ asked }) => asked));
    if (k >= LEAST_SHARE && k <= 1 + SURE && offset) return { k, c, learned: 'share-and-offset' };
  }
  const share =
    cuts.reduce((sum, { asked, cut }) => sum + asked * cut, 0) / cuts.reduce((sum, { asked }) => sum + asked ** 2, 0);
  return { k: Math.min(1, Math.max(LEAST_SHARE, share)), c: 0, learned: 'share' };
}

const mean = (all: readonly number[]): number => all.reduce((sum, one) => sum + one, 0) / all.length;
