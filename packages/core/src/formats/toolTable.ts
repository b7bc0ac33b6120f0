import Papa from 'papaparse';
import { keepsTable, type LengthMethod } from '../zAndTools/schools';
import type { DialectName } from '../records/values/dialects';
import { PLAINEST } from '../records/values/dialects';
import { DIALECTS } from './dialect';
import { safeText, unsafeText } from './plainFigure';
import { commented } from './programText';
import { Refusal } from '../problem/problem';
import { formatLength } from '../units/formatLength';
import { millimetresPer, MAX_LENGTH, type LengthUnit } from '../units/unit';
import { cellWords, refuseLongLines } from './tableText';

/** One tool of a table: its number, its name, and its length in the table's school, mm. */
export interface ToolRow {
  number: number;
  name: string;
  length: number;
}

export interface ToolTable {
  school: LengthMethod;
  unit: LengthUnit;
  rows: ToolRow[];
}

/** Most tools a machine numbers. */
const MOST_ROWS = 9999;

const ascii = (mm: number, unit: LengthUnit): string => formatLength(mm, { unit }).replace('−', '-');

/** A table as CSV (RFC 4180): tool, name, length, unit, school. */
export const toolTableCsv = ({ school, unit, rows }: ToolTable): string =>
  Papa.unparse({
    fields: ['tool', 'name', 'length', 'unit', 'school'],
    data: rows.map(({ number, name, length }) => [number, safeText(name), ascii(length, unit), unit, school]),
  });

/** A table as JSON, lengths in millimetres. */
export const toolTableJson = (table: ToolTable): string =>
  `${JSON.stringify({ format: 'zero-point/tool-table/1', school: table.school, tools: table.rows }, null, 2)}\n`;

/** Whether a controller takes rows of its table from a program, and the school keeps a table at all. */
export const setsRows = (dialect: DialectName = PLAINEST, school: LengthMethod): boolean =>
  DIALECTS[dialect].row !== null && keepsTable(school);

/**
 * A table as lines that set length offsets, in the words of the machine's dialect (ISO 6983: G10; G21 mm, G20 inch).
 *
 * @throws Refusal where the dialect has no words for it, or every tool is touched again at its change
 */
export function toolTableProgram({ school, unit, rows }: ToolTable, dialect: DialectName = PLAINEST): string {
  const { row } = DIALECTS[dialect];
  if (row === null || !keepsTable(school))
    throw new Refusal({
      code: 'no-table-words',
      field: 'dialect',
      message:
        'This control’s words for a row of its tool table are not known. Type the rows by hand, or choose what its control understands.',
    });
  const lines = rows.map(({ number, name, length }) => `${row(number, ascii(length, unit))} ${commented(name, 40)}`);
  return ['%', commented(`Lengths kept ${school}`), unit === 'mm' ? 'G21' : 'G20', 'G90', ...lines, '%', ''].join('\n');
}

/** Largest table that is read, bytes: ten thousand tools with long names. */
export const LARGEST_TABLE = 2_000_000;

/**
 * A tool table read from CSV: columns `tool` (or `number`) and `length` (or `offset`), `unit` and `name` where there are any.
 *
 * @param unit of lengths whose row does not say its own
 * @throws Refusal with row and column when a column is missing, a value is no number, a tool stands twice, a length is
 * beyond 10 metres, decimal marks are mixed, or there are more than 9999 tools
 */
