import { Refusal } from '../problem/problem';

/** Longer no line of a table is, signs; and so much of what was read is told again. */
const LONGEST_LINE = 10_000;
const TOLD = 40;

/**
 * Looks through a table before it is taken apart: what has lines of a million signs is none.
 *
 * @throws Refusal `long-line` naming the line
 */
export function refuseLongLines(text: string): void {
  let line = 1;
  for (let from = 0; from <= text.length; line += 1) {
    const end = text.indexOf('\n', from);
    const to = end < 0 ? text.length : end;
    if (to - from > LONGEST_LINE)
      throw new Refusal({
        code: 'long-line',
        field: `row ${line}`,
        message: `Row ${line} is longer than ${LONGEST_LINE} characters, so this is no table. Choose another file.`,
      });
    from = to + 1;
  }
}

/** What stands in a cell, short enough to be told in a sentence. */
export const cellWords = (cell: string): string => (cell.length > TOLD ? `${cell.slice(0, TOLD)}…` : cell);
