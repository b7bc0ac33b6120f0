import type { KindName } from '@zero-point/core/records/kinds/kinds';
import { newReading } from '@zero-point/core/records/log/reading.schema';
import type { ShopCheck } from '@zero-point/core/schema/shopCheck';
import Database from 'better-sqlite3';
import { setImmediate as nextTurn } from 'node:timers/promises';
import { databaseFault, HOW_TO_RESTORE } from '../databaseFault';
import { readStoredBody } from '../readStoredBody';
import { readingQueries } from '../readings';
import { rowSums } from './rowSums';
import { setAsideRows } from './setAside';
import { brokenLines, goneRows, rowName, unsoundRows } from './soundness';

type Found = ShopCheck['found'];

/** So many faults of a table are told; the rest is of the same damage. */
const MOST = 20;

/** Rows that are read before others get their turn. */
const AT_ONCE = 500;

interface Body {
  place: number;
  kind: KindName;
  v: number;
  body: string;
}

/** Reads every entry of a table of bodies, some at a time. */
async function eachBody(db: Database.Database, table: 'entries' | 'documents', found: Found): Promise<number> {
  const some = db.prepare<[number, number], Body>(
    `SELECT seq AS place, kind, v, body FROM ${table} WHERE seq > ? ORDER BY seq LIMIT ?`,
  );
  return eachOf(
    (after) => some.all(after, AT_ONCE),
    ({ kind, v, body }) => readStoredBody(kind, v, body),
    table,
    found,
  );
}

async function eachOf<T extends { place: number }>(
  some: (after: number) => T[],
  read: (one: T) => unknown,
  where: string,
  found: Found,
): Promise<number> {
  let count = 0;
  for (let rows = some(0); rows.length > 0; rows = some(rows.at(-1)?.place ?? Infinity)) {
    for (const row of rows) {
      try {
        read(row);
      } catch {
        if (found.length < MOST) found.push({ where, what: `number ${row.place} is not what it should be` });
      }
    }
    count += rows.length;
    await nextTurn();
  }
  return count;
}

/** What a table's own look through itself says: its pages, order and indexes. */
function pagesOf(db: Database.Database, table: string): string[] {
  const rows = db.pragma(`integrity_check('${table}')`) as { integrity_check: string }[];
  return rows.map((row) => row.integrity_check).filter((one) => one !== 'ok');
}

/** One part of the check; damage that stops it is found, and the others go on. */
async function part<T>(where: string, found: Found, none: T, work: () => T | Promise<T>): Promise<T> {
  try {
    return await work();
  } catch (error) {
    const fault = databaseFault(error);
    if (fault?.code !== 'damaged') throw error;
    found.push({ where, what: 'cannot be read to its end' });
    return none;
  }
}

/**
 * Looks through the whole file of a shop, from the disk and not from what is held in memory: every page of every table, its
 * indexes, what names what, and whether each entry is of its kind. Table by table and some rows at a time, so that others
 * are answered meanwhile; nothing is changed.
 */
export async function fullCheck(file: string): Promise<ShopCheck> {
  const db = new Database(file, { readonly: true });
  const found: Found = [];
  try {
    const tables = await part('the list of tables', found, [], () =>
      db
        .prepare<[], string>(`SELECT name FROM sqlite_schema WHERE type = 'table' AND name NOT LIKE 'sqlite_%'`)
        .pluck()
        .all(),
    );
    for (const table of tables) {
      const wrong = await part(table, found, [], () => pagesOf(db, table));
      found.push(...wrong.slice(0, MOST).map((what) => ({ where: table, what })));
      await nextTurn();
    }
    const astray = await part('names', found, [], () => db.pragma('foreign_key_check') as { table: string }[]);
    found.push(...astray.slice(0, MOST).map(({ table }) => ({ where: table, what: 'names what is not there' })));
    const unsound = await part('checksums', found, [], () => unsoundRows(db));
    const gone = await part('checksums', found, [], () => goneRows(db));
    const lines = await part('checksums', found, [], () => brokenLines(db));
    found.push(
      ...unsound.slice(0, MOST).map((row) => ({
        where: 'checksums',
        what: `${rowName(row)} ${row.what === 'changed' ? 'is not as it was stored' : 'was put in by another program'}`,
      })),
      ...gone.slice(0, MOST).map((row) => ({ where: 'checksums', what: `${rowName(row)} was taken away` })),
      ...lines
        .slice(0, MOST)
        .map(() => ({ where: 'checksums', what: 'the checksums of a device do not follow each other' })),
    );
    await nextTurn();
    const counts = [
      await part('entries', found, 0, () => eachBody(db, 'entries', found)),
      await part('documents', found, 0, () => eachBody(db, 'documents', found)),
      await part('readings', found, 0, () => {
        setAsideRows(db, []);
        const { some } = readingQueries(db, rowSums(db));
        return eachOf(
          (after) => some(after, AT_ONCE),
          ({ body }) => newReading.parse(JSON.parse(body)),
          'readings',
          found,
        );
      }),
    ];
    return {
      tables: tables.length,
      entries: counts.reduce((sum, one) => sum + one, 0),
      found,
      ...(found.length > 0 && { remedy: HOW_TO_RESTORE }),
    };
  } finally {
    db.close();
  }
}
