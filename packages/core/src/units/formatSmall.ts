import { decimalsOf, formatLengthUnit, lengthCount, type LengthFormat } from './formatLength';

/** So many decimals more at most. */
const MORE = 2;

/**
 * A step, a limit or a ± for people to read, with its unit: as {@link formatLengthUnit}, but where that would show nothing of
 * something, with the decimals it needs. mm.
 *
 * @example formatSmall(0.001, { unit: 'in' }) // '0.00004 in'
 * @example formatSmall(0.01, { unit: 'mm' }) // '0.010 mm'
 */
export function formatSmall(mm: number, format: LengthFormat): string {
  const start = decimalsOf(format);
  let decimals = start;
  while (mm !== 0 && decimals < start + MORE && lengthCount(mm, { ...format, decimals }) === 0) decimals += 1;
  return formatLengthUnit(mm, { ...format, decimals });
}
