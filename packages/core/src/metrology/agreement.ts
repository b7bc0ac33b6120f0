/** Two results of one and the same thing held against each other. Lengths mm. */
export interface AgreementOfTwo {
  /** The second less the first. */
  difference: number;
  /** U of that, at 95 %. */
  U: number;
  /** |difference| over U: at most 1 where they agree (ISO 13528:2022, 9.7). */
  en: number;
  agrees: boolean;
}

/**
 * Whether two results of one thing agree: E_n = |d| / √(U1² + U2²), at most 1.
 *
 * @throws RangeError when neither has any uncertainty, so that nothing can be said
 * @example agreementOf({ value: 0, U: 0.008 }, { value: 0.012, U: 0.006 }).en // 1.2
 */
export function agreementOf(first: { value: number; U: number }, second: { value: number; U: number }): AgreementOfTwo {
  const U = Math.hypot(first.U, second.U);
  if (!(U > 0)) throw new RangeError('two results without uncertainty cannot be held against each other');
  const difference = second.value - first.value;
  const en = Math.abs(difference) / U;
  return { difference, U, en, agrees: en <= 1 };
}
