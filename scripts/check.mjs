/**
 * What a change reaches, checked while working: types of the parts it touches, lint and format of its files, the units that
 * import them, and the end-to-end files of its subjects. `npm run check -- main` compares with another commit than the last.
 */
import { spawnSync } from 'node:child_process';
import { build } from './lib/build.mjs';
import { endToEndOf, partsOf } from './lib/reach.mjs';
import { ensureChromium, ensureInstalled, ROOT, run, say, tool, TSC } from './lib/steps.mjs';

const git = (...args) =>
  spawnSync('git', args, { cwd: ROOT, encoding: 'utf8' })
    .stdout.split('\n')
    .filter((line) => line !== '');

const base = process.argv[2] ?? 'HEAD';
const changed = [
  ...git('diff', '--name-only', '--diff-filter=d', base),
  ...git('ls-files', '--others', '--exclude-standard'),
];
const scripts = changed.filter((file) => /\.(ts|tsx|js|mjs|cjs)$/.test(file));
if (changed.length === 0) {
  say(`Nothing differs from ${base}.`);
  process.exit(0);
}

ensureInstalled();
const failed = [];
const check = (name, program, args) => {
  say(name);
  if (run(program, args) !== 0) failed.push(name);
};

for (const part of partsOf(scripts)) check(`Types of ${part}`, TSC, ['--noEmit', '-p', part]);
if (scripts.length > 0) check('Lint', tool('eslint'), ['--max-warnings', '0', ...scripts]);
check('Format', tool('prettier'), ['--check', '--ignore-unknown', '--log-level', 'warn', ...changed]);
const sources = scripts.filter((file) => /^(packages|apps)\//.test(file));
if (sources.length > 0)
  check('Units that import it', tool('jest'), [
    '--maxWorkers=100%',
    '--passWithNoTests',
    '--findRelatedTests',
    ...sources,
  ]);
const pages = endToEndOf(changed);
if (pages.length > 0) {
  ensureChromium();
  build();
  check('End to end', tool('playwright'), ['test', '-c', 'e2e', '--project=phone', ...pages]);
}

for (const name of failed) console.error(`✗ ${name}`);
console.log(failed.length === 0 ? '\nAll that it reaches passed.' : `\n${failed.length} failed`);
process.exit(failed.length === 0 ? 0 : 1);
