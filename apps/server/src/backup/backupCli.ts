import { Refusal } from '@zero-point/core/problem/problem';
import { existsSync, renameSync, rmSync } from 'node:fs';
import { basename, join, resolve } from 'node:path';
import { HttpProblem } from '../http/problem';
import { copiesFolder, copyWhole, writeWhole } from './keepCopies';
import { mendedShop } from './repairedShop';
import { openBackup, type OpenedBackup } from './openBackup';
import { restore, type Restored } from './restore';
import { shopJson } from './shopJson';
import { readMigrations } from '../store/migrations';
import { damageOf, DatabaseRefused, holdAlone, openDamaged, openDatabase } from '../store/openDatabase';
import { goneRows, rowName, unsoundRows } from '../store/soundness/soundness';
import { createStore } from '../store/store';

/** `backup [folder]` and `restore <file> [--yes] [--although-changed]`: a shop's copies, made and brought back, by command. */

const database = resolve(process.env.DATABASE ?? join('data', 'shop.sqlite'));
const migrations = readMigrations(process.env.MIGRATIONS ?? join(import.meta.dirname, 'migrations'));
const say = (line: string) => process.stdout.write(`${line}\n`);
const stampOf = (date: Date): string => date.toISOString().slice(0, 19).replaceAll(':', '-');

/** Two files: the database by SQLite's own online backup, and all of it as open JSON, of the same moment. */
async function backup(folder = copiesFolder(database)): Promise<void> {
  if (!existsSync(database)) throw new DatabaseRefused(`There is no shop at ${database} yet. DATABASE names another.`);
  const now = new Date();
  const base = join(resolve(folder), `${basename(database, '.sqlite')}-${stampOf(now)}`);
  try {
    const json = await copyBoth(base, now);
    const readings = json.record.filter(({ kind }) => kind === 'reading').length;
    say(`Copied ${json.setups.length} setups and ${readings} readings:`);
    say(`  ${base}.sqlite`);
    say(`  ${base}.json, the same to read anywhere`);
    for (const one of json.unsound) say(`Left out, since something else changed it: ${one}`);
    say(`Bring either back with: npm run restore -- ${base}.sqlite`);
  } catch (error) {
    for (const end of ['.sqlite', '.json']) rmSync(base + end, { force: true });
    throw cannotCopy(resolve(folder), error);
  }
}

async function copyBoth(base: string, now: Date): Promise<OpenedBackup> {
  const db = openDamaged(database);
  await copyWhole(db, `${base}.sqlite`).finally(() => db.close());
  // Read as a restore would: the file may still have the tables of an older version.
  const { proof, unsound, ...json } = openBackup(`${base}.sqlite`, migrations);
  const dated = { ...json, madeAt: now.toISOString() };
  writeWhole(`${base}.json`, `${JSON.stringify(dated, null, 1)}\n`);
  return { ...dated, proof, unsound };
}

/** A full or failing disk in words; any other error as it is. */
function cannotCopy(folder: string, error: unknown): unknown {
  if (error instanceof DatabaseRefused || error instanceof Refusal) return error;
  const code = String((error as { code?: unknown } | null)?.code);
  const full = /^(SQLITE_FULL|ENOSPC|EDQUOT|EFBIG)/.test(code);
  const failing = /^(SQLITE_IOERR|SQLITE_CANTOPEN|SQLITE_READONLY|EACCES|EROFS|EIO|ENOENT|ENOTDIR)/.test(code);
  if (!full && !failing) return error;
  return new DatabaseRefused(
    full
      ? `There is no room for a copy in ${folder}. No copy was made. Free some space there, or name another folder: npm run backup -- folder`
      : `The copy could not be written to ${folder} (${code}). No copy was made. Look whether the disk is there and may be written to, or name another folder.`,
  );
}

