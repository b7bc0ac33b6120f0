import express from 'express';
import { pino } from 'pino';
import { Writable } from 'node:stream';
import request from 'supertest';
import { requestLog } from './requestLog';

/** What is logged while one request is answered. */
async function loggedBy(path: string): Promise<Record<string, unknown>[]> {
  const lines: string[] = [];
  const stream = new Writable({
    write: (chunk: Buffer, _encoding, done) => {
      lines.push(chunk.toString());
      done();
    },
  });
  const app = express();
  app.use(requestLog(pino({ level: 'info' }, stream)));
  app.use((_request, response) => response.json({ ok: true }));
  await request(app).post(path).set('Cookie', 'zero-point-device=a-key').send({ code: 'K7QM-2XFD' }).expect(200);
  return lines.map((line) => JSON.parse(line) as Record<string, unknown>);
}

test('a line of the log says what was answered, and neither codes, keys nor bodies', async () => {
  const [line] = await loggedBy('/pair?code=K7QM-2XFD');
  expect(line).toMatchObject({ method: 'POST', path: '/pair', status: 200, msg: 'answered' });
  expect(line?.requestId).toMatch(/^[\da-f-]{36}$/);
  expect(JSON.stringify(line)).not.toMatch(/K7QM|a-key|cookie/i);
});
