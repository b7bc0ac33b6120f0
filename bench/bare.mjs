/** The floor for storing readings: the barest handler that does the same single durable insert. */
import Database from 'better-sqlite3';
import { createServer } from 'node:http';

// A copy of a shop's own database: the same table with the same index and constraints, so the same single insert.
const db = new Database(process.env.DATABASE);
db.pragma('journal_mode = WAL');
db.pragma('synchronous = FULL');
db.pragma('foreign_keys = ON');
const insert = db.prepare(`
  INSERT INTO readings (id, setup_id, on_what, subject, gauge_id, value, source, ticked, taken_at, axis, approach, scale, epoch, feeler, received_at)
  VALUES (@id, @setupId, @on, @subject, @gaugeId, @value, @source, @ticked, @takenAt, @axis, @approach, @scale, @epoch, @feeler, @receivedAt)`);

const server = createServer((request, response) => {
  const parts = [];
  request.on('data', (part) => parts.push(part));
  request.on('end', () => {
    const body = JSON.parse(Buffer.concat(parts).toString());
    const receivedAt = new Date().toISOString();
    const row = {
      ...body,
      setupId: 'base-plate-knee-mill',
      scale: body.place.scale,
      subject: JSON.stringify(body.subject),
      source: JSON.stringify(body.source),
      ticked: JSON.stringify(body.ticked),
      receivedAt,
    };
    const seq = Number(insert.run(row).lastInsertRowid);
    response.writeHead(201, { 'Content-Type': 'application/json' }).end(JSON.stringify({ ...body, seq, receivedAt }));
  });
});
server.listen(0, '127.0.0.1', () => console.log(`bare handler at http://127.0.0.1:${server.address().port}/`));
process.on('SIGTERM', () => process.exit(0));
