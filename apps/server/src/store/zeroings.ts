import type { NewZeroing, Subject, Zeroing } from '@zero-point/core/contract/ledger';
import type { Database } from 'better-sqlite3';

interface ZeroingRow {
  seq: number;
  id: string;
  setup_id: string;
  axis: Zeroing['axis'];
  epoch: number;
  form: Zeroing['form'];
  subject: string;
  value: number;
  scale: Zeroing['scale'] | null;
  at: string;
  received_at: string;
}

const toZeroing = (row: ZeroingRow): Zeroing => ({
  id: row.id,
  axis: row.axis,
  epoch: row.epoch,
  form: row.form,
  subject: JSON.parse(row.subject) as Subject,
  value: row.value,
  ...(row.scale && { scale: row.scale }),
  at: row.at,
  seq: row.seq,
  receivedAt: row.received_at,
});

/** Queries of the zeroings table: added, never changed. */
export function zeroings(db: Database) {
  const insert = db.prepare(`
    INSERT INTO zeroings (id, setup_id, axis, epoch, form, subject, value, scale, at, received_at)
    VALUES (@id, @setupId, @axis, @epoch, @form, @subject, @value, @scale, @at, @receivedAt)`);
  const get = db.prepare<[string], ZeroingRow>('SELECT * FROM zeroings WHERE id = ?');
  const ofSetup = db.prepare<[string], ZeroingRow>('SELECT * FROM zeroings WHERE setup_id = ? ORDER BY seq');
  return {
    insert: (setupId: string, zeroing: NewZeroing, receivedAt: string): number =>
      Number(
        insert.run({
          ...zeroing,
          setupId,
          subject: JSON.stringify(zeroing.subject),
          scale: zeroing.scale ?? null,
          receivedAt,
        }).lastInsertRowid,
      ),
    get: (id: string): (Zeroing & { setupId: string }) | undefined => {
      const row = get.get(id);
      return row && { ...toZeroing(row), setupId: row.setup_id };
    },
    ofSetup: (setupId: string): Zeroing[] => ofSetup.all(setupId).map(toZeroing),
  };
}
