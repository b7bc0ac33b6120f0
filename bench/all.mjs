/**
 * Every bench, each in a process of its own, and at the end one table of every figure that has a goal. What is timed runs
 * alone; what is only counted runs beside each other, as many as there are processors.
 */
import { spawn } from 'node:child_process';
import { existsSync, readFileSync, rmSync } from 'node:fs';
import { availableParallelism } from 'node:os';
import { join } from 'node:path';
import { ROOT, say } from '../scripts/lib/steps.mjs';
import { goalTable } from './lib/goal.mjs';

const TIMED = [
  'opening',
  'touchpage',
  'chunks',
  'frames',
  'readings',
  'growth',
  'book',
  'order',
  'program',
  'acts',
  'faults',
  'soak',
];

/** The longest first, so that nothing waits for one of them at the end. */
const COUNTED = ['coverage', 'practice', 'explainer', 'calibration', 'tests'];

/** Runs one bench; what it says comes as it says it, or all at once when it ended. */
function run(bench, atOnce) {
  const goals = join(ROOT, '.build', `goals-${bench}.jsonl`);
  rmSync(goals, { force: true });
  const child = spawn(process.execPath, [join(ROOT, 'scripts/bench.mjs'), bench], {
    stdio: ['ignore', atOnce ? 'pipe' : 'inherit', 'inherit'],
    env: { ...process.env, BENCH_GOALS: goals },
  });
  const told = [];
  child.stdout?.on('data', (text) => told.push(text));
  return new Promise((resolve) => {
    child.once('close', (status) => {
      process.stdout.write(Buffer.concat(told));
      const rows = existsSync(goals) ? readFileSync(goals, 'utf8').trim().split('\n').filter(Boolean) : [];
      // A bench that broke is no figure that was met.
      const broke = { what: 'ran to its end and told its figures', value: 0, least: 1, unit: '', met: false };
      const figures = rows.map((line) => JSON.parse(line));
      resolve([...figures, ...(status !== 0 || figures.length === 0 ? [broke] : [])].map((one) => ({ bench, ...one })));
    });
  });
}

export async function benchAll() {
  say(`All ${TIMED.length + COUNTED.length} benches. About an hour; keep the machine quiet.`);
  const rows = new Map();
  for (const bench of TIMED) rows.set(bench, await run(bench, false));
  const waiting = [...COUNTED];
  const hand = async () => {
    for (let bench = waiting.shift(); bench; bench = waiting.shift()) rows.set(bench, await run(bench, true));
  };
  await Promise.all(Array.from({ length: availableParallelism() }, hand));
  const all = [...TIMED, ...COUNTED].flatMap((bench) => rows.get(bench) ?? []);
  console.log(`\n${goalTable(all)}`);
  console.log(`\n${all.filter(({ met }) => met).length} of ${all.length} met`);
}
