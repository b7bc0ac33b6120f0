import type { Alignment } from '@zero-point/core/contract/alignment';
import type { Database } from 'better-sqlite3';

/** Queries of the alignments table: one of each task in a set-up. */
export function alignments(db: Database) {
  const put = db.prepare(`
    INSERT INTO alignments (setup_id, task, body) VALUES (?, ?, ?)
    ON CONFLICT (setup_id, task) DO UPDATE SET body = excluded.body`);
  const ofSetup = db.prepare<[string], string>('SELECT body FROM alignments WHERE setup_id = ? ORDER BY task').pluck();
  return {
    put: (setupId: string, alignment: Alignment) => put.run(setupId, alignment.task, JSON.stringify(alignment)),
    ofSetup: (setupId: string): Alignment[] => ofSetup.all(setupId).map((body) => JSON.parse(body) as Alignment),
  };
}
