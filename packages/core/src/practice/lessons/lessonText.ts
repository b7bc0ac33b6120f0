import { formatLength, formatLengthUnit } from '../../units/formatLength';
import type { LengthUnit } from '../../units/unit';

/** A length in a lesson's sentence: `{−5.000}` as a scale shows it, `{0.5 mm}` with its unit behind. */
const LENGTH = /\{([+−]?)(\d+(?:\.(\d+))?)( mm)?\}/g;

/** An inch is told to one place more than a millimetre, and to a hundredth at least. */
const decimalsIn = (unit: LengthUnit, inMillimetres: number): number =>
  unit === 'mm' ? inMillimetres : Math.max(2, inMillimetres + 1);

/**
 * A lesson's sentence as it is said in a unit. Lengths stand in it in braces, in millimetres and to the places that they
 * are told to; what is in no braces is said as it stands.
 *
 * @example lessonText('Raise {20}, set X to {−5.000}.', 'in') // 'Raise 0.79, set X to −0.1969.'
 */
export const lessonText = (text: string, unit: LengthUnit): string =>
  text.replace(LENGTH, (_, sign: string, digits: string, places = '', told?: string) => {
    const mm = (sign === '−' ? -1 : 1) * Number(digits);
    const format = { unit, decimals: decimalsIn(unit, places.length), plus: sign === '+' };
    return told === undefined ? formatLength(mm, format) : formatLengthUnit(mm, format);
  });
