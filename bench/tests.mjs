/** How much of the code is tests, by lines of what git keeps. */
import { execFileSync } from 'node:child_process';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { ROOT } from '../scripts/lib/steps.mjs';
import { goal } from './lib/goal.mjs';

const CODE = /\.(ts|tsx|mjs|js|sql)$/;
const TEST = /(\.test\.|\.spec\.|\.case\.|^e2e\/|^scripts\/test\/|\/fixtures\/)/;

export function benchTests() {
  const files = execFileSync('git', ['ls-files'], { cwd: ROOT, encoding: 'utf8' })
    .split('\n')
    .filter((one) => CODE.test(one));
  const lines = (path) => readFileSync(join(ROOT, path), 'utf8').split('\n').length;
  const count = (all) => all.reduce((sum, path) => sum + lines(path), 0);
  const [all, tests] = [count(files), count(files.filter((path) => TEST.test(path)))];
  const share = (100 * tests) / all;
  console.log(`\n${tests} of ${all} lines of code are tests: ${share.toFixed(1)} % (goal 25 to 33 %)`);
  goal('share of code that is tests', share, { least: 25, unit: ' %' });
  goal('share of code that is tests, no more', share, { most: 33, unit: ' %' });
}
