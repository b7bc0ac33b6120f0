import { Refusal } from '@zero-point/core/problem/problem';
import { existsSync, renameSync, writeFileSync } from 'node:fs';
import { basename, join, resolve } from 'node:path';
import { HttpProblem } from './http/problem';
import { copiesFolder, copyWhole } from './copies/keepCopies';
import { openBackup } from './copies/openBackup';
import { restore, type Restored } from './copies/restore';
import { readMigrations } from './store/migrations';
import { damageOf, DatabaseRefused, holdAlone, openDamaged, openDatabase } from './store/openDatabase';
import { createStore } from './store/store';

/** `backup [folder]` and `restore <file> [--yes]`: a shop's copies, made and brought back, by command. */

const database = resolve(process.env.DATABASE ?? join('data', 'shop.sqlite'));
const migrations = readMigrations(process.env.MIGRATIONS ?? join(import.meta.dirname, 'migrations'));
const say = (line: string) => process.stdout.write(`${line}\n`);
const stampOf = (date: Date): string => date.toISOString().slice(0, 19).replaceAll(':', '-');

/** Two files: the database by SQLite's own online backup, and all of it as open JSON, of the same moment. */
async function backup(folder = copiesFolder(database)): Promise<void> {
  if (!existsSync(database)) throw new DatabaseRefused(`There is no shop at ${database} yet. DATABASE names another.`);
  const now = new Date();
  const base = join(resolve(folder), `${basename(database, '.sqlite')}-${stampOf(now)}`);
  const db = openDamaged(database);
  await copyWhole(db, `${base}.sqlite`);
  db.close();
  // Read as a restore would: the file may still have the tables of an older version.
  const json = { ...openBackup(`${base}.sqlite`, migrations), madeAt: now.toISOString() };
  writeFileSync(`${base}.json`, `${JSON.stringify(json, null, 1)}\n`);
  const readings = json.record.filter(({ kind }) => kind === 'reading').length;
  say(`Copied ${json.setups.length} set-ups and ${readings} readings:`);
  say(`  ${base}.sqlite`);
  say(`  ${base}.json, the same to read anywhere`);
  say(`Bring either back with: npm run restore -- ${base}.sqlite`);
}

/** Says what would come in; with --yes brings it in. */
function restoreFrom(file: string | undefined, yes: boolean): void {
  if (file === undefined) throw new DatabaseRefused('Name the backup: npm run restore -- data/copies/shop-….sqlite');
  const backup = openBackup(resolve(file), migrations);
  const letGo = holdAlone(database);
  try {
    if (yes) setDamagedAside();
    else if (damageOf(database) !== undefined) {
      say(`${database} is damaged. It will be kept beside, and the backup comes into a new file.`);
      say(`Do it with: npm run restore -- ${file} --yes`);
      return;
    }
    // Only looking makes no file where there is none.
    const store = createStore(openDatabase(yes || existsSync(database) ? database : ':memory:', migrations));
    const done = restore(store, backup, !yes);
    store.close();
    tell(done, backup.madeAt, yes);
    if (!yes) say(`Nothing was changed yet. Do it with: npm run restore -- ${file} --yes`);
  } finally {
    letGo();
  }
}

/** A damaged file is kept with all that belongs to it; what of a journal has no file any more goes with it. */
function setDamagedAside(): void {
  const missing = !existsSync(database);
  if (!missing && damageOf(database) === undefined) return;
  const aside = `${database}.damaged-${stampOf(new Date())}`;
  for (const end of ['', '-wal', '-shm']) {
    if (!existsSync(database + end)) continue;
    renameSync(database + end, aside + end);
    say(`Kept: ${aside + end}`);
  }
}

function tell({ setups, documents, readings, rows, same, differ }: Restored, madeAt: string, yes: boolean): void {
  const came = yes ? 'came in' : 'would come in';
  say(`The backup of ${madeAt.slice(0, 16).replace('T', ' ')}:`);
  say(`  ${setups} set-ups, ${readings} readings, ${documents} documents and ${rows} other rows ${came}`);
  say(`  ${same} are here already, the same`);
  say(`  ${differ.length} are here in another form; what is here stays`);
  for (const one of differ.slice(0, 20)) say(`    ${one}`);
  if (differ.length > 20) say(`    and ${differ.length - 20} more`);
}

async function run([what, ...rest]: string[]): Promise<void> {
  const names = rest.filter((one) => !one.startsWith('--'));
  if (what === 'backup') return backup(names[0]);
  if (what === 'restore') return restoreFrom(names[0], rest.includes('--yes'));
  throw new DatabaseRefused('Say backup or restore.');
}

run(process.argv.slice(2)).catch((error: unknown) => {
  const known = error instanceof DatabaseRefused || error instanceof Refusal || error instanceof HttpProblem;
  process.stderr.write(`\n${known ? error.message : String(error instanceof Error ? error.stack : error)}\n\n`);
  process.exit(1);
});
