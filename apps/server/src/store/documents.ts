import { FIRST_VERSION } from '@zero-point/core/records/kinds/kind';
import { DOCUMENT_KINDS, type BodyOf, type DocumentName } from '@zero-point/core/records/kinds/kinds';
import type { Database } from 'better-sqlite3';
import { NEXT_SEQ } from './nextSeq';
import { readStoredBody } from './readStoredBody';
import type { RowSums, SummedTable } from './soundness/rowSums';
import { SOUND } from './soundness/setAside';

interface Row {
  kind: DocumentName;
  setupId: string;
  key: string;
  version: string;
  v: number;
  body: string;
  seq: number;
  savedAt: string;
}

/** A document as it is kept. */
export interface StoredDocument<K extends DocumentName = DocumentName> {
  kind: K;
  setupId: string;
  key: string;
  version: string;
  body: BodyOf<K>;
  seq: number;
  savedAt: string;
}

const COLUMNS = 'kind, setup_id AS setupId, key, version, v, body, seq, saved_at AS savedAt';

export const SUMMED_DOCUMENTS: SummedTable = {
  table: 'documents',
  columns: 'r.kind, r.setup_id, r.key, r.version, r.v, r.body, r.saved_at',
};

/**
 * Bodies as they were read last, by whose they are: most documents of a setup's snapshot are the shop's, and the same from
 * one to the next. Held against the text itself, so that nothing that was taken back stands here.
 */
function readOnce() {
  const known = new Map<string, { text: string; v: number; body: unknown }>();
  return <K extends DocumentName>({ v, body: text, ...row }: Row): StoredDocument<K> => {
    const name = `${row.kind} ${row.setupId} ${row.key}`;
    const before = known.get(name);
    const body =
      before?.text === text && before.v === v ? (before.body as BodyOf<K>) : readStoredBody(row.kind as K, v, text);
    known.set(name, { text, v, body });
    return { ...row, kind: row.kind as K, body };
  };
}

/** Queries of the documents table: one row a document, saved whole. The empty setup is the shop. */
export function documents(db: Database, sums: RowSums) {
  const toDocument = readOnce();
  const get = db.prepare<[string, string, string], Row>(
    `SELECT ${COLUMNS} FROM documents r WHERE kind = ? AND setup_id = ? AND key = ? AND ${SOUND}`,
  );
  const has = db
    .prepare<[string, string, string], 1>(
      `SELECT 1 FROM documents r WHERE kind = ? AND setup_id = ? AND key = ? AND ${SOUND}`,
    )
    .pluck();
  const version = db
    .prepare<[string, string, string], string>(
      `SELECT version FROM documents r WHERE kind = ? AND setup_id = ? AND key = ? AND ${SOUND}`,
    )
    .pluck();
  const ofKind = db.prepare<[string, string], Row>(
    `SELECT ${COLUMNS} FROM documents r WHERE kind = ? AND setup_id = ? AND ${SOUND} ORDER BY place, body ->> 'name', key`,
  );
  const count = db
    .prepare<[string, string], number>(`SELECT count(*) FROM documents r WHERE kind = ? AND setup_id = ? AND ${SOUND}`)
    .pluck();
  const since = db.prepare<[string, number], Row>(
    `SELECT ${COLUMNS} FROM documents r WHERE setup_id = ? AND seq > ? AND ${SOUND} ORDER BY seq`,
  );
  const put = db.prepare<[Record<string, string | number>], { seq: number }>(`
    INSERT INTO documents (kind, setup_id, key, place, version, v, body, seq, saved_at)
    VALUES (@kind, @setupId, @key,
            iif(@setupId = '', 0, (SELECT count(*) FROM documents WHERE kind = @kind AND setup_id = @setupId)),
            @version, @v, @body, ${NEXT_SEQ}, @savedAt)
    ON CONFLICT (kind, setup_id, key) DO UPDATE
      SET version = excluded.version, v = excluded.v, body = excluded.body, seq = excluded.seq, saved_at = excluded.saved_at
    RETURNING seq`);
  return {
    get: <K extends DocumentName>(kind: K, setupId: string, key: string): StoredDocument<K> | undefined => {
      const row = get.get(kind, setupId, key);
      return row && toDocument<K>(row);
    },
    has: (kind: DocumentName, setupId: string, key: string): boolean => has.get(kind, setupId, key) === 1,
    /** The version that stands; `first` where nobody has saved it yet. */
    version: (kind: DocumentName, setupId: string, key: string): string =>
      version.get(kind, setupId, key) ?? FIRST_VERSION,
    /** All of a kind: a setup's in the order they were added, the shop's by name. */
    all: <K extends DocumentName>(kind: K, setupId = ''): StoredDocument<K>[] =>
      ofKind.all(kind, setupId).map((row) => toDocument<K>(row)),
    /** How many of a kind a setup has. */
    count: (kind: DocumentName, setupId: string): number => count.get(kind, setupId) ?? 0,
    /** Documents saved behind a place in the record. */
    since: (setupId: string, seq = 0): StoredDocument[] => since.all(setupId, seq).map((row) => toDocument(row)),
    /** Saves one whole; its place in the record. */
    put: <K extends DocumentName>(
      kind: K,
      setupId: string,
      key: string,
      { version, body }: { version: string; body: BodyOf<K> },
      savedAt: string,
      line?: string,
    ): number => {
      const v = DOCUMENT_KINDS[kind].version;
      const text = JSON.stringify(body);
      const seq = put.get({ kind, setupId, key, version, v, body: text, savedAt })?.seq ?? 0;
      sums.add(seq, kind, [setupId, key, version, v, text, savedAt], line);
      return seq;
    },
  };
}

export type Documents = ReturnType<typeof documents>;
