import Papa from 'papaparse';
import type { Pattern } from '../contract/setup';
import { boltCirclePositions } from '../positions/boltCircle';
import type { HolePosition } from '../positions/boltCircle.schema';
import { rotate } from '../positions/rotate';
import { DEFAULT_DECIMALS, millimetresPer, type LengthUnit } from '../units/unit';
import { roundToCount } from '../units/round';

/**
 * Positions as CSV (RFC 4180): `pattern,hole,x,y,unit,angle_deg`, one line a hole, from part zero.
 * A part that lies turned has its rotation carried, in degrees: the figures are where the machine must go.
 * Figures are those on the screen, with a point and an ASCII minus, so any program reads them.
 */
export function positionsCsv(patterns: readonly Pattern[], unit: LengthUnit, rotation = 0): string {
  const rows = patterns.flatMap((pattern) =>
    turned(pattern, rotation).map(({ hole, x, y, angle }) => [
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

const turned = (pattern: Pattern, rotation: number): HolePosition[] =>
  boltCirclePositions(pattern.circle).map((hole) => ({ ...rotate(hole, rotation), angle: hole.angle + rotation }));

const plain = (value: number, decimals: number): string =>
  (roundToCount(value, decimals) / 10 ** decimals).toFixed(decimals);

/** A name that a spreadsheet would run as a formula gets an apostrophe before it. */
const safeText = (text: string): string => (/^[=+\-@\t\r]/.test(text) ? `'${text}` : text);