/** Says what would come in; with --yes brings it in. */
function restoreFrom(file: string | undefined, { yes, changed }: { yes: boolean; changed: boolean }): void {
  if (file === undefined) throw new DatabaseRefused('Name the backup: npm run restore -- data/copies/shop-….sqlite');
  const found = openBackup(resolve(file), migrations);
  if (found.proof === 'broken' && !changed) throw new DatabaseRefused(changedWords(file, found));
  const letGo = holdAlone(database);
  try {
    const sound = soundPart();
    const damaged = sound !== undefined || damageOf(database) !== undefined;
    if (yes) setDamagedAside(damaged);
    else if (damaged && sound === undefined) {
      say(`${database} is damaged. It will be kept beside, and the backup comes into a new file.`);
      say(`Do it with: npm run restore -- ${file} --yes`);
      return;
    }
    const backup = sound ? mendedShop(sound, found) : found;
    for (const one of sound?.unsound ?? []) say(`Changed here by something else, taken from the backup: ${one}`);
    // Only looking makes no file where there is none.
    const into = yes || (existsSync(database) && !sound) ? database : ':memory:';
    const store = createStore(openDatabase(into, migrations));
    const done = restore(store, backup, !yes);
    store.close();
    tell(done, found, yes);
    if (!yes)
      say(
        `Nothing was changed yet. Do it with: npm run restore -- ${file}${changed ? ' --although-changed' : ''} --yes`,
      );
  } finally {
    letGo();
  }
}

function changedWords(file: string, { unsound, record }: OpenedBackup): string {
  const which = unsound.length === 0 ? '' : ` (${unsound.slice(0, 3).join(', ')}${unsound.length > 3 ? ', …' : ''})`;
  return `${file} is not as it was made${which}: its checksums do not hold. Take another copy. What passes every check, ${record.length} entries, comes in with: npm run restore -- ${file} --although-changed`;
}

/** What is sound of a shop in which something else changed rows; undefined of a whole one, or of one that cannot be read. */
function soundPart(): OpenedBackup | undefined {
  if (!existsSync(database) || damageOf(database) !== undefined) return undefined;
  const db = openDatabase(database, migrations);
  const unsound = unsoundRows(db);
  const store = createStore(db, undefined, unsound);
  try {
    if (unsound.length === 0 && goneRows(db).length === 0) return undefined;
    return { ...shopJson(store, new Date().toISOString()), proof: 'broken', unsound: unsound.map(rowName) };
  } finally {
    store.close();
  }
}

/** A damaged file is kept with all that belongs to it; what of a journal has no file any more goes with it. */
function setDamagedAside(damaged: boolean): void {
  const missing = !existsSync(database);
  if (!missing && !damaged) return;
  const aside = `${database}.damaged-${stampOf(new Date())}`;
  for (const end of ['', '-wal', '-shm']) {
    if (!existsSync(database + end)) continue;
    renameSync(database + end, aside + end);
    say(`Kept: ${aside + end}`);
  }
}

function tell(
  { setups, documents, readings, rows, same, differ, refused }: Restored,
  { madeAt, proof }: OpenedBackup,
  yes: boolean,
): void {
  const came = yes ? 'came in' : 'would come in';
  say(`The backup of ${madeAt.slice(0, 16).replace('T', ' ')}:`);
  say(`  ${setups} setups, ${readings} readings, ${documents} documents and ${rows} other rows ${came}`);
  say(`  ${same} are here already, the same`);
  say(`  ${differ.length} are here in another form; what is here stays`);
  for (const one of differ.slice(0, 20)) say(`    ${one}`);
  if (differ.length > 20) say(`    and ${differ.length - 20} more`);
  if (refused.length > 0) say(`  ${refused.length} are left out, since they break a rule of the log`);
  for (const one of refused.slice(0, 20)) say(`    ${one}`);
  if (refused.length > 20) say(`    and ${refused.length - 20} more`);
  if (proof === 'none')
    say('  The backup has no checksum: an older version made it. Every entry was checked by its own rules.');
}

async function run([what, ...rest]: string[]): Promise<void> {
  const names = rest.filter((one) => !one.startsWith('--'));
  if (what === 'backup') return backup(names[0]);
  if (what === 'restore')
    return restoreFrom(names[0], { yes: rest.includes('--yes'), changed: rest.includes('--although-changed') });
  throw new DatabaseRefused('Say backup or restore.');
}

run(process.argv.slice(2)).catch((error: unknown) => {
  const known = error instanceof DatabaseRefused || error instanceof Refusal || error instanceof HttpProblem;
  process.stderr.write(`\n${known ? error.message : String(error instanceof Error ? error.stack : error)}\n\n`);
  process.exit(1);
});
