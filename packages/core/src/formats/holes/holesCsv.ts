import Papa from 'papaparse';
import { MAX_HOLES } from '../../records/values/maxHoles';
import { Refusal } from '../../problem/problem';
import { parseLength } from '../../units/parseLength';
import type { LengthUnit } from '../../units/unit';
import { askUnit, checked, type FileHole, type ReadHoles } from '../../holes/fileHole';
import { plainFigure, plainLength, safeText, unsafeText } from '../plainFigure';
import { cellWords, refuseLongLines } from '../tableText';

const FIELDS = ['pattern', 'hole', 'x', 'y', 'unit', 'angle_deg', 'diameter', 'depth', 'note'];

/**
 * Positions as CSV (RFC 4180): `pattern,hole,x,y,unit,angle_deg,diameter,depth,note`, one line a hole, from part zero.
 * Figures are those on the screen, with a point and an ASCII minus, so any program reads them.
 */
export const positionsCsv = (holes: readonly FileHole[], unit: LengthUnit): string =>
  Papa.unparse(
    {
      fields: FIELDS,
      data: holes.map(({ group = '', hole, x, y, angle, diameter, depth, note = '' }) => [
        safeText(group),
        hole ?? '',
        plainLength(x, unit),
        plainLength(y, unit),
        unit,
        angle === undefined ? '' : plainFigure(angle, 3),
        diameter === undefined ? '' : plainLength(diameter, unit),
        depth === undefined ? '' : plainLength(depth, unit),
        safeText(note),
      ]),
    },
    { newline: '\r\n' },
  );

/** Rows that are read at most: more are too many holes anyway. */
const MOST_ROWS = 2 * MAX_HOLES + 1;

/**
 * Holes read from CSV or a pasted table: columns `x` and `y`, and where there are any `diameter`, `depth`, `note`,
 * `pattern` and `unit`; or figures alone as x, y and diameter. Parted by comma, semicolon or tab.
 *
 * @param unit of figures whose file does not say its own; undefined where it is not known either
 * @throws Refusal naming row and column; with the code `unit-unknown` where nobody says the unit
 * @example holesFromCsv('x;y\n10,5;20', 'mm').holes // [{ x: 10.5, y: 20 }]
 */
export function holesFromCsv(text: string, unit: LengthUnit | undefined): ReadHoles {
  const plain = text.replace(/^\uFEFF/, '').trim();
  refuseLongLines(plain);
  // A comma may be a decimal mark where columns are parted by something else, so that is looked for first.
  const firstLine = plain.split('\n', 1)[0] ?? '';
  const delimiter = [';', '\t'].find((mark) => firstLine.includes(mark)) ?? ',';
  const { data, errors } = Papa.parse<string[]>(plain, { skipEmptyLines: 'greedy', delimiter, preview: MOST_ROWS + 1 });
  const quoted = errors.find(({ type }) => type === 'Quotes');
  if (quoted) throw refuse((quoted.row ?? 0) + 1, 'text', 'its quotation marks are not closed');
  const names = (data[0] ?? []).map((cell) => cell.trim().toLowerCase());
  const headed = names.some((cell) => /[a-z]/.test(cell) && !/^[-+.\d]/.test(cell));
  const columns = headed ? names.map((name) => name.replace(/_(mm|in)$/, '')) : ['x', 'y', 'diameter'];
  for (const needed of ['x', 'y']) {
    if (!columns.includes(needed))
      throw new Refusal({
        code: 'missing-column',
        field: 'file',
        message: `The columns x and y are needed; this file has ${cellWords(names.filter((name) => name !== '').join(', ')) || 'none'}. Name them so in its first line.`,
      });
  }
  const units = new Set(headed ? names.flatMap((name) => /_(mm|in)$/.exec(name)?.[1] ?? []) : []);
  if (units.size > 1)
    throw new Refusal({
      code: 'mixed-units',
      field: 'file',
      message: 'Some columns are in mm and some in inches. Write all of them in one unit.',
    });
  const ofHeader = headed ? [...units][0] : undefined;
  const fallback = (ofHeader as LengthUnit | undefined) ?? unit;
  const rows = headed ? data.slice(1) : data;
  let last: LengthUnit | undefined;
  const holes = rows.map((cells, i): FileHole => {
    const row = i + (headed ? 2 : 1);
    if (cells.length > columns.length)
      throw refuse(
        row,
        'x',
        `it has ${cells.length} fields where ${columns.length} are expected. A decimal comma in a file parted by commas? Use a point, or part the columns by semicolons`,
      );
    const cell = (name: string) => (cells[columns.indexOf(name)] ?? '').trim();
    const own = cell('unit').toLowerCase();
    if (own !== '' && own !== 'mm' && own !== 'in') throw refuse(row, 'unit', `“${cell('unit')}” is neither mm nor in`);
    last = own === '' ? (fallback ?? askUnit()) : own;
    const inUnit = last;
    const length = (name: string): number => {
      const read = parseLength(cell(name), inUnit);
      if (!read.ok) throw refuse(row, name, `“${cell(name)}” is not a length. ${read.message}`);
      return read.mm;
    };
    const size = (name: string): number | undefined => {
      if (!columns.includes(name) || cell(name) === '') return undefined;
      const mm = length(name);
      if (mm <= 0) throw refuse(row, name, 'it must be greater than zero');
      return mm;
    };
    const [diameter, depth] = [size('diameter'), size('depth')];
    const [note, group] = [unsafeText(cell('note')), unsafeText(cell('pattern'))];
    return {
      x: length('x'),
      y: length('y'),
      ...(diameter !== undefined && { diameter }),
      ...(depth !== undefined && { depth }),
      ...(note !== '' && { note: note.slice(0, 80) }),
      ...(group !== '' && { group }),
    };
  });
  return checked({ holes, unit: last ?? unit ?? 'mm', skipped: [] });
}

const refuse = (row: number, column: string, why: string): Refusal =>
  new Refusal({
    code: 'bad-row',
    field: column,
    message: `Row ${row}, column “${column}”: ${why.replace(/\.$/, '')}. Nothing was taken over.`,
  });
