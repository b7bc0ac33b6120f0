import { countToText, roundToCount } from './round';
import { DEFAULT_DECIMALS, millimetresPer, type LengthUnit } from './unit';

/** How lengths are shown: the unit, its decimals, and whether a plus is written before positive ones. */
export interface LengthFormat {
  unit: LengthUnit;
  decimals?: number;
  plus?: boolean;
}

/** Decimals this format shows. */
export const decimalsOf = (format: LengthFormat): number => format.decimals ?? DEFAULT_DECIMALS[format.unit];

/** A length in millimetres as a whole count of the last digit shown. */
export const lengthCount = (mm: number, format: LengthFormat): number =>
  roundToCount(mm / millimetresPer(format.unit), decimalsOf(format));

/**
 * A length for people to read, without its unit; ties round away from zero, zero has no sign.
 *
 * @param mm length in millimetres
 * @example formatLength(-5, { unit: 'mm' }) // '−5.000'
 */
export function formatLength(mm: number, format: LengthFormat): string {
  return countToText(lengthCount(mm, format), decimalsOf(format), format.plus);
}

/** As {@link formatLength}, with the unit behind it: `−5.000 mm`. */
export const formatLengthUnit = (mm: number, format: LengthFormat): string =>
  `${formatLength(mm, format)} ${format.unit}`;

/** An angle in degrees to 0.001°, with its sign of degree. */
export const formatAngle = (degrees: number, decimals = 3): string =>
  `${countToText(roundToCount(degrees, decimals), decimals)}°`;
