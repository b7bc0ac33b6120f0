import type { Repeatability } from '@zero-point/core/contract/setup';
import type { Database } from 'better-sqlite3';

interface Row {
  gaugeId: string;
  squares: number;
  dof: number;
  readings: number;
}

/**
 * Scatter of every gauge over the whole log: squares of the readings about the mean of their own touch, pooled.
 * A touch is all readings in force of one thing on one zero of the scale with one contact at one place.
 */
export function repeatability(db: Database) {
  const all = db.prepare<[], Row>(`
    WITH repeats AS (
      SELECT gauge_id, value,
             avg(value) OVER touch AS mean,
             count(*) OVER touch AS n,
             row_number() OVER (PARTITION BY setup_id, subject, axis, approach, scale, epoch, gauge_id, feeler, tool,
                                             round(coalesce(across ->> 'value', 0)) ORDER BY seq) AS place
      FROM readings_in_ledger
      WHERE struck_by IS NULL AND subject ->> 'kind' <> 'bore-size'
      WINDOW touch AS (PARTITION BY setup_id, subject, axis, approach, scale, epoch, gauge_id, feeler, tool,
                                    round(coalesce(across ->> 'value', 0)))
    )
    SELECT gauge_id AS gaugeId,
           sum((value - mean) * (value - mean)) AS squares,
           count(*) - sum(place = 1) AS dof,
           count(*) AS readings
    FROM repeats WHERE n > 1 GROUP BY gauge_id ORDER BY gauge_id`);
  return (): Repeatability[] =>
    all.all().map(({ gaugeId, squares, dof, readings }) => ({ gaugeId, sd: Math.sqrt(squares / dof), dof, readings }));
}
