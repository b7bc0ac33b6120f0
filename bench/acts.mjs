/** What each job takes: presses, digits and typed characters counted by its own end-to-end run, against the acts of a hand. */
import { existsSync, readFileSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { goal } from './lib/goal.mjs';
import { must, ROOT, tool } from '../scripts/lib/steps.mjs';

const FILE = join(ROOT, 'test-results', 'acts.jsonl');

/** Most presses of our own for one logged reading, its digits left out. */
const WANTED = 2;

export function benchActs() {
  rmSync(FILE, { force: true });
  must(tool('playwright'), ['test', '-c', 'e2e', 'jobs/', '--project=phone', '--reporter=line']);
  const rows = existsSync(FILE)
    ? readFileSync(FILE, 'utf8')
        .trim()
        .split('\n')
        .map((line) => JSON.parse(line))
    : [];
  const cell = (value, width) => String(value).padStart(width);
  console.log(
    `\n${'job'.padEnd(46)} ${['presses', 'digits', 'typed', 'readings', 'by hand', 'ratio'].map((one) => cell(one, 9)).join('')}`,
  );
  for (const { job, taps, digits, typed, readings, byHand } of rows) {
    const ratio = (taps / byHand).toFixed(2);
    console.log(
      `${job.slice(0, 45).padEnd(46)} ${[taps, digits, typed, readings, byHand, ratio].map((one) => cell(one, 9)).join('')}`,
    );
  }
  const sum = (key) => rows.reduce((total, row) => total + row[key], 0);
  console.log(
    `\n${rows.length} of 21 jobs; presses ${sum('taps')} against ${sum('byHand')} acts of a hand (reads, sums, notes), ratio ${(sum('taps') / sum('byHand')).toFixed(2)}, wanted 1.00 at most for each`,
  );
  const worst = Math.max(...rows.map(({ taps, byHand }) => taps / byHand));
  goal('jobs counted', rows.length, { least: 21 });
  goal('presses of the worst job against acts of a hand', worst, { most: 1 });
  console.log(`one press logs a reading; wanted ${WANTED} at most beside its digits`);
}
