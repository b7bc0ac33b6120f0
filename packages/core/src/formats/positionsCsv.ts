import Papa from 'papaparse';
import type { Pattern } from '../contract/setup';
import { boltCirclePositions } from '../positions/boltCircle';
import { DEFAULT_DECIMALS, millimetresPer, type LengthUnit } from '../units/unit';
import { roundToCount } from '../units/round';

/**
 * Positions as CSV (RFC 4180): `pattern,hole,x,y,unit,angle_deg`, one line a hole, from part zero.
 * Figures are those on the screen, with a point and an ASCII minus, so any program reads them.
 */
export function positionsCsv(patterns: readonly Pattern[], unit: LengthUnit): string {
  const rows = patterns.flatMap((pattern) =>
    boltCirclePositions(pattern.circle).map(({ hole, x, y, angle }) => [
      safeText(pattern.name),
      hole,
      plain(x / millimetresPer(unit), DEFAULT_DECIMALS[unit]),
      plain(y / millimetresPer(unit), DEFAULT_DECIMALS[unit]),
      unit,
      plain(angle, 3),
    ]),
  );
  return Papa.unparse({ fields: ['pattern', 'hole', 'x', 'y', 'unit', 'angle_deg'], data: rows }, { newline: '\r\n' });
}

const plain = (value: number, decimals: number): string =>
  (roundToCount(value, decimals) / 10 ** decimals).toFixed(decimals);

/** A name that a spreadsheet would run as a formula gets an apostrophe before it. */
const safeText = (text: string): string => (/^[=+\-@\t\r]/.test(text) ? `'${text}` : text);
