import type { Check, NewCheck } from '@zero-point/core/contract/ledger';
import type { Database } from 'better-sqlite3';

type CheckRow = NewCheck & { seq: number; setupId: string; receivedAt: string };

const COLUMNS = 'id, setup_id AS setupId, item, text, action, reason, at, seq, received_at AS receivedAt';

/** Queries of the checks table: added, never changed. */
export function checks(db: Database) {
  const insert = db.prepare(`
    INSERT INTO checks (id, setup_id, item, text, action, reason, at, received_at)
    VALUES (@id, @setupId, @item, @text, @action, @reason, @at, @receivedAt)`);
  const get = db.prepare<[string], CheckRow>(`SELECT ${COLUMNS} FROM checks WHERE id = ?`);
  const ofSetup = db.prepare<[string], CheckRow>(`SELECT ${COLUMNS} FROM checks WHERE setup_id = ? ORDER BY seq`);
  return {
    insert: (setupId: string, check: NewCheck, receivedAt: string): number =>
      Number(insert.run({ ...check, setupId, receivedAt }).lastInsertRowid),
    get: (id: string): CheckRow | undefined => get.get(id),
    ofSetup: (setup: string): Check[] => ofSetup.all(setup).map(({ setupId: _, ...check }) => check),
  };
}
