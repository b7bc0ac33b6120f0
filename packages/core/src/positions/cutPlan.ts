import type { CutPlan } from '../contract/cutPlan';

/** A set-up nobody has planned any cutting for yet. */
export const EMPTY_CUT_PLAN: CutPlan = { bores: [] };
