import Papa from 'papaparse';
import { Refusal } from '../problem/problem';
import type { IndexTableOutput } from '../rotary/indexTable.schema';
import type { LengthUnit } from '../units/unit';
import { plainFigure, plainLength, safeText } from './plainFigure';
import { commented } from './programText';

type Rows = IndexTableOutput['rows'];

const LETTERS = ['A', 'B', 'C'] as const;

/** Offsets per index as CSV (RFC 4180): `index,A,B,C,offset,x,y,z,u_x,u_y,u_z,unit`, machine coordinates of part zero. */
export const indexCsv = (rows: Rows, unit: LengthUnit): string =>
  Papa.unparse(
    {
      fields: ['index', ...LETTERS, 'offset', 'x', 'y', 'z', 'u_x', 'u_y', 'u_z', 'unit'],
      data: rows.map(({ name, commands, workOffset, datum, U }) => [
        safeText(name),
        ...LETTERS.map((axis) => (commands[axis] === undefined ? '' : plainFigure(commands[axis], 3))),
        workOffset ?? '',
        ...[datum.x, datum.y, datum.z, U.x, U.y, U.z].map((mm) => plainLength(mm, unit)),
        unit,
      ]),
    },
    { newline: '\r\n' },
  );

/** Numbers a line that sets a work offset knows them by (ISO 6983, G10 L2). */
const NUMBERS: Readonly<Record<string, number>> = { G54: 1, G55: 2, G56: 3, G57: 4, G58: 5, G59: 6 };

/**
 * Lines that set the work offset of each index (ISO 6983: G10 L2; G21 mm, G20 inch), its angles in a remark.
 *
 * @throws Refusal naming the index that has no offset, one that no such line can set, or one that is beyond what the machine can do
 */
export function offsetLines(rows: Rows, unit: LengthUnit): string {
  const lines = rows.map(({ name, commands, workOffset, datum, problems }) => {
    const number = NUMBERS[workOffset ?? ''];
    if (number === undefined) {
      throw new Refusal({
        code: 'no-offset',
        field: 'workOffset',
        message: `${name} has ${workOffset === null ? 'no work offset yet' : `${workOffset}, which no line of a program sets`}. Give it one of G54 to G59, or type its figures by hand.`,
      });
    }
    if (problems.length > 0) {
      throw new Refusal({
        code: 'index-problem',
        field: name,
        message: `${name} cannot be reached now. Correct it first.`,
      });
    }
    const angles = LETTERS.flatMap((axis) => {
      const command = commands[axis];
      return command === undefined ? [] : [`${axis}${plainFigure(command, 3)}`];
    }).join(' ');
    const [x, y, z] = [datum.x, datum.y, datum.z].map((mm) => plainLength(mm, unit));
    return `G10 L2 P${number} X${x ?? ''} Y${y ?? ''} Z${z ?? ''} ${commented(`${name} ${angles}`.trim(), 40)}`;
  });
  return ['%', commented('Part zero at each index'), unit === 'mm' ? 'G21' : 'G20', 'G90', ...lines, '%', ''].join(
    '\n',
  );
}
