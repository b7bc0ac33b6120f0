import type { ShopFile } from '@zero-point/core/records/snapshots/shopFile';
import type { Database } from 'better-sqlite3';
import { randomUUID } from 'node:crypto';
import { conflict } from '../http/problem';
import { importSetup } from '../records/setupFile';
import { openDamaged, openToWrite } from '../store/openDatabase';
import type { UnsoundRow } from '../store/soundness/soundness';
import { createStore } from '../store/store';

/** A shop's file, to be read from in another process. */
export interface ShopOnDisk {
  file: string;
  unsound: readonly UnsoundRow[];
}

/** A copy of a shop in which a setup was opened. */
export interface Staged {
  /** The setup's id there. */
  id: string;
  file: string;
  /** The latest place in the record before it was opened. */
  base: number;
}

/**
 * Opens a setup's file in a copy of the shop: everything that takes long is done there, by the rules of the record, while
 * the shop itself goes on.
 *
 * @param to where the copy is made
 * @throws HttpProblem as `importSetup`
 */
export function stageSetup({ file, unsound }: ShopOnDisk, setup: ShopFile, to: string): Staged {
  const shop = openDamaged(file);
  try {
    // Of one moment: SQLite's backup would begin again whenever somebody logs meanwhile.
    shop.prepare('VACUUM INTO ?').run(to);
  } finally {
    shop.close();
  }
  const copy = openToWrite(to);
  try {
    // Lost with the process, it is made again: nothing of it need be on the disk.
    copy.pragma('synchronous = OFF');
    const store = createStore(copy, undefined, unsound, `file-${randomUUID()}`);
    const base = store.lastSeq();
    return { id: importSetup(store, setup), file: to, base };
  } finally {
    copy.close();
  }
}

/** Tables of the record, each with its place in it. */
const RECORD = ['documents', 'entries', 'readings', 'row_sums'] as const;

const columnsOf = (db: Database, table: string): string[] =>
  (db.pragma(`table_info(${table})`) as { name: string }[]).map(({ name }) => name).filter((name) => name !== 'seq');

/**
 * Takes what is new in a copy over into the shop, behind whatever was stored there meanwhile, in one transaction.
 *
 * @throws HttpProblem 409 where the shop has something of it by now
 */
export function takeOverStaged(file: string, { file: from, base }: Staged): void {
  const db = openToWrite(file);
  try {
    db.prepare('ATTACH ? AS staged').run(from);
    db.transaction(() => {
      const shift = createStore(db).lastSeq() - base;
      db.exec('INSERT INTO main.setups SELECT * FROM staged.setups WHERE id NOT IN (SELECT id FROM main.setups)');
      for (const table of RECORD) {
        const columns = columnsOf(db, table).join(', ');
        db.prepare(
          `INSERT INTO main.${table} (seq, ${columns}) SELECT seq + ?, ${columns} FROM staged.${table} WHERE seq > ? ORDER BY seq`,
        ).run(shift, base);
      }
    }).immediate();
  } catch (error) {
    if (!String((error as { code?: unknown }).code).startsWith('SQLITE_CONSTRAINT')) throw error;
    throw conflict('The shop was changed while the file was read. Nothing of it was stored; open it again.');
  } finally {
    db.close();
  }
}
