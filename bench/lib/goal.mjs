/** Figures held against their goals: each run tells them to the table of all, where that was asked for. */
import { appendFileSync } from 'node:fs';

/**
 * Holds a figure against its goal.
 *
 * @param what the figure, in words
 * @param value as measured
 * @param least,most the goal: at least, or at most, so much
 * @param unit of both, as it is printed after them; none for a ratio
 * @returns whether it is met
 */
export function goal(what, value, { least, most, unit = '' }) {
  const met = (least === undefined || value >= least) && (most === undefined || value <= most);
  const file = process.env.BENCH_GOALS;
  if (file) appendFileSync(file, `${JSON.stringify({ what, value, least, most, unit, met })}\n`);
  return met;
}

const digits = (value) => (Number.isInteger(value) ? String(value) : value.toFixed(Math.abs(value) < 10 ? 2 : 1));

/** One table of all of them, met or not. */
export function goalTable(rows) {
  const cells = rows.map(({ bench, what, value, least, most, unit, met }) => [
    bench,
    what,
    `${digits(value)}${unit}`,
    least === undefined ? `≤ ${digits(most)}${unit}` : `≥ ${digits(least)}${unit}`,
    met ? 'met' : 'MISSED',
  ]);
  const head = ['bench', 'figure', 'measured', 'goal', ''];
  const wide = head.map((_, i) => Math.max(...[head, ...cells].map((row) => row[i].length)));
  return [head, ...cells]
    .map((row) =>
      row
        .map((cell, i) => cell.padEnd(wide[i]))
        .join('  ')
        .trimEnd(),
    )
    .join('\n');
}
