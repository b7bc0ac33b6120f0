/// <reference path="../types/jstat.d.ts" />
import jstat from 'jstat';
import type { BudgetPart } from './uncertainty';

/** Largest less smallest of so many normal readings of one and the same thing, standard deviation 1, on average (Blom's scores). */
const expectedSpread = (n: number): number => 2 * jstat.normal.inv((n - 0.375) / (n + 0.25), 0, 1);

/**
 * What is not known of a largest less smallest reading, mm. It is a difference of two readings; and of many places scatter
 * picks the two that lie furthest apart, so it reads high: by as much as so many readings of a true tool would spread,
 * where what was seen is not over that, and by less where it is. That bias is not taken off, so all of it goes into u.
 *
 * @param seen largest less smallest, mm
 * @param n places read, two or more
 * @param sd standard deviation of one reading, mm
 * @param dof degrees of freedom behind it
 */
export function spreadParts(seen: number, n: number, sd: number, dof: number): BudgetPart[] {
  if (sd === 0) return [];
  const noise = expectedSpread(n) * sd;
  const bias = Math.max(0, noise - expectedSpread(2) * sd) * Math.min(1, noise / Math.max(seen, noise));
  return [
    { name: 'scatter of two readings', u: sd * Math.SQRT2, shape: 'normal', dof },
    { name: 'scatter reads high', u: bias, shape: 'normal' },
  ];
}
