import { chance, type Chance } from './chance';
import type { Model } from './propagate';
import type { BudgetPart } from './uncertainty';

/** What so many trials say of an answer's figures. */
export interface Simulated {
  trials: number;
  mean: number[];
  /** Half-width of the 95 % interval about the mean, each figure. */
  U: number[];
  covariance: number[][];
}

/** How many trials go between two looks at whether to go on. */
const CHUNK = 2000;

/**
 * Propagation of distributions by the Monte Carlo method (JCGM 101:2008, 7): each source is drawn from its own
 * shape, a scatter known from few readings from Student's t. The same seed gives the same answer.
 *
 * @param goOn told how many trials are done; false stops, and what was done so far is the answer
 */
export function monteCarlo(
  model: Model,
  trials: number,
  seed: number,
  goOn: (done: number) => boolean = () => true,
): Simulated {
  const random = chance(seed);
  const base = model.of(model.values);
  const figures = base.map(() => new Float64Array(trials));
  const names = [...new Set(model.sources.map(({ name }) => name))];
  const values = [...model.values];
  let done = 0;
  while (done < trials) {
    // Touches that share one estimated scatter are off by one factor together.
    const factors = new Map(
      names.map((name) => [
        name,
        scatterFactor(
          random,
          model.sources.find((one) => one.name === name),
        ),
      ]),
    );
    for (let i = 0; i < values.length; i += 1) values[i] = model.values[i] ?? 0;
    for (const source of model.sources) {
      values[source.on] = (values[source.on] ?? 0) + draw(random, source) * (factors.get(source.name) ?? 1);
    }
    const at = model.of(values);
    for (let k = 0; k < figures.length; k += 1) {
      const figure = figures[k];
      if (figure) figure[done] = (at[k] ?? 0) - (base[k] ?? 0);
    }
    done += 1;
    if (done % CHUNK === 0 && !goOn(done)) break;
  }
  return summary(base, figures, done);
}

function draw({ next, normal }: Chance, { u, shape }: BudgetPart): number {
  if (u === 0) return 0;
  if (shape === 'uniform') return u * Math.sqrt(3) * (2 * next() - 1);
  return shape === 'arcsine' ? u * Math.SQRT2 * Math.cos(2 * Math.PI * next()) : u * normal();
}

/** From so many degrees of freedom on a chi-square is drawn by its cube root, which is all but normal (Wilson-Hilferty). */
const MANY = 40;

/** Root of dof over a chi-square of so many degrees of freedom: what makes a normal a Student's t. */
function scatterFactor({ next, normal }: Chance, part: BudgetPart | undefined): number {
  const dof = part?.dof;
  if (dof === undefined || dof < 1) return 1;
  if (dof > MANY) return Math.sqrt(1 / (1 - 2 / (9 * dof) + normal() * Math.sqrt(2 / (9 * dof))) ** 3);
  let product = 1;
  for (let i = 0; i < Math.floor(dof / 2); i += 1) product *= 1 - next();
  const chiSquare = -2 * Math.log(Math.max(product, Number.MIN_VALUE)) + (dof % 2 === 1 ? normal() ** 2 : 0);
  return Math.sqrt(dof / chiSquare);
}

function summary(base: readonly number[], figures: readonly Float64Array[], n: number): Simulated {
  const used = figures.map((figure) => figure.subarray(0, n));
  const shift = used.map((figure) => figure.reduce((sum, one) => sum + one, 0) / n);
  return {
    trials: n,
    mean: base.map((value, k) => value + (shift[k] ?? 0)),
    U: used.map((figure, k) => {
      const off = figure.map((one) => Math.abs(one - (shift[k] ?? 0))).sort();
      return off[Math.min(n - 1, Math.ceil(0.95 * n) - 1)] ?? 0;
    }),
    covariance: used.map((a, j) =>
      used.map((b, k) => {
        let sum = 0;
        for (let i = 0; i < n; i += 1) sum += ((a[i] ?? 0) - (shift[j] ?? 0)) * ((b[i] ?? 0) - (shift[k] ?? 0));
        return sum / Math.max(1, n - 1);
      }),
    ),
  };
}
