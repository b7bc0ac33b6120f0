import type { BudgetPart } from './uncertainty';

/** A tool raised in steps until a gauge just passes: how far each step goes, and whether half of it is used. */
export interface Search {
  /** mm. */
  step: number;
  takeHalf: boolean;
}

/**
 * What the last step of a search leaves open. The tip stands anywhere between the gauge and a step above it: about the
 * middle a uniform of one step's width; about the gauge itself anything from nothing to the whole step, which a symmetric
 * ± covers as a uniform of twice the width does (JCGM 100:2008, 4.3.7 and F.2.4.4).
 */
export const searchPart = ({ step, takeHalf }: Search, name = 'step of the search'): BudgetPart => ({
  name,
  u: step / Math.sqrt(takeHalf ? 12 : 3),
  shape: 'uniform',
});
