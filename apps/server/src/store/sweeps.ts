import type { NewSweep, Sweep } from '@zero-point/core/contract/ledger';
import type { Database } from 'better-sqlite3';

type SweepRow = Omit<Sweep, 'points'> & { points: string; setupId: string };

const COLUMNS = 'id, setup_id AS setupId, pass, name, points, at, seq, received_at AS receivedAt';

const toSweep = ({ points, ...row }: SweepRow) => ({ ...row, points: JSON.parse(points) as Sweep['points'] });

/** Queries of the sweeps table: added, never changed. */
export function sweeps(db: Database) {
  const insert = db.prepare(`
    INSERT INTO sweeps (id, setup_id, pass, name, points, at, received_at)
    VALUES (@id, @setupId, @pass, @name, @points, @at, @receivedAt)`);
  const get = db.prepare<[string], SweepRow>(`SELECT ${COLUMNS} FROM sweeps WHERE id = ?`);
  const ofSetup = db.prepare<[string], SweepRow>(`SELECT ${COLUMNS} FROM sweeps WHERE setup_id = ? ORDER BY seq`);
  return {
    insert: (setupId: string, sweep: NewSweep, receivedAt: string): number =>
      Number(insert.run({ ...sweep, setupId, points: JSON.stringify(sweep.points), receivedAt }).lastInsertRowid),
    get: (id: string): (Sweep & { setupId: string }) | undefined => {
      const row = get.get(id);
      return row && toSweep(row);
    },
    ofSetup: (setup: string): Sweep[] =>
      ofSetup.all(setup).map((row) => {
        const { setupId: _, ...sweep } = toSweep(row);
        return sweep;
      }),
  };
}
