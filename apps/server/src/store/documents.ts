import type { Database } from 'better-sqlite3';

/** One shop table: things read and written whole. */
export interface Documents<T> {
  all(): T[];
  get(id: string): T | undefined;
  has(id: string): boolean;
  put(thing: T): void;
}

export type ShopTable = 'machines' | 'gauges' | 'tools' | 'parts' | 'holdings' | 'tables';

/** Queries of one shop table. Bodies were checked by the contract on the way in. */
export function documents<T extends { id: string }>(db: Database, table: ShopTable): Documents<T> {
  const all = db.prepare<[], string>(`SELECT body FROM ${table} ORDER BY json_extract(body, '$.name')`).pluck();
  const get = db.prepare<[string], string>(`SELECT body FROM ${table} WHERE id = ?`).pluck();
  const has = db.prepare<[string], 1>(`SELECT 1 FROM ${table} WHERE id = ?`).pluck();
  const put = db.prepare(
    `INSERT INTO ${table} (id, body) VALUES (?, ?) ON CONFLICT (id) DO UPDATE SET body = excluded.body`,
  );
  const read = (body: string): T => JSON.parse(body) as T;
  return {
    all: () => all.all().map(read),
    get: (id) => {
      const body = get.get(id);
      return body === undefined ? undefined : read(body);
    },
    has: (id) => has.get(id) === 1,
    put: (thing) => {
      put.run(thing.id, JSON.stringify(thing));
    },
  };
}
