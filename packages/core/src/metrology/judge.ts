/** `good`: U is within a quarter of the tolerance; `marginal`: within it; `poor`: beyond it. */
export type Verdict = 'good' | 'marginal' | 'poor';

/**
 * What measuring may take up of a tolerance: a quarter, the usual 4:1 ratio.
 *
 * @param tolerance in any unit, zero or more
 * @example quarterOf(0.1) // 0.025
 */
export const quarterOf = (tolerance: number): number => tolerance / 4;

/**
 * Whether an answer is good enough for the job: a measurement should take up at most a quarter of
 * the tolerance it serves (the usual 4:1 ratio of ISO/IEC practice).
 *
 * @param U expanded uncertainty, mm
 * @param tolerance the ± the job allows, mm
 */
export function judge(U: number, tolerance: number): Verdict {
  const slack = 1e-9;
  if (U <= quarterOf(tolerance) + slack) return 'good';
  return U <= tolerance + slack ? 'marginal' : 'poor';
}
