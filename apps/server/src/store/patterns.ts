import type { Pattern } from '@zero-point/core/contract/setup';
import type { Database } from 'better-sqlite3';

/** Queries of the patterns table. */
export function patterns(db: Database) {
  const put = db.prepare(`
    INSERT INTO patterns (id, setup_id, place, body)
    VALUES (@id, @setupId, (SELECT count(*) FROM patterns WHERE setup_id = @setupId), @body)
    ON CONFLICT (id) DO UPDATE SET body = excluded.body`);
  const owner = db.prepare<[string], string>('SELECT setup_id FROM patterns WHERE id = ?').pluck();
  const ofSetup = db
    .prepare<[string], string>('SELECT body FROM patterns WHERE setup_id = ? ORDER BY place, id')
    .pluck();
  return {
    put: (setupId: string, pattern: Pattern) => put.run({ id: pattern.id, setupId, body: JSON.stringify(pattern) }),
    owner: (id: string): string | undefined => owner.get(id),
    ofSetup: (setupId: string): Pattern[] => ofSetup.all(setupId).map((body) => JSON.parse(body) as Pattern),
  };
}
