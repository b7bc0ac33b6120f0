/// <reference path="../types/jstat.d.ts" />
import jstat from 'jstat';

/** One contribution to an uncertainty budget. */
export interface BudgetPart {
  /** Plain words: "repeats", "display step", "feel of the touch". */
  name: string;
  /** Standard uncertainty, mm. */
  u: number;
  /**
   * `uniform`: known only to lie within limits, like a display step; `arcsine`: an eccentricity whose direction is
   * not known, like the run-out of a spindle that stands still.
   */
  shape: 'normal' | 'uniform' | 'arcsine';
  /** Degrees of freedom; left out where the part is taken as known. */
  dof?: number;
}

/** A stated uncertainty at 95 %, with the budget it came from. All lengths in mm. */
export interface Uncertainty {
  /** Combined standard uncertainty. */
  u: number;
  /** Coverage factor: U = k u. */
  k: number;
  /** Expanded uncertainty, half-width of the 95 % interval. */
  U: number;
  /** Effective degrees of freedom (Welch-Satterthwaite); null for unlimited. */
  dof: number | null;
  parts: BudgetPart[];
}

const COVERAGE = 0.95;

/**
 * Combines independent parts into U at 95 % (JCGM 100:2008, GUM, 5.1.2 and annex G).
 *
 * k comes from Student's t at the effective degrees of freedom. Where one bounded part (uniform or arc-sine) holds more
 * than half of the variance, t would overstate it, so U is the half-width of the 95 % interval of
 * that part convolved with a normal for the rest.
 */
export function combine(parts: readonly BudgetPart[]): Uncertainty {
  const kept = parts.filter((part) => part.u > 0);
  const variance = kept.reduce((sum, part) => sum + part.u ** 2, 0);
  const u = Math.sqrt(variance);
  if (u === 0) return { u: 0, k: 2, U: 0, dof: null, parts: [] };
  const dof = effectiveDof(kept, variance);
  const dominant = kept.find((part) => part.shape !== 'normal' && part.u ** 2 > variance / 2);
  const k = dominant
    ? HALF_WIDTH[dominant.shape === 'arcsine' ? 'arcsine' : 'uniform'](
        dominant.u,
        Math.sqrt(Math.max(0, variance - dominant.u ** 2)),
      ) / u
    : jstat.studentt.inv((1 + COVERAGE) / 2, Math.min(dof ?? MANY, MANY));
  return { u, k, U: k * u, dof, parts: kept };
}

/** From so many degrees of freedom on Student's t is the normal; the library's inverse gives nothing far beyond. */
const MANY = 1e6;

function effectiveDof(parts: readonly BudgetPart[], variance: number): number | null {
  const denominator = parts.reduce((sum, part) => sum + (part.dof ? part.u ** 4 / part.dof : 0), 0);
  return denominator === 0 ? null : variance ** 2 / denominator;
}

/** Half-width holding 95 % of uniform(standard uncertainty `uUniform`) + normal(`sigma`), by bisection. */
function uniformHalfWidth(uUniform: number, sigma: number): number {
  const a = uUniform * Math.sqrt(3);
  if (sigma < a * 1e-6) return COVERAGE * a;
  // The integral of the normal distribution function, so the convolution has a closed form.
  const g = (x: number) => x * jstat.normal.cdf(x, 0, 1) + jstat.normal.pdf(x, 0, 1);
  const below = (z: number) => (sigma / (2 * a)) * (g((z + a) / sigma) - g((z - a) / sigma));
  return bisect(a + 6 * sigma, (z) => 2 * below(z) - 1);
}

/** Directions the eccentricity is averaged over; the midpoint rule on a whole period converges fast. */
const DIRECTIONS = 90;

/** Half-width holding 95 % of arcsine(standard uncertainty `uArcsine`) + normal(`sigma`), by bisection. */
function arcsineHalfWidth(uArcsine: number, sigma: number): number {
  const e = uArcsine * Math.SQRT2;
  if (sigma < e * 0.01) return e * Math.sin((COVERAGE * Math.PI) / 2);
  const inside = (z: number) => {
    let sum = 0;
    for (let i = 0; i < DIRECTIONS; i += 1) {
      const at = e * Math.cos(((i + 0.5) * Math.PI) / DIRECTIONS);
      sum += jstat.normal.cdf((z - at) / sigma, 0, 1) - jstat.normal.cdf((-z - at) / sigma, 0, 1);
    }
    return sum / DIRECTIONS;
  };
  return bisect(e + 6 * sigma, inside);
}

const HALF_WIDTH = { uniform: uniformHalfWidth, arcsine: arcsineHalfWidth };

/** Where a share that grows from 0 reaches 95 %. */
function bisect(most: number, share: (z: number) => number): number {
  let low = 0;
  let high = most;
  for (let i = 0; i < 50; i += 1) {
    const middle = (low + high) / 2;
    if (share(middle) < COVERAGE) low = middle;
    else high = middle;
  }
  return (low + high) / 2;
}
