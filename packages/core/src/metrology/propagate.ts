import { combine, type BudgetPart, type Uncertainty } from './uncertainty';

/** One thing that is not known exactly: what it adds to which value of the model. */
export interface UncertaintySource extends BudgetPart {
  /** Index of the value it acts on. */
  on: number;
}

/** An answer as a function of values, each with what may be wrong with it. mm and degrees. */
export interface Model {
  values: readonly number[];
  sources: readonly UncertaintySource[];
  /** The answer's figures, always in the same order. */
  of: (values: readonly number[]) => readonly number[];
}

/** An answer with its uncertainties and how they hang together. */
export interface Propagated {
  at: readonly number[];
  uncertainties: Uncertainty[];
  /** Covariance of each two figures. */
  covariance: number[][];
}

/** Step of the numerical derivatives, mm: far above the noise of float64, far below what matters. */
const STEP = 1e-4;

/** Share of a group's variance its largest part must hold for the group to keep that part's shape. */
const ALONE = 0.9;

/**
 * Law of propagation of uncertainty through any model (JCGM 100:2008, 5.1.2 and 5.2.2), derivatives numerical.
 * Sources of one name are one line of the budget: touches that share a scatter share its degrees of freedom.
 */
export function propagate({ values, sources, of }: Model): Propagated {
  const at = of(values);
  const slopes = values.map((value, i) => {
    const up = of(values.map((other, j) => (i === j ? value + STEP : other)));
    const down = of(values.map((other, j) => (i === j ? value - STEP : other)));
    return at.map((_, k) => ((up[k] ?? 0) - (down[k] ?? 0)) / (2 * STEP));
  });
  const slope = (source: UncertaintySource, k: number) => slopes[source.on]?.[k] ?? 0;
  return {
    at,
    uncertainties: at.map((_, k) =>
      combine(grouped(sources.map((one) => ({ ...one, u: one.u * Math.abs(slope(one, k)) })))),
    ),
    covariance: at.map((_, j) =>
      at.map((__, k) => sources.reduce((sum, one) => sum + one.u ** 2 * slope(one, j) * slope(one, k), 0)),
    ),
  };
}

function grouped(parts: readonly BudgetPart[]): BudgetPart[] {
  const names = [...new Set(parts.map(({ name }) => name))];
  return names.map((name) => {
    const group = parts.filter((part) => part.name === name);
    const variance = group.reduce((sum, { u }) => sum + u ** 2, 0);
    const largest = group.reduce((most, part) => (part.u > most.u ? part : most));
    const dof = group.find((part) => part.dof !== undefined)?.dof;
    return {
      name,
      u: Math.sqrt(variance),
      shape: largest.u ** 2 >= ALONE * variance ? largest.shape : 'normal',
      ...(dof !== undefined && { dof }),
    };
  });
}
