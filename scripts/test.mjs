/**
 * Everything that must hold: types, lint, units of core, server and app, the dependency rule, end to end.
 * Runs every suite even when one fails, and closes with one count of all together.
 */
import { spawnSync } from 'node:child_process';
import { existsSync, mkdirSync, readFileSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { build } from './lib/build.mjs';
import { ensureChromium, ensureInstalled, ROOT, run, say, tool } from './lib/steps.mjs';

const RESULTS = join(ROOT, 'test-results');
const counts = { passed: 0, failed: 0 };

/** One check that either passes or fails as a whole. */
function check(name, program, args) {
  const code = run(program, args);
  if (code === 0) counts.passed += 1;
  else {
    counts.failed += 1;
    console.error(`✗ ${name}`);
  }
}

/** Adds a suite's own counts; a suite that failed without saying how many counts as one failure. */
function add(name, code, passed, failed) {
  counts.passed += passed;
  counts.failed += failed;
  if (code !== 0 && failed === 0) counts.failed += 1;
  if (code === 0 && passed === 0) {
    console.error(`✗ ${name} ran no test`);
    counts.failed += 1;
  }
}

const readJson = (file) => (existsSync(file) ? JSON.parse(readFileSync(file, 'utf8')) : undefined);

ensureInstalled();
ensureChromium();
rmSync(RESULTS, { recursive: true, force: true });
mkdirSync(RESULTS, { recursive: true });

say('Types and lint. About 1 minute.');
for (const part of ['packages/core', 'apps/server', 'apps/app', 'e2e'])
  check(`types of ${part}`, tool('tsc'), ['--noEmit', '-p', part]);
check('lint', tool('eslint'), ['.', '--max-warnings', '0']);
check('nothing unused', tool('knip'), ['--no-progress']);
check('format', tool('prettier'), ['--check', '--log-level', 'warn', '.']);

say('The dependency rule. Seconds.');
const rule = spawnSync(process.execPath, ['--test', '--test-reporter=tap', 'scripts/test/'], {
  cwd: ROOT,
  encoding: 'utf8',
});
const tally = (word) => Number(new RegExp(`^# ${word} (\\d+)`, 'm').exec(rule.stdout)?.[1] ?? 0);
if (rule.status !== 0) console.error(rule.stdout, rule.stderr);
add('the dependency rule', rule.status, tally('pass'), tally('fail'));

say('Units of core, server and app. About 1 minute.');
const unitFile = join(RESULTS, 'units.json');
const unitCode = run(tool('jest'), ['--json', `--outputFile=${unitFile}`]);
const units = readJson(unitFile);
add(
  'units',
  unitCode,
  units?.numPassedTests ?? 0,
  (units?.numFailedTests ?? 0) + (units?.numRuntimeErrorTestSuites ?? 0),
);

build();

say('End to end in Chromium. About 4 minutes.');
const endCode = run(tool('playwright'), ['test', '-c', 'e2e']);
const end = readJson(join(RESULTS, 'e2e.json'))?.stats;
add('end to end', endCode, end?.expected ?? 0, (end?.unexpected ?? 0) + (end?.flaky ?? 0));

console.log(`\n${counts.passed} passed, ${counts.failed} failed`);
process.exit(counts.failed === 0 ? 0 : 1);
