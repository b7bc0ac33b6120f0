import type { Database } from 'better-sqlite3';

/**
 * Queries of plans that each set-up has one of, read and written whole, empty until first changed.
 *
 * @param table a name from this program, never from a request
 */
export function plans<T>(db: Database, table: 'datum_plans' | 'cut_plans', empty: T) {
  const put = db.prepare(`
    INSERT INTO ${table} (setup_id, body) VALUES (?, ?) ON CONFLICT (setup_id) DO UPDATE SET body = excluded.body`);
  const get = db.prepare<[string], string>(`SELECT body FROM ${table} WHERE setup_id = ?`).pluck();
  return {
    put: (setupId: string, plan: T) => put.run(setupId, JSON.stringify(plan)),
    get: (setupId: string): T => {
      const body = get.get(setupId);
      return body === undefined ? empty : (JSON.parse(body) as T);
    },
  };
}
