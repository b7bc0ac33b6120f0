import type { BorePass } from './bore.schema';

/** Spring of a boring bar: a pass set to S in a bore of D brings it to D + k (S − D − c). mm on the diameter. */
export interface Spring {
  k: number;
  c: number;
  learned: 'not-yet' | 'kept' | 'share' | 'share-and-offset';
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
 * @param kept what the same bar did in bores before, taken until there are two passes
 */
export function learnSpring(
  start: number,
  passes: readonly BorePass[],
  u: number,
  kept?: Pick<Spring, 'k' | 'c'>,
): Spring {
  const cuts = passes
    .map(({ set, measured }, i) => {
      const before = i === 0 ? start : (passes[i - 1]?.measured ?? start);
      return { asked: set - before, cut: measured - before };
    })
    // A free pass asks for what the bar left; where that is nothing it teaches nothing.
    .filter(({ asked }) => asked > 0);
  if (cuts.length < 2)
    return kept && bearsOut(kept, cuts[0], u)
      ? { k: kept.k, c: kept.c, learned: 'kept' }
      : { k: 1, c: 0, learned: 'not-yet' };
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

/** A kept spring may be off by this share of the first cut before it is believed no more. */
const KEPT_WITHIN = 0.05;

/** Whether the first cut came out as the kept spring says, as far as measuring tells; nothing cut yet speaks against none. */
const bearsOut = (
  { k, c }: Pick<Spring, 'k' | 'c'>,
  first: { asked: number; cut: number } | undefined,
  u: number,
): boolean =>
  first === undefined || Math.abs(first.cut - k * (first.asked - c)) <= 3 * Math.SQRT2 * u + KEPT_WITHIN * first.asked;

const mean = (all: readonly number[]): number => all.reduce((sum, one) => sum + one, 0) / all.length;
