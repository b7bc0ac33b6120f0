import { ROW_KINDS, type BodyOf, type RowName } from '@zero-point/core/records/kinds/kinds';
import type { Database } from 'better-sqlite3';
import { NEXT_SEQ } from './nextSeq';
import { readStoredBody } from './readStoredBody';
import type { RowSums, SummedTable } from './soundness/rowSums';
import { SOUND } from './soundness/setAside';

/** Rows that are kept as bodies: every kind but readings, which have columns. */
export type BodyRow = Exclude<RowName, 'reading'>;

interface Row {
  seq: number;
  id: string;
  kind: BodyRow;
  setupId: string | null;
  v: number;
  body: string;
  receivedAt: string;
}

/** A row as it is kept, with whose it is. */
export interface StoredRow<K extends BodyRow = BodyRow> {
  seq: number;
  kind: K;
  setupId: string;
  body: BodyOf<K>;
  receivedAt: string;
}

const COLUMNS = 'seq, id, kind, setup_id AS setupId, v, body, received_at AS receivedAt';

export const SUMMED_ENTRIES: SummedTable = {
  table: 'entries',
  columns: 'r.kind, r.setup_id, r.id, r.v, r.body, r.received_at',
};

const toRow = ({ seq, kind, setupId, v, body, receivedAt }: Row): StoredRow => ({
  seq,
  kind,
  setupId: setupId ?? '',
  body: readStoredBody(kind, v, body),
  receivedAt,
});

/** Queries of the entries table: added, never changed. */
export function entries(db: Database, sums: RowSums) {
  const insert = db.prepare<[string, string, string | null, number, string, string], { seq: number }>(`
    INSERT INTO entries (seq, id, kind, setup_id, v, body, received_at)
    VALUES (${NEXT_SEQ}, ?, ?, ?, ?, ?, ?) RETURNING seq`);
  const get = db.prepare<[string], Row>(`SELECT ${COLUMNS} FROM entries r WHERE id = ? AND ${SOUND}`);
  const ofSetup = db.prepare<[string, number], Row>(
    `SELECT ${COLUMNS} FROM entries r WHERE setup_id = ? AND seq > ? AND ${SOUND} ORDER BY seq`,
  );
  const ofShop = db.prepare<[number], Row>(
    `SELECT ${COLUMNS} FROM entries r WHERE setup_id IS NULL AND kind <> 'reckoning' AND seq > ? AND ${SOUND} ORDER BY seq`,
  );
  const latest = db.prepare<[string, number], Row>(
    `SELECT ${COLUMNS} FROM entries r WHERE setup_id IS NULL AND kind = ? AND ${SOUND} ORDER BY seq DESC LIMIT ?`,
  );
  const opened = db
    .prepare<[string, string, string, string], 1>(
      `SELECT 1 FROM entries WHERE kind = 'zeroing' AND setup_id = ? AND body ->> 'axis' = ?
         AND body ->> '$.place.scale' = ? AND body ->> 'opens' = ?`,
    )
    .pluck();
  const setting = db
    .prepare<[string, string, string], 1>(
      `SELECT 1 FROM entries WHERE kind = 'zeroing' AND setup_id = ? AND body ->> 'axis' = ? AND id = ?`,
    )
    .pluck();
  const all = db.prepare<[], Row>(`SELECT ${COLUMNS} FROM entries r WHERE ${SOUND} ORDER BY seq`);
  return {
    /** @param line the line of the device it came by */
    insert: <K extends BodyRow>(
      kind: K,
      setupId: string,
      body: BodyOf<K> & { id: string },
      receivedAt: string,
      line?: string,
    ): number => {
      const owner = setupId === '' ? null : setupId;
      const { version } = ROW_KINDS[kind];
      const text = JSON.stringify(body);
      const seq = insert.get(body.id, kind, owner, version, text, receivedAt)?.seq ?? 0;
      sums.add(seq, kind, [owner, body.id, version, text, receivedAt], line);
      return seq;
    },
    get: (id: string): StoredRow | undefined => {
      const row = get.get(id);
      return row && toRow(row);
    },
    /** Every row there is, in the order they were received. */
    all: (): StoredRow[] => all.all().map(toRow),
    /** Rows of a setup behind a place in the record. */
    ofSetup: (setupId: string, since = 0): StoredRow[] => ofSetup.all(setupId, since).map(toRow),
    /** Rows of the shop that setups are shown; what was reckoned without one is told apart. */
    ofShop: (since = 0): StoredRow[] => ofShop.all(since).map(toRow),
    /** The latest rows of a kind of the shop, newest first. */
    latest: <K extends BodyRow>(kind: K, most: number): StoredRow<K>[] =>
      latest.all(kind, most).map(toRow) as StoredRow<K>[],
    /** Whether somebody opened this epoch of an axis' scale. */
    isOpened: (setupId: string, axis: string, scale: string, epoch: string): boolean =>
      opened.get(setupId, axis, scale, epoch) === 1,
    /** Whether an axis was set under this id. */
    isSetting: (setupId: string, axis: string, id: string): boolean => setting.get(setupId, axis, id) === 1,
  };
}

export type Entries = ReturnType<typeof entries>;
