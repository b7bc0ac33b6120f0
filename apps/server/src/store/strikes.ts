import type { NewStrike, Strike } from '@zero-point/core/contract/ledger';
import type { Database } from 'better-sqlite3';

interface StrikeRow {
  seq: number;
  id: string;
  setup_id: string;
  reading_id: string;
  action: Strike['action'];
  reason: string;
  at: string;
  received_at: string;
}

/** Queries of the strikes table: added, never changed. */
export function strikes(db: Database) {
  const insert = db.prepare(`
    INSERT INTO strikes (id, setup_id, reading_id, action, reason, at, received_at)
    VALUES (@id, @setupId, @readingId, @action, @reason, @at, @receivedAt)`);
  const get = db.prepare<[string], StrikeRow>('SELECT * FROM strikes WHERE id = ?');
  return {
    insert: (setupId: string, strike: NewStrike, receivedAt: string): number =>
      Number(insert.run({ ...strike, setupId, receivedAt }).lastInsertRowid),
    get: (id: string): (Strike & { setupId: string }) | undefined => {
      const row = get.get(id);
      return (
        row && {
          id: row.id,
          readingId: row.reading_id,
          action: row.action,
          reason: row.reason,
          at: row.at,
          seq: row.seq,
          receivedAt: row.received_at,
          setupId: row.setup_id,
        }
      );
    },
  };
}
