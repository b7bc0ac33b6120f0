import { roundToCount } from '../units/round';
import { DEFAULT_DECIMALS, millimetresPer, type LengthUnit } from '../units/unit';

/** A figure as programs read it: a point, an ASCII minus, no minus zero. */
export const plainFigure = (value: number, decimals: number): string =>
  (roundToCount(value, decimals) / 10 ** decimals).toFixed(decimals);

/** A length in a unit, to its decimals, as programs read it. */
export const plainLength = (mm: number, unit: LengthUnit): string =>
  plainFigure(mm / millimetresPer(unit), DEFAULT_DECIMALS[unit]);

/** What a spreadsheet takes for the beginning of a formula, blanks before it and full-width forms of it too. */
const FORMULA = /^[\s\u00A0\uFEFF]*[=+\-@＝＋－＠]|^[\t\r\n]/;

/** A name that a spreadsheet would run as a formula gets an apostrophe before it; one that had it gets another, so that it comes back. */
export const safeText = (text: string): string => (FORMULA.test(text.replace(/^'+/, '')) ? `'${text}` : text);

/** A name as it was before it got an apostrophe. */
export const unsafeText = (text: string): string =>
  text.startsWith("'") && FORMULA.test(text.replace(/^'+/, '')) ? text.slice(1) : text;

/** JSON of a file, with or without a byte-order mark. @throws SyntaxError when it is none */
export const jsonOf = (text: string): unknown => JSON.parse(text.replace(/^\uFEFF/, ''));
