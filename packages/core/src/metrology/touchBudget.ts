import type { BudgetPart } from './uncertainty';
import type { Repeats } from './repeats';

/** What is known of a way of touching before today's readings. All in mm. */
export interface TouchMethod {
  /** Display step of the scale read. */
  resolution: number;
  /** The method's own standard deviation from the shop's log, or its default. */
  methodSd: number;
  /** Degrees of freedom behind `methodSd`; 10 unless the log says more. */
  methodDof?: number | undefined;
}

/** What is known of the finder or gauge itself. All in mm, standard uncertainties. */
export interface TouchContact {
  finderU: number;
  gaugeU?: number | undefined;
  backlashU?: number | undefined;
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

/** The display step as a uniform of one step's width (JCGM 100:2008, F.2.2.1). */
export const displayPart = (method: TouchMethod, name = 'display step'): BudgetPart => ({
  name,
  u: method.resolution / Math.sqrt(12),
  shape: 'uniform',
});

/** The budget of one touched face or surface. */
export function touchBudget(repeats: Repeats, method: TouchMethod, contact: TouchContact): BudgetPart[] {
  return [
    repeatPart(repeats, method),
    displayPart(method),
    { name: 'finder', u: contact.finderU, shape: 'normal' },
    { name: 'gauge size', u: contact.gaugeU ?? 0, shape: 'normal' },
    standingPart(contact.standingTir ?? 0),
    { name: 'backlash left', u: contact.backlashU ?? 0, shape: 'normal' },
  ];
}

/** Run-out of a contact that stands still, its high side unknown: an eccentricity of half the TIR (JCGM 100:2008, 4.3). */
export const standingPart = (tir: number): BudgetPart => ({
  name: 'run-out, standing',
  u: tir / Math.sqrt(8),
  shape: 'arcsine',
});
