import type { NewSetup, Plan, Setup, SetupSummary } from '@zero-point/core/contract/setup';
import type { Database } from 'better-sqlite3';

interface SetupRow {
  id: string;
  name: string;
  machine_id: string;
  part_id: string;
  finder_id: string;
  height_gauge_id: string;
  part_zero: Setup['partZero'];
  tolerance: number;
  units: Setup['units'];
  reference_tool: number;
  feeler: number;
  holding_id: string;
  scale: NonNullable<Setup['scale']> | null;
  cutter: number | null;
  caliper: string | null;
  note: string;
  created_at: string;
  changed_at: string;
}

const toSetup = (row: SetupRow): Setup => ({
  id: row.id,
  name: row.name,
  machineId: row.machine_id,
  partId: row.part_id,
  finderId: row.finder_id,
  heightGaugeId: row.height_gauge_id,
  partZero: row.part_zero,
  tolerance: row.tolerance,
  units: row.units,
  referenceTool: row.reference_tool,
  feeler: row.feeler,
  holdingId: row.holding_id,
  ...(row.scale !== null && { scale: row.scale }),
  ...(row.cutter !== null && { cutter: row.cutter }),
  ...(row.caliper !== null && { caliper: JSON.parse(row.caliper) as NonNullable<Setup['caliper']> }),
  note: row.note,
  createdAt: row.created_at,
  changedAt: row.changed_at,
});

/** What may be left out, as the columns have it. */
const columns = <P extends Plan>(plan: P) => ({
  ...plan,
  scale: plan.scale ?? null,
  cutter: plan.cutter ?? null,
  caliper: plan.caliper ? JSON.stringify(plan.caliper) : null,
});

type SummaryRow = Omit<SetupSummary, 'set'> & { set: string };

/** Queries of the set-ups table. */
export function setups(db: Database) {
  const get = db.prepare<[string], SetupRow>('SELECT * FROM setups WHERE id = ?');
  const insert = db.prepare(`
    INSERT INTO setups (id, name, machine_id, part_id, finder_id, height_gauge_id, part_zero, tolerance, units,
                        reference_tool, feeler, holding_id, scale, cutter, caliper, note, created_at, changed_at)
    VALUES (@id, @name, @machineId, @partId, @finderId, @heightGaugeId, @partZero, @tolerance, @units,
            @referenceTool, @feeler, @holdingId, @scale, @cutter, @caliper, @note, @createdAt, @changedAt)`);
  const update = db.prepare(`
    UPDATE setups SET name = @name, machine_id = @machineId, part_id = @partId, finder_id = @finderId,
      height_gauge_id = @heightGaugeId, part_zero = @partZero, tolerance = @tolerance, units = @units,
      reference_tool = @referenceTool, feeler = @feeler, holding_id = @holdingId, scale = @scale, cutter = @cutter,
      caliper = @caliper, note = @note, changed_at = @changedAt
    WHERE id = @id`);
  const touch = db.prepare('UPDATE setups SET changed_at = ? WHERE id = ?');
  const summaries = db.prepare<[], SummaryRow>(`
    SELECT s.id, s.name, m.body ->> 'name' AS machine, p.body ->> 'name' AS part,
           max(s.changed_at,
               coalesce((SELECT taken_at FROM readings WHERE setup_id = s.id ORDER BY seq DESC LIMIT 1), ''),
               coalesce((SELECT at FROM zeroings WHERE setup_id = s.id ORDER BY seq DESC LIMIT 1), '')) AS changedAt,
           (SELECT count(*) FROM readings_in_ledger r WHERE r.setup_id = s.id AND r.struck_by IS NULL) AS readings,
           (SELECT json_group_array(DISTINCT z.axis) FROM zeroings z WHERE z.setup_id = s.id AND z.form <> 'lost'
             AND NOT EXISTS (SELECT 1 FROM zeroings l WHERE l.setup_id = s.id AND l.axis = z.axis AND l.form = 'lost' AND l.seq > z.seq)) AS "set",
           (SELECT count(*) FROM patterns t WHERE t.setup_id = s.id) AS patterns
    FROM setups s JOIN machines m ON m.id = s.machine_id JOIN parts p ON p.id = s.part_id
    ORDER BY changedAt DESC, s.id`);
  return {
    get: (id: string): Setup | undefined => {
      const row = get.get(id);
      return row && toSetup(row);
    },
    insert: (setup: NewSetup) => insert.run({ ...columns(setup), changedAt: setup.createdAt }),
    update: (id: string, plan: Plan, changedAt: string) => update.run({ ...columns(plan), id, changedAt }),
    touch: (id: string, changedAt: string) => touch.run(changedAt, id),
    summaries: (): SetupSummary[] =>
      summaries.all().map((row) => ({ ...row, set: (JSON.parse(row.set) as SetupSummary['set']).sort() })),
  };
}