export function toolTableFromCsv(text: string, unit: LengthUnit): ToolRow[] {
  const plain = text.replace(/^\uFEFF/, '').trim();
  refuseLongLines(plain);
  const { data, errors } = Papa.parse<Record<string, string>>(plain, {
    header: true,
    skipEmptyLines: 'greedy',
    transformHeader: (name) => name.trim().toLowerCase(),
    preview: MOST_ROWS + 2,
  });
  const quoted = errors.find(({ type }) => type === 'Quotes');
  if (quoted) throw refuse((quoted.row ?? 0) + 2, 'text', 'its quotation marks are not closed');
  const longer = errors.find(({ code }) => code === 'TooManyFields');
  if (longer)
    throw refuse(
      (longer.row ?? 0) + 2,
      'length',
      'it has more fields than the first row names. A decimal comma in a file parted by commas? Use a point, or part the columns by semicolons',
    );
  const columns = Object.keys(data[0] ?? {});
  const number = pick(columns, ['tool', 'number'], 'tool');
  const length = pick(columns, ['length', 'offset'], 'length');
  if (data.length > MOST_ROWS) {
    throw new Refusal({
      code: 'too-many-tools',
      field: 'file',
      message: `The file has more than ${MOST_ROWS} lines; no machine has so many tools. See whether it is the right file.`,
    });
  }
  const marks = new Set(data.flatMap((row) => /[.,]/.exec(row[length] ?? '')?.[0] ?? []));
  if (marks.size > 1) {
    const [first] = marks;
    const at = data.findIndex((row) => (row[length] ?? '').includes(first === '.' ? ',' : '.'));
    throw refuse(at + 2, length, 'it has another decimal mark than the lines before; use one throughout');
  }
  const seen = new Map<number, number>();
  return data.map((row, i) => {
    const line = i + 2;
    const tool = Number((row[number] ?? '').trim().replace(/^T/i, ''));
    if (!Number.isInteger(tool) || tool < 1 || tool > 9999)
      throw refuse(line, number, 'a tool has a whole number from 1 to 9999');
    const before = seen.get(tool);
    if (before !== undefined) throw refuse(line, number, `tool ${tool} is already in row ${before}`);
    seen.set(tool, line);
    return {
      number: tool,
      name: unsafeText((row.name ?? '').trim()).slice(0, 80),
      length: lengthOf(row, length, line, unit),
    };
  });
}

function pick(columns: readonly string[], names: readonly string[], what: string): string {
  const found = names.find((name) => columns.includes(name));
  if (found !== undefined) return found;
  throw new Refusal({
    code: 'column-missing',
    field: what,
    message: `The file has no column “${names.join('” or “')}”. Its first row must name the columns.`,
  });
}

function lengthOf(row: Record<string, string>, column: string, line: number, unit: LengthUnit): number {
  const typed = (row[column] ?? '').trim().replace('−', '-').replace(',', '.');
  if (!/^[+-]?(\d+(?:\.\d*)?|\.\d+)$/.test(typed))
    throw refuse(line, column, `“${cellWords(row[column] ?? '')}” is no length`);
  const own = (row.unit ?? '').trim();
  if (own !== '' && own !== 'mm' && own !== 'in')
    throw refuse(line, 'unit', `“${cellWords(own)}” is neither mm nor in`);
  const mm = Number(typed) * millimetresPer(own === '' ? unit : (own as LengthUnit));
  if (Math.abs(mm) > MAX_LENGTH)
    throw refuse(line, column, 'that is more than 10 metres; check the decimal point and the unit');
  return mm;
}

const refuse = (row: number, column: string, why: string): Refusal =>
  new Refusal({
    code: 'bad-row',
    field: column,
    message: `Row ${row}, column “${column}”: ${why}. Nothing was taken over.`,
  });

/** What a table read from a file would change: only this is taken over, and only when it is said so. */
export interface TableChange {
  number: number;
  name: string;
  before: number | undefined;
  after: number;
}

/** Rows of a file that differ from the table there is, by more than what both are written to. */
export function tableChanges(now: readonly ToolRow[], file: readonly ToolRow[], step = 0.0005): TableChange[] {
  return file.flatMap(({ number, name, length }) => {
    const before = now.find((row) => row.number === number)?.length;
    return before !== undefined && Math.abs(before - length) < step ? [] : [{ number, name, before, after: length }];
  });
}
