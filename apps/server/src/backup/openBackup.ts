import { readShopBackup, type ShopBackup } from '@zero-point/core/formats/shopBackup';
import { copyFileSync, mkdtempSync, readFileSync, rmSync, statSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { Migration } from '../store/migrations';
import { damageOf, DatabaseRefused, openDatabase } from '../store/openDatabase';
import { createStore } from '../store/store';
import { brokenLines, goneRows, rowName, unsoundRows } from '../store/soundness/soundness';
import { backupProof } from './backupSum';
import { shopJson } from './shopJson';

const SQLITE = 'SQLite format 3\0';

/** A backup as it was found: with what of it is not as it was stored. */
export interface OpenedBackup extends ShopBackup {
  /** Whether checksums prove it: `none` where it has none. */
  proof: 'held' | 'broken' | 'none';
  /** Entries of a database's copy that something else changed; they are not in its record. */
  unsound: string[];
}

/**
 * A backup from its file: open JSON, or a copy of a shop's database. A database is copied away and read from there alone,
 * so that a journal of another day that lies beside it is not taken for its own.
 *
 * @throws DatabaseRefused where it cannot be read; Refusal where it is another file, newer, or damaged
 */
export function openBackup(file: string, migrations: readonly Migration[]): OpenedBackup {
  const bytes = readWhole(file);
  if (bytes.subarray(0, SQLITE.length).toString('latin1') === SQLITE) return fromDatabase(file, migrations);
  let data: unknown;
  try {
    data = JSON.parse(bytes.toString('utf8').replace(/^\uFEFF/, ''));
  } catch {
    throw new DatabaseRefused(`${file} is neither a copy of a shop’s database nor its JSON, or it is cut off.`);
  }
  return { ...readShopBackup(data), proof: backupProof(data), unsound: [] };
}

function readWhole(file: string): Buffer {
  try {
    return readFileSync(file);
  } catch (error) {
    throw new DatabaseRefused(
      `${file} cannot be read (${error instanceof Error ? error.message : String(error)}). Check its name.`,
    );
  }
}

function fromDatabase(file: string, migrations: readonly Migration[]): OpenedBackup {
  const folder = mkdtempSync(join(tmpdir(), 'zero-point-restore-'));
  const copy = join(folder, 'copy.sqlite');
  try {
    copyFileSync(file, copy);
    const damage = damageOf(copy);
    if (damage !== undefined) throw new DatabaseRefused(`${file} is damaged itself: ${damage}. Take another copy.`);
    const db = openDatabase(copy, migrations);
    const unsound = unsoundRows(db);
    const store = createStore(db, undefined, unsound);
    try {
      const proof = unsound.length + goneRows(db).length + brokenLines(db).length === 0 ? 'held' : 'broken';
      return { ...shopJson(store, statSync(file).mtime.toISOString()), proof, unsound: unsound.map(rowName) };
    } finally {
      store.close();
    }
  } finally {
    rmSync(folder, { recursive: true, force: true });
  }
}
