import type { Database } from 'better-sqlite3';

export interface SetupRow {
  id: string;
  createdAt: string;
}

/** Queries of the setups table: that there is one, and since when. What is planned is a document. */
export function setups(db: Database) {
  const get = db.prepare<[string], SetupRow>('SELECT id, created_at AS createdAt FROM setups WHERE id = ?');
  const insert = db.prepare('INSERT INTO setups (id, created_at) VALUES (?, ?)');
  const all = db.prepare<[], SetupRow>('SELECT id, created_at AS createdAt FROM setups ORDER BY id');
  return {
    get: (id: string): SetupRow | undefined => get.get(id),
    insert: ({ id, createdAt }: SetupRow): void => {
      insert.run(id, createdAt);
    },
    all: (): SetupRow[] => all.all(),
  };
}

export type Setups = ReturnType<typeof setups>;
