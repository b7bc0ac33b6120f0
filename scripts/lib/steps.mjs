/** What the top-level commands share: saying what goes on, running things, and setting up a fresh clone. */
import { spawn, spawnSync } from 'node:child_process';
import { createHash } from 'node:crypto';
import { existsSync, mkdirSync, readFileSync, readdirSync, statSync, writeFileSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';

export const ROOT = join(dirname(fileURLToPath(import.meta.url)), '..', '..');

/** Where stamps of finished steps are kept. */
const STAMPS = join(ROOT, '.build');

export const say = (text) => console.log(`\n▸ ${text}`);

/** Ends the command with a sentence a person can act on. */
export function fail(text) {
  console.error(`\n✗ ${text}\n`);
  process.exit(1);
}

/** Runs a program with its output in sight; its exit code. */
export function run(program, args, { env = {}, cwd = ROOT } = {}) {
  const done = spawnSync(program, args, { cwd, stdio: 'inherit', env: { ...process.env, ...env } });
  if (done.error) throw done.error;
  return done.status ?? 1;
}

/** Runs a program and ends the command when it fails. */
export function must(program, args, options) {
  const code = run(program, args, options);
  if (code !== 0) fail(`${program} ${args.join(' ')} failed. What it said is above.`);
}

/** Runs a program in the background, its output in sight. */
export const background = (program, args, { env = {}, cwd = ROOT } = {}) =>
  spawn(program, args, { cwd, stdio: 'inherit', env: { ...process.env, ...env } });

/** A tool of this project's own node_modules. */
export const tool = (name) => join(ROOT, 'node_modules', '.bin', name);

/** The native compiler checks types in a quarter of the time; the linter and Expo read the older one's tree. */
export const TSC = join(ROOT, 'node_modules', 'typescript-native', 'bin', 'tsc');

function files(path) {
  if (!existsSync(path)) return [];
  if (statSync(path).isFile()) return [path];
  return readdirSync(path, { withFileTypes: true })
    .filter(({ name }) => !['node_modules', 'dist', '.expo', '.build'].includes(name))
    .flatMap(({ name }) => files(join(path, name)))
    .sort();
}

/** A digest of the content of files and folders. */
export function digest(paths) {
  const hash = createHash('sha256');
  for (const file of paths.flatMap((path) => files(join(ROOT, path)))) hash.update(file).update(readFileSync(file));
  return hash.digest('hex');
}

/** Does a step again only when what it is made from has changed or what it makes is gone. */
export function once(name, inputs, output, work) {
  const stamp = join(STAMPS, `${name}.sha256`);
  const now = digest(inputs);
  if (existsSync(join(ROOT, output)) && existsSync(stamp) && readFileSync(stamp, 'utf8') === now) return false;
  work();
  mkdirSync(STAMPS, { recursive: true });
  writeFileSync(stamp, now);
  return true;
}

/** Node 20.20 or newer, and the files of every package of the lock file. */
export function ensurePackages() {
  const [major, minor] = process.versions.node.split('.').map(Number);
  if (major < 20 || (major === 20 && minor < 20)) {
    fail(
      `Zero Point needs Node 20.20 or newer; this is ${process.versions.node}. Install a newer one, then run the same command again.`,
    );
  }
  once('packages', ['package-lock.json'], 'node_modules/.package-lock.json', () => {
    say('Installing packages. About 2 minutes the first time.');
    must('npm', ['ci', '--ignore-scripts', '--no-fund', '--no-audit', '--loglevel=error']);
  });
}

const BINDING = 'node_modules/better-sqlite3/build/Release/better_sqlite3.node';

/** The database binding is compiled where it is not there: the one package that needs more than its files. */
const needsBinding = () => !existsSync(join(ROOT, BINDING));

const REBUILD = ['rebuild', 'better-sqlite3', '--loglevel=error'];

/** Begins to compile the database binding, where that is needed; resolves once it is there. */
export function startBinding() {
  if (!needsBinding()) return Promise.resolve();
  say('Compiling the database binding, beside what needs none. About 3 minutes the first time.');
  const child = background('npm', REBUILD);
  return new Promise((resolve) => {
    child.once('close', (code) =>
      code === 0 ? resolve() : fail('The database binding could not be compiled. What was said is above.'),
    );
  });
}

/** Node 20.20 or newer, every package of the lock file, and the database binding. */
export function ensureInstalled() {
  ensurePackages();
  if (!needsBinding()) return;
  say('Compiling the database binding. About 3 minutes the first time.');
  must('npm', REBUILD);
}

export const CHROMIUM = '/usr/bin/chromium';

/** What the tests need of Debian: its Chromium, whole and without windows; what reads PDFs, to see that every figure of a sheet is in it; what has a browser trust the shop's certificates; what makes a pair of serial ports; what reads certificates. */
const OF_DEBIAN = [
  [CHROMIUM, 'chromium'],
  ['/usr/bin/chromium-headless-shell', 'chromium-headless-shell'],
  ['/usr/bin/pdftotext', 'poppler-utils'],
  ['/usr/bin/certutil', 'libnss3-tools'],
  ['/usr/bin/socat', 'socat'],
  ['/usr/bin/openssl', 'openssl'],
];

/** Debian's Chromium, for the end-to-end tests, benchmarks and pictures; and what goes with it. */
export function ensureChromium() {
  const missing = OF_DEBIAN.flatMap(([program, name]) => (existsSync(program) ? [] : [name]));
  if (missing.length === 0) return;
  const command = `apt-get update && apt-get install -y --no-install-recommends ${missing.join(' ')}`;
  if (process.getuid?.() !== 0)
    fail(
      `Missing: ${missing.join(' and ')}. Install what is missing with this one command, then run the same again:\n\n  sudo sh -c "${command}"`,
    );
  say(`Installing ${missing.join(' and ')} with apt-get. About 1 minute.`);
  must('sh', ['-c', `(${command}) >/dev/null`], { env: { DEBIAN_FRONTEND: 'noninteractive' } });
}
