import Database from 'better-sqlite3';
import { closeSync, existsSync, mkdirSync, openSync, realpathSync, rmSync, statSync } from 'node:fs';
import { tmpdir, userInfo } from 'node:os';
import { basename, dirname, join } from 'node:path';
import { databaseFault } from './databaseFault';
import { BASELINE, migrationsAfter, newestVersion, type Migration } from './migrations';
import { oldestBody } from './readStoredBody';

/** "ZP" and a version, so another program's SQLite file is not taken for ours. */
const APPLICATION_ID = 0x5a50_0001;

/** The file cannot be used; the message says why and what to do. */
export class DatabaseRefused extends Error {}

/**
 * Opens the database, bringing it up to the newest migration.
 *
 * An existing file is copied beside itself before any migration. All migrations run in one transaction.
 *
 * @throws DatabaseRefused when the file is no database, another program's, or from a newer version or one never released
 */
export function openDatabase(file: string, migrations: readonly Migration[]): Database.Database {
  if (existsSync(file) && statSync(file).isDirectory())
    throw new DatabaseRefused(`${file} is a folder. Name a file in it: DATABASE=${file}/shop.sqlite`);
  const existed = existsSync(file);
  const db = openFile(file);
  try {
    const version = readVersion(db, file, existed, newestVersion(migrations));
    db.pragma('journal_mode = WAL');
    durable(db);
    if (version < newestVersion(migrations)) {
      if (version > 0) keepCopy(db, file, version);
      migrate(db, migrations);
    }
    db.pragma('foreign_keys = ON');
    return db;
  } catch (error) {
    db.close();
    throw refusalOf(file, error);
  }
}

/** What is acknowledged is on the disk. */
function durable(db: Database.Database): void {
  db.pragma('synchronous = FULL');
  db.pragma(`busy_timeout = ${PATIENCE}`);
}

/** A shop's file that is open already, to write to from another process. */
export function openToWrite(file: string): Database.Database {
  const db = new Database(file, { fileMustExist: true });
  durable(db);
  db.pragma('foreign_keys = ON');
  return db;
}

/** How long another program's lock is waited for, ms: everyone else waits as long, and the sender tries again anyway. */
const PATIENCE = 250;

function openFile(file: string): Database.Database {
  try {
    makeFile(file);
    return new Database(file);
  } catch (error) {
    throw new DatabaseRefused(
      `${file} cannot be opened (${error instanceof Error ? error.message : String(error)}). Look whether its folder is there and may be written to, or name another file with DATABASE.`,
    );
  }
}

/** A new file is its owner's alone to read; its journal takes that from it. */
function ownersAlone(file: string): void {
  if (existsSync(file) || file === ':memory:') return;
  closeSync(openSync(file, 'ax', 0o600));
}

/** Faults of the file or its disk as a refusal that names the file; any other error as it is. */
function refusalOf(file: string, error: unknown): unknown {
  const fault = error instanceof DatabaseRefused ? undefined : databaseFault(error);
  return fault ? new DatabaseRefused(`${file}: ${fault.detail}`) : error;
}

/**
 * Looks through a file for damaged pages without changing it (SQLite's quick check).
 *
 * @returns what is wrong with it; undefined where it is whole, or not there yet
 */
export function damageOf(file: string): string | undefined {
  if (!existsSync(file) || statSync(file).isDirectory()) return undefined;
  let db: Database.Database | undefined;
  try {
    db = new Database(file, { readonly: true });
    const [first] = db.pragma('quick_check(1)') as { quick_check: string }[];
    return first?.quick_check === 'ok' ? undefined : (first?.quick_check ?? 'no answer');
  } catch (error) {
    const fault = databaseFault(error);
    return fault?.code === 'damaged' && (error as { code?: string }).code !== 'SQLITE_NOTADB'
      ? fault.detail
      : undefined;
  } finally {
    db?.close();
  }
}

/** A damaged file to read from: nothing of it is changed, so that as much as can be is saved from it. */
export const openDamaged = (file: string): Database.Database => new Database(file, { readonly: true });

/**
 * Keeps a second server off the same file for as long as this one runs, by locks that end with the process, however it
 * ends: two would not hear of each other's readings. One lies beside the file it really is, one by the file's own number:
 * another name of it, by whatever link, is the same file.
 *
 * @throws DatabaseRefused where another has it
 */
