import { spawnSync } from 'node:child_process';
import { existsSync, mkdirSync, readdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { backupSum } from './backupSum';
import { openBackup } from './openBackup';
import { shopJson } from './shopJson';
import { createRecord } from '../records/record';
import { readMigrations } from '../store/migrations';
import { damageOf, holdAlone } from '../store/openDatabase';
import { behind } from '../testing/behind';
import { bundled } from '../testing/bundled';
import { demoServer, freshFile, leftFace, MIGRATIONS, SETUP } from '../testing/shop';

const bundle = bundled('backup/backupCli.ts');

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
  expect(made).toMatchObject({ status: 0, text: expect.stringMatching(/^Copied 6 setups and 16 readings/) });
  const folder = join(dirname(file), 'copies');
  const files = readdirSync(folder).sort();
  expect(files.map((name) => name.split('.').at(-1))).toEqual(['json', 'sqlite']);
  for (const name of files) {
    const fresh = freshFile();
    const looked = command(fresh, 'restore', join(folder, name));
    expect(looked.text).toMatch(/6 setups, 16 readings, .* would come in[^]*Nothing was changed yet/);
    expect(existsSync(fresh)).toBe(false);
    expect(command(fresh, 'restore', join(folder, name), '--yes').text).toMatch(/6 setups, 16 readings, .* came in/);
    expect(openBackup(fresh, readMigrations(MIGRATIONS)).record).toEqual(record);
  }
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
  expect(command(file, 'restore', kept, '--yes').text).toMatch(/Kept: .*damaged-[^]*6 setups, 16 readings/);
  expect(damageOf(file)).toBeUndefined();
  expect(readdirSync(dirname(file)).some((name) => name.includes('.damaged-'))).toBe(true);
});

/** The one file of a folder that ends so. */
const only = (folder: string, end: string): string =>
  join(folder, readdirSync(folder).find((name) => name.endsWith(end)) ?? '');

test('one reading changed by something else: its own comes from the backup, what was logged since stays', () => {
  const { file, record } = shop();
  const kept = join(dirname(file), 'kept');
  command(file, 'backup', kept);
  const { store } = demoServer(file);
  createRecord(store).append('reading', SETUP, leftFace({ id: 'since' }));
  const [since] = shopJson(store, '2026-11-26T10:00:00.000Z').record.slice(-1);
  store.close();
  behind(file, 'UPDATE readings SET value = value + 1 WHERE seq = (SELECT min(seq) FROM readings)');
  const looked = command(file, 'restore', only(kept, 'sqlite'));
  expect(looked.text).toMatch(/Changed here by something else, taken from the backup: reading “[^”]+” of the setup/);
  expect(looked.text).toMatch(/Nothing was changed yet/);
  expect(command(file, 'restore', only(kept, 'sqlite'), '--yes').text).toMatch(/Kept: .*damaged-/);
  const mended = openBackup(file, readMigrations(MIGRATIONS));
  expect(mended).toMatchObject({ proof: 'held', unsound: [] });
  expect(mended.record).toEqual([...record, since]);
});

test('a backup in which a figure was changed is refused with its place, or brought in without it', () => {
  const { file, record } = shop();
  const kept = join(dirname(file), 'kept');
  command(file, 'backup', kept);
  const copy = only(kept, 'sqlite');
  behind(copy, 'UPDATE readings SET value = value + 1 WHERE seq = (SELECT min(seq) FROM readings)');
  const fresh = freshFile();
  const refused = command(fresh, 'restore', copy, '--yes');
  expect(refused).toMatchObject({
    status: 1,
    text: expect.stringMatching(/is not as it was made \(reading “[^”]+” of .*Take another copy/),
  });
  expect(existsSync(fresh)).toBe(false);
  expect(command(fresh, 'restore', copy, '--yes', '--although-changed').text).toMatch(/15 readings, .* came in/);
  expect(openBackup(fresh, readMigrations(MIGRATIONS)).record).toHaveLength(record.length - 1);
});

test.each([
  ['a figure', (text: string) => text.replace(/"value": (-?[\d.]+)/, '"value": 1$1')],
  [
    'an entry taken out',
    (text: string) => {
      const data = JSON.parse(text) as { record: unknown[] };
      return JSON.stringify({ ...data, record: data.record.slice(0, -1) });
    },
  ],
])('JSON with %s changed is refused', (_what, change) => {
  const { file } = shop();
  const kept = join(dirname(file), 'kept');
  command(file, 'backup', kept);
  const json = only(kept, 'json');
  const before = readFileSync(json, 'utf8');
  writeFileSync(json, change(before));
  expect(readFileSync(json, 'utf8')).not.toBe(before);
  const fresh = freshFile();
  expect(command(fresh, 'restore', json, '--yes')).toMatchObject({
    status: 1,
    text: expect.stringMatching(/is not as it was made: its checksums do not hold/),
  });
  expect(existsSync(fresh)).toBe(false);
});

test('a value 1 mm off its own text is left out by a restore too, and named', () => {
  const { file } = shop();
  const store = demoServer(file).store;
  const json = shopJson(store, '2026-11-26T10:00:00.000Z');
  store.close();
  const at = json.record.findIndex(({ kind }) => kind === 'reading');
  const one = json.record[at] as { body: { id: string; value: number } };
  const body = { ...one.body, value: one.body.value + 1 };
  const record = json.record.map((entry, i) => (i === at ? { ...entry, body } : entry)) as typeof json.record;
  const copy = join(dirname(file), 'off.json');
  // As somebody would make it who makes the checksum too.
  writeFileSync(copy, JSON.stringify({ ...json, record, sha256: backupSum({ setups: json.setups, record }) }));
  const { text, status } = command(freshFile(), 'restore', copy, '--yes');
  expect(status).toBe(0);
  expect(text).toMatch(/15 readings, .* came in/);
  expect(text).toMatch(new RegExp(`1 are left out.*[^]*reading “${body.id}”: is .* mm, but the text .* means`));
});

test('a backup of an older version has no checksum, and that is said', () => {
  const { file } = shop();
  const kept = join(dirname(file), 'kept');
  command(file, 'backup', kept);
  const json = only(kept, 'json');
  const { sha256: _, count: _count, ...older } = JSON.parse(readFileSync(json, 'utf8')) as Record<string, unknown>;
  writeFileSync(json, JSON.stringify(older));
  expect(command(freshFile(), 'restore', json, '--yes').text).toMatch(/16 readings, .* came in[^]*has no checksum/);
});

test('a backup to a disk without room ends in words, and leaves nothing under its name', () => {
  const { file } = shop();
  const folder = join(dirname(file), 'full');
  mkdirSync(folder);
  const env = { ...process.env, DATABASE: file, MIGRATIONS };
  // No file may grow beyond 64 kB: as a disk that is full, told by the system in much the same way.
  const { status, stdout, stderr } = spawnSync(
    'bash',
    ['-c', `trap '' XFSZ; ulimit -f 64; exec "$0" "$@"`, process.execPath, bundle, 'backup', folder],
    { env, encoding: 'utf8' },
  );
  expect(status).toBe(1);
  expect(stdout + stderr).toMatch(/No copy was made\..*another folder/);
  expect(stdout + stderr).not.toMatch(/ at .*\.mjs:/);
  expect(readdirSync(folder)).toEqual([]);
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
