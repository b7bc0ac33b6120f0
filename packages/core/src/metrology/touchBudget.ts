import type { BudgetPart } from './uncertainty';
import type { Repeats } from './repeats';
import { roundedAlike, roundingOfMean } from './roundingOfMean';

/** What is known of a way of touching before today's readings. All in mm. */
export interface TouchMethod {
  /** Step really read or moved by: a digit of the display, a line of the dial, a jog step where that is coarser. */
  resolution: number;
  /** The method's own standard deviation from the shop's log, or its default. */
  methodSd: number;
  /** Degrees of freedom behind `methodSd`; 10 unless the log says more. */
  methodDof?: number | undefined;
}

/**
 * What is known of the finder or gauge itself. All in mm, standard uncertainties. Its error has two parts: where it trips,
 * anew in every direction and not averaged by repeats at one place; and its size, the same at every touch.
 */
export interface TouchContact {
  uTouch: number;
  /** Of its effective radius, or of its thickness under a tool. */
  uSize: number;
  /** Of a feeler or paper that stands between, where that is known by itself. */
  uGauge?: number | undefined;
  uBacklash?: number | undefined;
  /** Total indicator reading of a contact that stands still, its high side unknown. */
  standingTir?: number | undefined;
}

const DEFAULT_METHOD_DOF = 10;

/**
 * The repeat part of a mean: what the shop knows of the method pooled with what was just seen,
 * so that a single touch has a ± too (JCGM 100:2008, 4.2 and H.3.6, pooled experimental variance).
 */
export function repeatPart(repeats: Repeats, method: TouchMethod, name = 'repeats'): BudgetPart {
  const { variance, dof } = pooledVariance(method, (repeats.n - 1) * repeats.sd ** 2, repeats.n - 1);
  return { name, u: Math.sqrt(variance / repeats.n), shape: 'normal', dof };
}

/** What is known of a method pooled with the squares just seen about a mean, a line or a circle. */
export function pooledVariance(
  method: TouchMethod,
  squares: number,
  seenDof: number,
): { variance: number; dof: number } {
  const v0 = method.methodDof ?? DEFAULT_METHOD_DOF;
  const dof = v0 + seenDof;
  return { variance: (v0 * method.methodSd ** 2 + squares) / dof, dof };
}

/**
 * The display step in a mean of repeats, each of them rounded: a uniform of one step's width where they scatter less than
 * the step shows, narrower and all but normal where they scatter across steps (JCGM 100:2008, F.2.2.1).
 */
export function displayPart(repeats: Repeats, method: TouchMethod, name = 'display step'): BudgetPart {
  const sd = Math.sqrt(pooledVariance(method, (repeats.n - 1) * repeats.sd ** 2, repeats.n - 1).variance);
  const { resolution } = method;
  const alike = repeats.n === 1 || resolution === 0 || roundedAlike(sd / resolution) > 0.5;
  return { name, u: roundingOfMean(resolution, repeats.n, sd), shape: alike ? 'uniform' : 'normal' };
}

/** The names budgets give a finder's two parts, so that a screen can say what holds an answer back. */
export const TOUCH_PART = 'feel of the touch';
export const SIZE_PART = 'size of the finder';

/** The budget of one touched face or surface. */
export function touchBudget(repeats: Repeats, method: TouchMethod, contact: TouchContact): BudgetPart[] {
  return [
    repeatPart(repeats, method),
    displayPart(repeats, method),
    { name: TOUCH_PART, u: contact.uTouch, shape: 'normal' },
    { name: SIZE_PART, u: contact.uSize, shape: 'normal' },
    { name: 'size of the feeler', u: contact.uGauge ?? 0, shape: 'normal' },
    stoppedRunOutPart(contact.standingTir ?? 0),
    { name: 'backlash left', u: contact.uBacklash ?? 0, shape: 'normal' },
  ];
}

/** Run-out of a contact that stands still, its high side unknown: an eccentricity of half the TIR (JCGM 100:2008, 4.3). */
export const stoppedRunOutPart = (tir: number): BudgetPart => ({
  name: 'run-out, standing',
  u: tir / Math.sqrt(8),
  shape: 'arcsine',
});