export function holdAlone(file: string): () => void {
  const held: Database.Database[] = [];
  const numbered = existsSync(file) ? numberedLock(file) : undefined;
  const letGo = () => {
    for (const lock of held) lock.close();
    if (numbered !== undefined && held.length > 1) rmSync(numbered, { force: true });
  };
  try {
    held.push(hold(`${realPath(file)}.in-use`, file));
    if (numbered !== undefined) held.push(hold(numbered, file));
    return letGo;
  } catch (error) {
    letGo();
    throw error;
  }
}

/** Makes a new shop's file, empty, so that it has a number to be held by. */
export function makeFile(file: string): void {
  mkdirSync(dirname(file), { recursive: true });
  ownersAlone(file);
}

/** Where a file really is, or will be. */
function realPath(file: string): string {
  if (existsSync(file)) return realpathSync(file);
  return existsSync(dirname(file)) ? join(realpathSync(dirname(file)), basename(file)) : file;
}

/** A lock's file by the device and number of the file it is for, in a folder of this user's own. */
function numberedLock(file: string): string {
  const { dev, ino } = statSync(file, { bigint: true });
  return join(tmpdir(), `zero-point-in-use-${userInfo().uid}`, `${dev}-${ino}`);
}

function hold(path: string, file: string): Database.Database {
  const lock = openFile(path);
  try {
    lock.pragma('busy_timeout = 0');
    lock.pragma('journal_mode = MEMORY');
    lock.exec('BEGIN EXCLUSIVE');
    return lock;
  } catch (error) {
    lock.close();
    if (databaseFault(error)?.code !== 'locked') throw error;
    throw new DatabaseRefused(
      `${file} is open in another Zero Point. Stop that one, or use it: two on one file would not hear of each other’s readings.`,
    );
  }
}

function readVersion(db: Database.Database, file: string, existed: boolean, newest: number): number {
  let version: number;
  let application: number;
  let tables: number;
  try {
    version = Number(db.pragma('user_version', { simple: true }));
    application = Number(db.pragma('application_id', { simple: true }));
    tables = Number(db.prepare('SELECT count(*) FROM sqlite_schema').pluck().get());
  } catch (error) {
    if (/NOTADB|CORRUPT/.test(String((error as { code?: unknown }).code))) {
      throw new DatabaseRefused(
        `${file} is not a database, or is damaged. It was left as it is. Move it aside to start an empty shop, or put a copy back in its place.`,
      );
    }
    throw error;
  }
  if (existed && tables > 0 && application !== APPLICATION_ID) {
    throw new DatabaseRefused(`${file} is a database of another program. It was left as it is. Name another file.`);
  }
  if (version > newest) {
    throw new DatabaseRefused(
      `${file} was written by a newer Zero Point (version ${version} of the tables; this one knows ${newest}). It was left as it is. Update Zero Point, or put an older copy in its place.`,
    );
  }
  const before = version > 0 && version < BASELINE ? `version ${version} of the tables` : version > 0 && oldestBody(db);
  if (before) {
    throw new DatabaseRefused(
      `${file} is of before the first release (${before}). It was left as it is. Start the Zero Point that made it, take a backup there (npm run backup), and restore that here: npm run restore -- FILE.`,
    );
  }
  return version;
}

function keepCopy(db: Database.Database, file: string, version: number): void {
  const stamp = new Date().toISOString().replaceAll(/[:.]/g, '-');
  db.prepare('VACUUM INTO ?').run(`${file}.before-${version + 1}.${stamp}.copy`);
}

/**
 * Brings the tables up in one transaction. Foreign keys rest while tables are made again, and must hold again before it
 * ends. The version is read inside it: of two that start at once only the first has anything to do.
 */
function migrate(db: Database.Database, migrations: readonly Migration[]): void {
  db.pragma('foreign_keys = OFF');
  db.transaction(() => {
    const version = Number(db.pragma('user_version', { simple: true }));
    for (const { sql } of migrationsAfter(migrations, version)) db.exec(sql);
    const broken = db.pragma('foreign_key_check') as unknown[];
    if (broken.length > 0) throw new Error(`after the migration ${broken.length} rows name what is not there`);
    db.pragma(`application_id = ${APPLICATION_ID}`);
    db.pragma(`user_version = ${newestVersion(migrations)}`);
  }).immediate();
}
