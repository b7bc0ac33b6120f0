import { execFileSync, spawnSync } from 'node:child_process';
import { existsSync, mkdirSync, readdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { openBackup } from './copies/openBackup';
import { shopJson } from './copies/shopJson';
import { readMigrations } from './store/migrations';
import { damageOf, holdAlone } from './store/openDatabase';
import { demoServer, filledBy, freshFile, MIGRATIONS } from './testing/shop';

const ROOT = join(__dirname, '..', '..', '..');
const bundle = join(dirname(freshFile()), 'copies.mjs');

beforeAll(() => {
  const banner = "import { createRequire } from 'node:module'; const require = createRequire(import.meta.url);";
  const options = ['--bundle', '--platform=node', '--format=esm', '--external:better-sqlite3', '--log-level=error'];
  mkdirSync(dirname(bundle), { recursive: true });
  execFileSync(
    join(ROOT, 'node_modules/.bin/esbuild'),
    [join(__dirname, 'copiesMain.ts'), ...options, `--outfile=${bundle}`, `--banner:js=${banner}`],
    { cwd: ROOT },
  );
  // Beside the project's own packages, so that the binding is found.
  writeFileSync(join(dirname(bundle), 'package.json'), '{"type":"module"}');
  execFileSync('ln', ['-s', join(ROOT, 'node_modules'), join(dirname(bundle), 'node_modules')]);
});

/** The command, as a person runs it. */
function command(file: string, ...args: string[]) {
  const env = { ...process.env, DATABASE: file, MIGRATIONS };
  const { status, stdout, stderr } = spawnSync(process.execPath, [bundle, ...args], { env, encoding: 'utf8' });
  return { status, text: stdout + stderr };
}

/** A closed demo shop, and what is in it. */
function shop() {
  const { file, store } = demoServer();
  const { setups, record } = shopJson(store, '2026-11-26T10:00:00.000Z');
  store.close();
  return { file, setups, record };
}

test('a backup makes two files of one moment, and either comes back into a new shop', () => {
  const { file, record } = shop();
  const made = command(file, 'backup');
  expect(made).toMatchObject({ status: 0, text: expect.stringMatching(/^Copied 6 set-ups and 16 readings/) });
  const folder = join(dirname(file), 'copies');
  const files = readdirSync(folder).sort();
  expect(files.map((name) => name.split('.').at(-1))).toEqual(['json', 'sqlite']);
  for (const name of files) {
    const fresh = freshFile();
    const looked = command(fresh, 'restore', join(folder, name));
    expect(looked.text).toMatch(/6 set-ups, 16 readings, .* would come in[^]*Nothing was changed yet/);
    expect(existsSync(fresh)).toBe(false);
    expect(command(fresh, 'restore', join(folder, name), '--yes').text).toMatch(/6 set-ups, 16 readings, .* came in/);
    expect(openBackup(fresh, readMigrations(MIGRATIONS)).record).toEqual(record);
  }
});

test.each([1, 5])('a shop that still has the tables of version %i is backed up, and left as it is', (version) => {
  const file = filledBy(version);
  const bytes = readFileSync(file);
  expect(command(file, 'backup')).toMatchObject({ status: 0, text: expect.stringMatching(/^Copied \d+ set-ups/) });
  expect(readFileSync(file).equals(bytes)).toBe(true);
});

test('a damaged file is kept beside, and the backup comes into a new one', () => {
  const { file } = shop();
  command(file, 'backup', join(dirname(file), 'kept'));
  const kept = join(
    dirname(file),
    'kept',
    readdirSync(join(dirname(file), 'kept')).find((one) => /sqlite$/.test(one)) ?? '',
  );
  const whole = readFileSync(file);
  writeFileSync(file, Buffer.concat([whole.subarray(0, whole.length * 0.7), Buffer.alloc(whole.length * 0.3, 0x5a)]));
  expect(damageOf(file)).toBeDefined();
  expect(command(file, 'restore', kept).text).toMatch(/is damaged\. It will be kept beside/);
  expect(command(file, 'restore', kept, '--yes').text).toMatch(/Kept: .*damaged-[^]*6 set-ups, 16 readings/);
  expect(damageOf(file)).toBeUndefined();
  expect(readdirSync(dirname(file)).some((name) => name.includes('.damaged-'))).toBe(true);
});

test('while a server has the file nothing is restored into it', () => {
  const { file } = shop();
  command(file, 'backup');
  const folder = join(dirname(file), 'copies');
  const letGo = holdAlone(file);
  const refused = command(file, 'restore', join(folder, readdirSync(folder)[0] ?? ''), '--yes');
  letGo();
  expect(refused).toMatchObject({
    status: 1,
    text: expect.stringMatching(/open in another Zero Point\. Stop that one/),
  });
});

test.each([
  [['restore'], /Name the backup/],
  [['restore', '/nowhere.json'], /cannot be read/],
  [['tidy'], /Say backup or restore/],
  [['backup'], /There is no shop at/],
])('%j is refused in words, without a stack', (args, why) => {
  const file = freshFile();
  const { status, text } = command(file, ...args);
  expect(status).toBe(1);
  expect(text).toMatch(why);
  expect(text).not.toMatch(/ at .*\.mjs:/);
  rmSync(dirname(file), { recursive: true });
});
