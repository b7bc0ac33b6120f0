import { uniformFloat64 } from 'pure-rand/distribution/uniformFloat64';
import { xoroshiro128plus } from 'pure-rand/generator/xoroshiro128plus';

/** A repeatable source of chance, for simulated mills and the tests that measure against them. */
export interface Chance {
  /** Uniform from 0 to 1. */
  next: () => number;
  between: (least: number, most: number) => number;
  /** Normal with standard deviation 1. */
  normal: () => number;
  pick: <T>(...options: readonly [T, ...T[]]) => T;
}

/**
 * Chance to draw cases with; never for secrets.
 *
 * @param seed the same seed gives the same numbers
 */
export function chance(seed: number): Chance {
  const generator = xoroshiro128plus(mixed(seed));
  const next = () => uniformFloat64(generator);
  return {
    next,
    between: (least, most) => least + (most - least) * next(),
    normal: () => Math.sqrt(-2 * Math.log(1 - next())) * Math.cos(2 * Math.PI * next()),
    pick: (...options) => options[Math.floor(options.length * next())] ?? options[0],
  };
}

/** A seed of which neighbours share nothing: the generator's first draws from small seeds would go together (MurmurHash3's last step). */
function mixed(seed: number): number {
  let h = seed | 0;
  h = Math.imul(h ^ (h >>> 16), 0x85ebca6b);
  h = Math.imul(h ^ (h >>> 13), 0xc2b2ae35);
  return h ^ (h >>> 16);
}
