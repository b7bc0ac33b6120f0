import { KINDS, type KindName } from '@zero-point/core/records/kinds/kinds';
import type { Database } from 'better-sqlite3';
import { SUMMED_DOCUMENTS } from '../documents';
import { SUMMED_ENTRIES } from '../entries';
import { SUMMED_READINGS } from '../readings';
import { chainLink, rowSum, type Canonical, type SummedTable } from './rowSums';

/** A row or a document by its place in the record. */
export interface NamedRow {
  seq: number;
  kind: KindName;
  setupId: string;
  /** The id of a row, the key of a document. */
  id: string;
}

/** A row or document that is not as it was stored, or that another program put in. */
export interface UnsoundRow extends NamedRow {
  what: 'changed' | 'foreign';
}

/** A row as people find it: `reading “touch-1” of the setup “base-plate”`. */
export const rowName = ({ kind, id, setupId }: NamedRow): string =>
  `${KINDS[kind].title}${id === '' ? '' : ` “${id}”`}${setupId === '' ? '' : ` of the setup “${setupId}”`}`;

const TABLES: readonly SummedTable[] = [SUMMED_READINGS, SUMMED_ENTRIES, SUMMED_DOCUMENTS];

type Raw = [seq: number, sum: Buffer | null, kind: KindName, ...values: Canonical];

/** Rows of a table with their checksums. */
const rowsOf = (db: Database, { columns, table }: SummedTable): IterableIterator<Raw> =>
  db
    .prepare<[], Raw>(
      `SELECT r.seq, s.sum, ${columns} FROM ${table} r LEFT JOIN row_sums s ON s.seq = r.seq ORDER BY r.seq`,
    )
    .raw()
    .iterate() as IterableIterator<Raw>;

const hasSums = (db: Database): boolean =>
  db.prepare("SELECT 1 FROM sqlite_schema WHERE name = 'row_sums'").get() !== undefined;

/** Every row of a shop that is not as it was stored; none in a file of before there were checksums. */
export function unsoundRows(db: Database): UnsoundRow[] {
  if (!hasSums(db)) return [];
  const unsound: UnsoundRow[] = [];
  for (const summed of TABLES)
    for (const [seq, sum, kind, ...values] of rowsOf(db, summed)) {
      if (sum !== null && rowSum(kind, values).equals(sum)) continue;
      const [setupId, id] = values;
      unsound.push({ seq, kind, setupId: setupId ?? '', id, what: sum === null ? 'foreign' : 'changed' });
    }
  return unsound;
}

/** Rows that were taken away: their checksum stands, they do not. */
export const goneRows = (db: Database): NamedRow[] =>
  hasSums(db)
    ? db
        .prepare<[], NamedRow>(
          `SELECT seq, kind, setupId, id
           FROM (SELECT max(seq) AS seq, kind, setup_id AS setupId, id FROM row_sums GROUP BY kind, setup_id, id) s
           WHERE NOT EXISTS (SELECT 1 FROM readings WHERE seq = s.seq) AND NOT EXISTS (SELECT 1 FROM entries WHERE seq = s.seq)
             AND NOT EXISTS (SELECT 1 FROM documents WHERE seq = s.seq)`,
        )
        .all()
    : [];

/** Lines of devices whose chain does not hold: a checksum in it was changed, taken away or put in. */
export function brokenLines(db: Database): string[] {
  if (!hasSums(db)) return [];
  const broken = new Set<string>();
  let line: string | undefined;
  let before: Uint8Array | undefined;
  const all = db.prepare<[], { line: string; sum: Buffer; chain: Buffer }>(
    'SELECT line, sum, chain FROM row_sums ORDER BY line, seq',
  );
  for (const row of all.iterate()) {
    if (row.line !== line) before = undefined;
    line = row.line;
    if (!chainLink(before, row.sum).equals(row.chain)) broken.add(line);
    before = row.chain;
  }
  return [...broken];
}
