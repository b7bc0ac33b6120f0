/**
 * Manual jobs of every kind on the practice mill, done by a scripted hand to the letter: how often the tool ends within the ±
 * that was said of its depth. `npm run bench -- depths`.
 */
import { goal } from './lib/goal.mjs';
import { DEPTH_KINDS, depthJob, depthShares, type DepthJob } from '../packages/core/testing/trials/depthJob';

const JOBS = 10_000;
const each = Math.ceil(JOBS / DEPTH_KINDS.length);

console.log(`${each * DEPTH_KINDS.length} jobs, ${each} of each kind:`);
const all: DepthJob[] = [];
let least = 100;
for (const [k, kind] of DEPTH_KINDS.entries()) {
  const jobs = Array.from({ length: each }, (_, i) => depthJob(kind, 100_000 * (k + 1) + i));
  all.push(...jobs);
  const { within, beyond } = depthShares(jobs);
  least = Math.min(least, 100 * within);
  const U = jobs.reduce((sum, one) => sum + one.U, 0) / jobs.length;
  const name = `${kind.school}, ${kind.reads}, down by the ${kind.by}`;
  console.log(`  ${name.padEnd(50)} ${(100 * within).toFixed(1)} % within ±${U.toFixed(3)} mm, ${beyond} beyond 3 U`);
}
const { within, beyond } = depthShares(all);
goal('depths within their stated ±, all kinds', 100 * within, { least: 94, unit: ' %' });
goal('the least kind', least, { least: 90, unit: ' %' });
goal('depths beyond three times their ±', beyond, { most: 0 });
