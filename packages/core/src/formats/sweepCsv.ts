import Papa from 'papaparse';
import { MAX_SWEEP } from '../schema/maxSweep';
import { Refusal } from '../problem/problem';
import { cellWords, refuseLongLines } from './tableText';
import { parseLength } from '../units/parseLength';
import type { LengthUnit } from '../units/unit';

export interface SweepPoint {
  angle: number;
  reading: number;
}

const refuse = (row: number, column: string, message: string): never => {
  throw new Refusal({
    code: 'bad-csv',
    field: `row ${row}, ${column}`,
    message: `Row ${row}, column ${column}: ${message}`,
  });
};

/**
 * An indicator sweep from CSV (RFC 4180; comma, semicolon or tab): a column `angle` in degrees and a column `reading`,
 * by name or as the first two. A reading column named `reading_mm` or `reading_in` says its unit; else `unit` is used.
 *
 * @param unit unit of a column that does not say its own
 * @throws Refusal naming row and column, with the remedy
 * @example sweepFromCsv('angle,reading\n0,0.06\n90,-0.02\n180,-0.04', 'mm').length // 3
 */
export function sweepFromCsv(text: string, unit: LengthUnit): SweepPoint[] {
  const plain = text.replace(/^\uFEFF/, '').trim();
  refuseLongLines(plain);
  // A comma may be a decimal mark where columns are parted by something else, so that is looked for first.
  const delimiter = [';', '\t'].find((mark) => plain.split('\n', 1)[0]?.includes(mark)) ?? ',';
  const { data } = Papa.parse<string[]>(plain, { skipEmptyLines: 'greedy', delimiter });
  const [first, ...others] = data;
  if (!first)
    throw new Refusal({
      code: 'empty-csv',
      field: 'file',
      message: 'The file is empty. Choose one with the columns angle and reading.',
    });
  const names = first.map((cell) => cell.trim().toLowerCase());
  const headed = names.some((cell) => /[a-z]/.test(cell));
  const angleAt = headed ? names.findIndex((cell) => /^angle(_deg)?$/.test(cell)) : 0;
  const readingAt = headed ? names.findIndex((cell) => /^reading(_mm|_in)?$/.test(cell)) : 1;
  if (angleAt < 0 || readingAt < 0 || first.length < 2) {
    throw new Refusal({
      code: 'missing-column',
      field: 'file',
      message: `The columns angle and reading are needed; this file has ${cellWords(names.filter((cell) => cell !== '').join(', ')) || 'none'}. Name them so in its first line.`,
    });
  }
  const named = headed ? /_(mm|in)$/.exec(names[readingAt] ?? '')?.[1] : undefined;
  const readingUnit = named === 'mm' || named === 'in' ? named : unit;
  const rows = headed ? others : data;
  if (rows.length > MAX_SWEEP) {
    throw new Refusal({
      code: 'too-many-rows',
      field: 'file',
      message: `The file has ${rows.length} readings; at most ${MAX_SWEEP} can be taken. Leave some out.`,
    });
  }
  return rows.map((cells, i) => {
    const row = i + (headed ? 2 : 1);
    const angleText = (cells[angleAt] ?? '').trim().replace(',', '.');
    if (!/^[+-]?(\d+(?:\.\d*)?|\.\d+)$/.test(angleText))
      refuse(row, 'angle', `“${cellWords(cells[angleAt] ?? '')}” is not an angle in degrees.`);
    const angle = Number(angleText);
    if (Math.abs(angle) > 3600) refuse(row, 'angle', 'An angle must be between -3600 and 3600 degrees.');
    const read = parseLength(cells[readingAt] ?? '', readingUnit);
    if (!read.ok)
      return refuse(row, 'reading', `“${cellWords(cells[readingAt] ?? '')}” is not a reading. ${read.message}`);
    return { angle, reading: read.mm };
  });
}
