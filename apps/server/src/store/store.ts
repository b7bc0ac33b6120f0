import type { Database } from 'better-sqlite3';
import type { DatabaseFault } from './databaseFault';
import { devices } from './devices';
import { documents } from './documents';
import { entries } from './entries';
import { lines } from './deviceLines';
import { links } from './links';
import { LAST_SEQ } from './nextSeq';
import { readingQueries } from './readings';
import { NO_LINE, rowSums } from './soundness/rowSums';
import { setAsideRows } from './soundness/setAside';
import { setups } from './setups';
import type { UnsoundRow } from './soundness/soundness';
import { counters } from './counters';

/**
 * Every table's queries, and the one way to write: a transaction.
 *
 * @param line the line of rows that come by no device's own
 */
export function createStore(db: Database, fault?: DatabaseFault, unsound: readonly UnsoundRow[] = [], line = NO_LINE) {
  setAsideRows(
    db,
    unsound.map(({ seq }) => seq),
  );
  const sums = rowSums(db, line);
  const kind = db.prepare<[], 'demo' | 'own'>('SELECT kind FROM shop').pluck();
  const transact = db.transaction((work: () => unknown) => work());
  const setKind = db.prepare('INSERT INTO shop (kind) VALUES (?)');
  const lastSeq = db.prepare<[], number>(LAST_SEQ).pluck();
  const lastReceivedAt = db
    .prepare<[], string>(
      `SELECT max(coalesce((SELECT received_at FROM readings ORDER BY seq DESC LIMIT 1), ''),
                  coalesce((SELECT received_at FROM entries ORDER BY seq DESC LIMIT 1), ''))`,
    )
    .pluck();
  const weight = db
    .prepare<{ id: string }, number>(
      `SELECT coalesce((SELECT sum(length(body)) FROM documents WHERE setup_id = @id), 0)
            + coalesce((SELECT sum(length(body)) FROM entries WHERE setup_id = @id), 0)
            + 400 * (SELECT count(*) FROM readings WHERE setup_id = @id)`,
    )
    .pluck();
  const behind = db
    .prepare<{ id: string; seq: number }, number>(
      `SELECT (SELECT count(*) FROM readings WHERE setup_id = @id AND seq > @seq)
            + (SELECT count(*) FROM entries WHERE setup_id = @id AND seq > @seq)`,
    )
    .pluck();
  const tables = {
    setups: setups(db),
    readings: readingQueries(db, sums),
    entries: entries(db, sums),
    documents: documents(db, sums),
  };
  return {
    ...tables,
    /** The file is damaged and only read from. */
    fault,
    /** Rows that are not as they were stored: they are in no answer. */
    unsound,
    tallies: counters(db, tables),
    devices: devices(db),
    lines: lines(db),
    links: links(db),
    /** What this database holds; undefined while it is new. */
    kind: (): 'demo' | 'own' | undefined => kind.get(),
    setKind: (value: 'demo' | 'own') => setKind.run(value),
    /** The latest place in the record. */
    lastSeq: (): number => lastSeq.get() ?? 0,
    /** When the latest row was received, by the clock of then; undefined where there is none. */
    lastReceivedAt: (): string | undefined => lastReceivedAt.get() || undefined,
    /** How many rows a setup has behind a place in the record. */
    behind: (id: string, seq: number): number => behind.get({ id, seq }) ?? 0,
    /** About how many characters a setup's own record has. */
    weight: (id: string): number => weight.get({ id }) ?? 0,
    /** Runs `work` in one transaction that either stores all of it or nothing. */
    write: <T>(work: () => T): T => transact.immediate(work) as T,
    /** Runs `work` on one state of the database. */
    read: <T>(work: () => T): T => transact.deferred(work) as T,
    close: () => db.close(),
  };
}

export type Store = ReturnType<typeof createStore>;
