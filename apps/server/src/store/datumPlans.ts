import type { DatumPlan } from '@zero-point/core/contract/datumPlan';
import { EMPTY_DATUM_PLAN } from '@zero-point/core/datum/datumPlan';
import type { Database } from 'better-sqlite3';

/** Queries of the datum plans: one of each set-up, empty until it is first changed. */
export function datumPlans(db: Database) {
  const put = db.prepare(`
    INSERT INTO datum_plans (setup_id, body) VALUES (?, ?) ON CONFLICT (setup_id) DO UPDATE SET body = excluded.body`);
  const get = db.prepare<[string], string>('SELECT body FROM datum_plans WHERE setup_id = ?').pluck();
  return {
    put: (setupId: string, plan: DatumPlan) => put.run(setupId, JSON.stringify(plan)),
    get: (setupId: string): DatumPlan => {
      const body = get.get(setupId);
      return body === undefined ? EMPTY_DATUM_PLAN : (JSON.parse(body) as DatumPlan);
    },
  };
}
