/**
 * A number as a whole count of 10^-decimals, ties rounded away from zero.
 *
 * Rounds the 15-digit decimal a person would write for the number, not its binary expansion,
 * so 1.0005 counts 1001 thousandths although its float lies just below the tie.
 *
 * @example roundToCount(-1.0005, 3) // -1001
 */
export function roundToCount(value: number, decimals: number): number {
  const [digits = '0', exponent = '0'] = Math.abs(value).toPrecision(15).split('e');
  const count = Math.round(Number(`${digits}e${Number(exponent) + decimals}`));
  return value < 0 && count !== 0 ? -count : count;
}

/** A whole count of 10^-decimals written out: `countToText(-5, 3)` is `−0.005`. */
export function countToText(count: number, decimals: number, plus = false): string {
  const digits = String(Math.abs(count)).padStart(decimals + 1, '0');
  const whole = digits.slice(0, digits.length - decimals);
  const body = decimals === 0 ? whole : `${whole}.${digits.slice(-decimals)}`;
  return `${count < 0 ? MINUS : plus && count > 0 ? '+' : ''}${body}`;
}

/** The typographic minus: as wide as a plus, so a sign is seen from two metres and read aloud as "minus". */
export const MINUS = '\u2212';
