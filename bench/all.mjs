/** Every bench after the other, each in a process of its own, and at the end one table of every figure that has a goal. */
import { spawnSync } from 'node:child_process';
import { existsSync, readFileSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { ROOT, say } from '../scripts/lib/steps.mjs';
import { goalTable } from './lib/goal.mjs';

/** In this order: what needs a quiet machine first. */
const BENCHES = [
  'opening',
  'chunks',
  'frames',
  'readings',
  'growth',
  'book',
  'order',
  'program',
  'explainer',
  'calibration',
  'acts',
  'tests',
  'faults',
  'practice',
  'coverage',
];

export function benchAll() {
  say(`All ${BENCHES.length} benches. About an hour and a half; keep the machine quiet.`);
  const file = join(ROOT, '.build', 'goals.jsonl');
  const rows = [];
  for (const bench of BENCHES) {
    rmSync(file, { force: true });
    const { status } = spawnSync(process.execPath, [join(ROOT, 'scripts/bench.mjs'), bench], {
      stdio: 'inherit',
      env: { ...process.env, BENCH_GOALS: file },
    });
    const told = existsSync(file) ? readFileSync(file, 'utf8').trim().split('\n').filter(Boolean) : [];
    rows.push(...told.map((line) => ({ bench, ...JSON.parse(line) })));
    // A bench that broke is no figure that was met.
    if (status !== 0 || told.length === 0)
      rows.push({ bench, what: 'ran to its end and told its figures', value: 0, least: 1, unit: '', met: false });
  }
  console.log(`\n${goalTable(rows)}`);
  console.log(`\n${rows.filter(({ met }) => met).length} of ${rows.length} met`);
}
