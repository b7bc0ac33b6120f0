/** Fills a closed demo database with many setups and readings, by SQL, as an old shop would have them. */
import Database from 'better-sqlite3';

const FACES = ['left', 'right', 'front', 'back'];

/** `setups` copies of the demo's first setup, with so many readings altogether, `own` of them in one more of its own. */
export function fill(file, { setups, readings, own = 0 }) {
  const db = new Database(file);
  const plan = db
    .prepare("SELECT body FROM documents WHERE kind = 'plan' AND setup_id = 'base-plate-knee-mill'")
    .pluck()
    .get();
  const next = db.prepare(
    'SELECT 1 + max((SELECT max(seq) FROM readings), (SELECT max(seq) FROM entries), (SELECT max(seq) FROM documents))',
  );
  let seq = next.pluck().get();
  const at = '2026-11-20T10:00:00.000Z';
  const setup = db.prepare('INSERT INTO setups (id, created_at) VALUES (?, ?)');
  const document = db.prepare(
    "INSERT INTO documents (kind, setup_id, key, place, version, v, body, seq, saved_at) VALUES ('plan', ?, '', 0, 'first', 1, ?, ?, ?)",
  );
  const reading = db.prepare(`
    INSERT INTO readings (seq, id, setup_id, on_what, subject, gauge_id, value, source, ticked, taken_at, axis, approach, scale, epoch, feeler, received_at)
    VALUES (?, ?, ?, 'scale', ?, 'spring-finder-10', ?, ?, '[]', ?, ?, 1, 'readout', 'first', 0, ?)`);
  const add = (id, count) => {
    setup.run(id, at);
    document.run(id, plan, (seq += 1), at);
    for (let i = 0; i < count; i += 1) {
      const face = FACES[i % 4];
      const value = -5 + ((i * 37) % 9) / 1000;
      const source = JSON.stringify({ by: 'typed', text: String(value), unit: 'mm' });
      const subject = JSON.stringify({ kind: 'face', face });
      reading.run((seq += 1), `${id}-${i}`, id, subject, value, source, at, i % 4 < 2 ? 'x' : 'y', at);
    }
  };
  db.transaction(() => {
    for (let i = 0; i < setups; i += 1) add(`old-${i}`, Math.floor(readings / setups));
    if (own > 0) add('long', own);
  })();
  // The checksums are made at the next opening, as for a file of before there were any.
  db.exec('DROP TABLE row_sums; PRAGMA user_version = 10');
  db.close();
}
