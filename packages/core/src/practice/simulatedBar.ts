import type { Chance } from '../metrology/chance';

/** A boring bar that springs: what only the mill knows. mm on the diameter. */
export interface SpringyBar {
  /** Share of a cut it takes, and how much must be set before it cuts at all. */
  k: number;
  c: number;
  /** Scatter of a cut, and of measuring. */
  cutSd: number;
  measureSd: number;
}

/** The bore after a pass set to `set`. */
export const boredTo = (bar: SpringyBar, bore: number, set: number, dice: Chance): number =>
  Math.max(bore, bore + bar.k * (set - bore - bar.c) + bar.cutSd * dice.normal());

/** What the gauge says of it. */
export const gauged = (bar: SpringyBar, bore: number, dice: Chance): number => bore + bar.measureSd * dice.normal();
