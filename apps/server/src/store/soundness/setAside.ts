import type { Database } from 'better-sqlite3';

/** Leaves out what is set aside; for the table `r` of a query. */
export const SOUND = 'r.seq NOT IN (SELECT seq FROM temp.set_aside)';

/** Keeps rows that are not as they were stored out of every answer, for as long as this connection is open. */
export function setAsideRows(db: Database, seqs: readonly number[]): void {
  db.exec('CREATE TEMP TABLE set_aside (seq INTEGER PRIMARY KEY)');
  const add = db.prepare<[number]>('INSERT INTO temp.set_aside (seq) VALUES (?)');
  for (const seq of seqs) add.run(seq);
}
