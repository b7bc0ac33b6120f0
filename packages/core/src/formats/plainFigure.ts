import { roundToCount } from '../units/round';
import { DEFAULT_DECIMALS, millimetresPer, type LengthUnit } from '../units/unit';

/** A figure as programs read it: a point, an ASCII minus, no minus zero. */
export const plainFigure = (value: number, decimals: number): string =>
  (roundToCount(value, decimals) / 10 ** decimals).toFixed(decimals);

/** A length in a unit, to its decimals, as programs read it. */
export const plainLength = (mm: number, unit: LengthUnit): string =>
  plainFigure(mm / millimetresPer(unit), DEFAULT_DECIMALS[unit]);

/** A name that a spreadsheet would run as a formula gets an apostrophe before it. */
export const safeText = (text: string): string => (/^[=+\-@\t\r]/.test(text) ? `'${text}` : text);
