import type { KindName } from '@zero-point/core/records/kinds/kinds';
import type { Database, Statement } from 'better-sqlite3';
import { hash } from 'node:crypto';

/** The line of a row that came by no device's: of the demo, of a restore, or sent without an order. */
export const NO_LINE = '';

/** What a checksum is taken over: a row's setup, its id or key, and the rest of its values in the order of its table's list. */
export type Canonical = readonly [setupId: string | null, id: string, ...rest: (string | number | null)[]];

/** A table whose rows have checksums. */
export interface SummedTable {
  table: 'readings' | 'entries' | 'documents';
  /** SQL of the kind, then of every value of the canonical form in its order. */
  columns: string;
}

/** SHA-256 over a row's canonical form: its kind and its values as a JSON list. */
export const rowSum = (kind: KindName, values: Canonical): Buffer =>
  hash('sha256', JSON.stringify([kind, ...values]), 'buffer');

/** A link of a line's chain: SHA-256 over the link before it and the row's own sum. */
export const chainLink = (before: Uint8Array | undefined, sum: Uint8Array): Buffer =>
  hash('sha256', Buffer.concat(before ? [before, sum] : [sum]), 'buffer');

interface Statements {
  last: Statement<[string], Buffer>;
  insert: Statement<[number, string, string, string, string, Buffer, Buffer]>;
}

const prepared = (db: Database): Statements => ({
  last: db.prepare<[string], Buffer>('SELECT chain FROM row_sums WHERE line = ? ORDER BY seq DESC LIMIT 1').pluck(),
  insert: db.prepare('INSERT INTO row_sums (seq, kind, setup_id, id, line, sum, chain) VALUES (?, ?, ?, ?, ?, ?, ?)'),
});

/** Queries of the checksums: one a row and one a save of a document, added in the same transaction, never changed. */
export function rowSums(db: Database, own = NO_LINE) {
  // A damaged file of before there were checksums is still read from.
  let statements: Statements | undefined;
  return {
    /** Adds the checksum of what was just stored at this place in the record. */
    add: (seq: number, kind: KindName, values: Canonical, line = own): void => {
      statements ??= prepared(db);
      const [setupId, id] = values;
      const sum = rowSum(kind, values);
      statements.insert.run(seq, kind, setupId ?? '', id, line, sum, chainLink(statements.last.get(line), sum));
    },
  };
}

export type RowSums = ReturnType<typeof rowSums>;
