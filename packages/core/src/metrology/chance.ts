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
 * Mulberry32: small, fast, good enough to draw cases with; never for secrets.
 *
 * @param seed the same seed gives the same numbers
 */
export function chance(seed: number): Chance {
  let state = seed >>> 0;
  const next = () => {
    state = (state + 0x6d2b79f5) >>> 0;
    let t = Math.imul(state ^ (state >>> 15), 1 | state);
    t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t;
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296;
  };
  return {
    next,
    between: (least, most) => least + (most - least) * next(),
    normal: () => Math.sqrt(-2 * Math.log(1 - next())) * Math.cos(2 * Math.PI * next()),
    pick: (...options) => options[Math.floor(options.length * next())] ?? options[0],
  };
}
