/**
 * Everything that must hold: types, lint, units of core, server and app, the dependency rule, end to end.
 * Runs every suite even when one fails, and closes with one count of all together.
 */
import { spawn, spawnSync } from 'node:child_process';
import { existsSync, mkdirSync, readFileSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { build } from './lib/build.mjs';
import { ensureChromium, ensurePackages, ROOT, run, say, startBinding, tool, TSC } from './lib/steps.mjs';
import { slowest } from './lib/slowest.mjs';

const RESULTS = join(ROOT, 'test-results');
const counts = { passed: 0, failed: 0 };

/** One check that either passes or fails as a whole; what it says is printed once it has ended. */
function check([name, program, args]) {
  return new Promise((resolve) => {
    const child = spawn(program, args, { cwd: ROOT, stdio: ['ignore', 'pipe', 'pipe'] });
    const said = [];
    for (const stream of [child.stdout, child.stderr]) stream.on('data', (text) => said.push(text));
    child.once('error', (error) => said.push(Buffer.from(`${error.message}\n`)));
    child.once('close', (code) => {
      process.stdout.write(Buffer.concat(said));
      if (code === 0) counts.passed += 1;
      else {
        counts.failed += 1;
        console.error(`✗ ${name}`);
      }
      resolve();
    });
  });
}

/** Checks side by side, one a core: none of them uses more. */
async function checkAll(checks) {
  const left = [...checks];
  const work = async () => {
    for (let next = left.shift(); next; next = left.shift()) await check(next);
  };
  await Promise.all(Array.from({ length: 2 }, work));
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

/** How long each stage took, as they end. */
const stages = [];

async function stage(name, work) {
  const begun = Date.now();
  await work();
  const seconds = Math.round((Date.now() - begun) / 1000);
  stages.push({ name, seconds });
  console.log(`\n▪ ${name}: ${seconds} s`);
}

const UNITS = join(RESULTS, 'units.json');
const END_TO_END = join(RESULTS, 'e2e.json');

await stage('packages', async () => {
  ensurePackages();
  ensureChromium();
});
rmSync(RESULTS, { recursive: true, force: true });
mkdirSync(RESULTS, { recursive: true });
// The longest step of an install needs one processor and nobody waits for it yet.
const binding = startBinding();

await stage('types and lint', async () => {
  say('Types and lint. About 4 minutes.');
  await checkAll([
    ['lint', tool('eslint'), ['.', '--max-warnings', '0']],
    ...['packages/core', 'apps/server', 'apps/device', 'apps/app', 'e2e'].map((part) => [
      `types of ${part}`,
      TSC,
      ['--noEmit', '-p', part],
    ]),
    ['nothing unused', tool('knip'), ['--no-progress']],
    ['no circles', tool('knip'), ['--no-progress', '--cycles']],
    ['format', tool('prettier'), ['--check', '--log-level', 'warn', '.']],
  ]);
});

await stage('the dependency rule', async () => {
  const rule = spawnSync(process.execPath, ['--test', '--test-reporter=tap', 'scripts/test/'], {
    cwd: ROOT,
    encoding: 'utf8',
  });
  const tally = (word) => Number(new RegExp(`^# ${word} (\\d+)`, 'm').exec(rule.stdout)?.[1] ?? 0);
  if (rule.status !== 0) console.error(rule.stdout, rule.stderr);
  add('the dependency rule', rule.status, tally('pass'), tally('fail'));
});

// The app is exported without a package of its own compiled.
await stage('build', async () => build());

await stage('the rest of the database binding', () => binding);

await stage('units', async () => {
  // By itself Jest leaves one core to whoever watches it; nobody does.
  say('Units of core, server, devices and app. About 4 minutes.');
  const code = run(tool('jest'), ['--maxWorkers=100%', '--json', `--outputFile=${UNITS}`]);
  const units = readJson(UNITS);
  add(
    'units',
    code,
    units?.numPassedTests ?? 0,
    (units?.numFailedTests ?? 0) + (units?.numRuntimeErrorTestSuites ?? 0),
  );
});

await stage('end to end', async () => {
  say('End to end in Chromium. About 12 minutes.');
  const code = run(tool('playwright'), ['test', '-c', 'e2e']);
  const end = readJson(END_TO_END)?.stats;
  add('end to end', code, end?.expected ?? 0, (end?.unexpected ?? 0) + (end?.flaky ?? 0));
});

console.log('\nThe slowest tests, s');
for (const { seconds, title } of slowest(readJson(UNITS), readJson(END_TO_END), 20))
  console.log(`${seconds.toFixed(1).padStart(7)}  ${title}`);
console.log('\nThe stages, s');
for (const { name, seconds } of stages) console.log(`${String(seconds).padStart(7)}  ${name}`);

console.log(`\n${counts.passed} passed, ${counts.failed} failed`);
process.exit(counts.failed === 0 ? 0 : 1);
