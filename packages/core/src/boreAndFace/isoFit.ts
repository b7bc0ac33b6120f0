import { Refusal } from '../problem/problem';
import { parseLength } from '../units/parseLength';

/** Limits of size of a hole, mm. */
export interface HoleLimits {
  nominal: number;
  low: number;
  high: number;
  /** As it is written: `26 H7`. */
  text: string;
}

/** Upper ends of the ranges of nominal size, mm; each starts above the one before (ISO 286-1:2010). */
const RANGES = [3, 6, 10, 18, 30, 50, 80, 120, 180, 250, 315, 400, 500];

/** Standard tolerances by grade and range, µm (ISO 286-1:2010, table 1). */
const GRADES: Readonly<Record<number, readonly number[]>> = {
  5: [4, 5, 6, 8, 9, 11, 13, 15, 18, 20, 23, 25, 27],
  6: [6, 8, 9, 11, 13, 16, 19, 22, 25, 29, 32, 36, 40],
  7: [10, 12, 15, 18, 21, 25, 30, 35, 40, 46, 52, 57, 63],
  8: [14, 18, 22, 27, 33, 39, 46, 54, 63, 72, 81, 89, 97],
  9: [25, 30, 36, 43, 52, 62, 74, 87, 100, 115, 130, 140, 155],
  10: [40, 48, 58, 70, 84, 100, 120, 140, 160, 185, 210, 230, 250],
  11: [60, 75, 90, 110, 130, 160, 190, 220, 250, 290, 320, 360, 400],
  12: [100, 120, 150, 180, 210, 250, 300, 350, 400, 460, 520, 570, 630],
  13: [140, 180, 220, 270, 330, 390, 460, 540, 630, 720, 810, 890, 970],
};

/** Lower deviation of holes that are larger than nominal whatever the grade, µm (ISO 286-1:2010, table 2). */
const LOWER: Readonly<Record<string, readonly number[]>> = {
  D: [20, 30, 40, 50, 65, 80, 100, 120, 145, 170, 190, 210, 230],
  E: [14, 20, 25, 32, 40, 50, 60, 72, 85, 100, 110, 125, 135],
  F: [6, 10, 13, 16, 20, 25, 30, 36, 43, 50, 56, 62, 68],
  G: [2, 4, 5, 6, 7, 9, 10, 12, 14, 15, 17, 18, 20],
  H: RANGES.map(() => 0),
};

/** Upper deviation of tight holes in grade 7, the grade they are bored to, µm (ISO 286-2:2010). */
const UPPER_7: Readonly<Record<string, readonly number[]>> = {
  K: [0, 3, 5, 6, 6, 7, 9, 10, 12, 13, 16, 17, 18],
  M: [-2, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0],
  N: [-4, -4, -4, -5, -7, -8, -9, -10, -12, -14, -14, -16, -17],
  P: [-6, -8, -9, -11, -14, -17, -21, -24, -28, -33, -36, -41, -45],
};

const refuse = (message: string): never => {
  throw new Refusal({ code: 'unknown-fit', field: 'fit', message });
};

/** So many characters a fit has at most. */
const LONGEST = 80;

/**
 * Limits of a hole from its fit as it stands on a drawing: nominal size, in millimetres unless it says its unit, letter
 * and grade. Ranges and deviations are those of the size in millimetres, whatever it was drawn in.
 * Known: D, E, F, G, H and JS in grades 5 to 13, K, M, N and P in grade 7, up to 500 mm (ISO 286-1 and -2:2010).
 *
 * @throws Refusal when the text is no fit, or one that is not known here
 * @example isoFit('26 H7') // { nominal: 26, low: 26, high: 26.021, text: '26 H7' }
 */
export function isoFit(text: string): HoleLimits {
  const said = text.length > LONGEST ? '' : text.trim();
  const read = /([A-Za-z]{1,2})\s{0,20}(\d{1,2})$/.exec(said);
  const [, letters = '', gradeText = ''] = read ?? [];
  const size = said.slice(0, read?.index ?? 0).trim();
  const length = parseLength(size, 'mm');
  if (!read || !length.ok) return refuse('Type the size and the fit, as 26 H7 or 1 in H7; a bare number is in mm.');
  const nominal = length.mm;
  if (letters !== letters.toUpperCase())
    return refuse(`${letters}${gradeText} with small letters is a shaft; a bore has capitals, as H7.`);
  const range = RANGES.findIndex((upTo) => nominal <= upTo);
  if (nominal <= 0 || range < 0)
    return refuse('Fits are known for sizes over 0 and up to 500 mm. Type the two limits.');
  const band = GRADES[Number(gradeText)]?.[range];
  if (band === undefined)
    return refuse(`Grade ${gradeText} is not known here; grades 5 to 13 are. Type the two limits.`);
  const lower = lowerDeviation(letters, Number(gradeText), range, band);
  if (lower === undefined)
    return refuse(
      `${letters}${gradeText} is not known here. D to H and JS are in grades 5 to 13. K, M, N and P are in grade 7. Type the two limits.`,
    );
  return {
    nominal,
    low: nominal + lower / 1000,
    high: nominal + (lower + band) / 1000,
    text: `${size.replace(',', '.')} ${letters}${Number(gradeText)}`,
  };
}

function lowerDeviation(letters: string, grade: number, range: number, band: number): number | undefined {
  if (letters === 'JS') return -band / 2;
  const upper = grade === 7 ? UPPER_7[letters]?.[range] : undefined;
  return upper === undefined ? LOWER[letters]?.[range] : upper - band;
}
