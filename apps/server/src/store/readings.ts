import type { NewReading, Reading, Touched } from '@zero-point/core/contract/ledger';
import type { Database } from 'better-sqlite3';

interface ReadingRow {
  seq: number;
  id: string;
  setup_id: string;
  subject: string;
  axis: Reading['axis'];
  approach: Reading['approach'];
  gauge_id: string;
  feeler: number;
  scale: Reading['scale'];
  epoch: number;
  text: string;
  unit: Reading['unit'];
  value: number;
  ticked: string;
  across: string | null;
  tool: number | null;
  taken_at: string;
  received_at: string;
  struck_by: string | null;
  struck_reason: string | null;
}

const toReading = (row: ReadingRow): Reading => ({
  id: row.id,
  subject: JSON.parse(row.subject) as Touched,
  axis: row.axis,
  approach: row.approach,
  gaugeId: row.gauge_id,
  feeler: row.feeler,
  scale: row.scale,
  epoch: row.epoch,
  text: row.text,
  unit: row.unit,
  value: row.value,
  ...(row.across !== null && { across: JSON.parse(row.across) as NonNullable<Reading['across']> }),
  ...(row.tool !== null && { tool: row.tool }),
  ticked: JSON.parse(row.ticked) as string[],
  takenAt: row.taken_at,
  seq: row.seq,
  receivedAt: row.received_at,
  struckBy: row.struck_by,
  struckReason: row.struck_reason,
});

/** A reading in the ledger with the set-up it belongs to. */
export type StoredReading = Reading & { setupId: string };

/** Queries of the readings table: added, never changed. */
export function readings(db: Database) {
  const insert = db.prepare<
    [
      string,
      string,
      string,
      string,
      number,
      string,
      number,
      string,
      number,
      string,
      string,
      number,
      string,
      string | null,
      number | null,
      string,
      string,
    ]
  >(`
    INSERT INTO readings (id, setup_id, subject, axis, approach, gauge_id, feeler, scale, epoch, text, unit, value, ticked, across, tool, taken_at, received_at)
    VALUES (?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?)`);
  const get = db.prepare<[string], ReadingRow>(
    'SELECT *, NULL AS struck_by, NULL AS struck_reason FROM readings WHERE id = ?',
  );
  const ofSetup = db.prepare<[string], ReadingRow>('SELECT * FROM readings_in_ledger WHERE setup_id = ? ORDER BY seq');
  return {
    insert: (setupId: string, r: NewReading, receivedAt: string): number =>
      Number(
        insert.run(
          r.id,
          setupId,
          JSON.stringify(r.subject),
          r.axis,
          r.approach,
          r.gaugeId,
          r.feeler,
          r.scale,
          r.epoch,
          r.text,
          r.unit,
          r.value,
          JSON.stringify(r.ticked),
          r.across ? JSON.stringify(r.across) : null,
          r.tool ?? null,
          r.takenAt,
          receivedAt,
        ).lastInsertRowid,
      ),
    /** A reading as it was appended, whether struck out since or not. */
    get: (id: string): StoredReading | undefined => {
      const row = get.get(id);
      return row && { ...toReading(row), setupId: row.setup_id };
    },
    ofSetup: (setupId: string): Reading[] => ofSetup.all(setupId).map(toReading),
  };
}
