import Database from 'better-sqlite3';

/** Changes a file behind the server's back, as a careless tool would. */
export function behind(file: string, sql: string): void {
  const db = new Database(file);
  db.pragma('foreign_keys = OFF');
  const guards = db.prepare<[], string>(`SELECT name FROM sqlite_schema WHERE type = 'trigger'`).pluck().all();
  for (const guard of guards) db.exec(`DROP TRIGGER ${guard}`);
  db.exec(sql);
  db.close();
}
