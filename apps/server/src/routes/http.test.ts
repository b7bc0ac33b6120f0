import { edgeCase } from '@zero-point/core/datum/faces/edge.case';
import { mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { pino } from 'pino';
import request from 'supertest';
import { createApp } from '../http/app';
import { demoServer, FONTS, saved, SETUP } from '../testing/shop';
import { inThisThread } from '../background/workers';

let server: ReturnType<typeof demoServer>;
beforeAll(() => {
  server = demoServer();
});
afterAll(() => server.store.close());

describe('what cannot be served is said, never a 500', () => {
  test.each([
    ['GET', '/api/setups/nowhere', 404, 'not-found'],
    ['GET', '/api/setups/nowhere/positions.csv', 404, 'not-found'],
    ['GET', '/api/machines/nowhere', 404, 'not-found'],
    ['GET', '/api/nothing', 404, 'no-such-route'],
    ['GET', '/api/setups/%E0%A4%A', 400, 'bad-address'],
    ['DELETE', `/api/setups/${SETUP}`, 404, 'no-such-route'],
  ])('%s %s is %i %s', async (method, path, status, code) => {
    const agent = request(server.app);
    const { body, headers } = await (method === 'GET' ? agent.get(path) : agent.delete(path)).expect(status);
    expect(body).toMatchObject({ status, code });
    expect(body.detail.length).toBeGreaterThan(20);
    expect(body.requestId).toBe(headers['x-request-id']);
    expect(headers['content-type']).toMatch(/application\/problem\+json/);
  });

  test.each([
    ['not JSON', '{"id": ', 'application/json', 400, 'not-json'],
    ['form data', 'id=1', 'application/x-www-form-urlencoded', 415, 'not-json'],
    ['plain text, as a foreign page could send', '{}', 'text/plain', 415, 'not-json'],
    ['too much', JSON.stringify({ text: 'x'.repeat(5_000_000) }), 'application/json', 413, 'too-large'],
    ['a bare value', '7', 'application/json', 400, 'not-json'],
    ['an array', '[]', 'application/json', 422, 'invalid'],
    ['nothing', '', 'application/json', 422, 'invalid'],
  ])('a body that is %s', async (_, body, type, status, code) => {
    const answer = await request(server.app).post(`/api/setups/${SETUP}/readings`).set('Content-Type', type).send(body);
    expect([answer.status, answer.body.code]).toEqual([status, code]);
  });
});

describe('what HTTP itself refuses is a problem document too', () => {
  test.each([
    ['POST', '/nowhere'],
    ['PUT', '/'],
    ['DELETE', '/api'],
    ['PATCH', `/api/setups/${SETUP}`],
  ] as const)('%s %s', async (method, path) => {
    const agent = request(server.app);
    const asked = { POST: agent.post, PUT: agent.put, DELETE: agent.delete, PATCH: agent.patch }[method];
    const { body, status } = await asked.call(agent, path);
    expect([status, body.code]).toEqual([404, 'no-such-route']);
  });

  test('a body whose packing is damaged is 400', async () => {
    const { body } = await request(server.app)
      .post(`/api/setups/${SETUP}/readings`)
      .set('Content-Type', 'application/json')
      .set('Content-Encoding', 'gzip')
      .send('{"id": "not packed at all"}')
      .expect(400);
    expect(body.code).toBe('bad-request');
  });

  test('conditions and ranges of a served file are 412 and 416', async () => {
    const folder = mkdtempSync(join(tmpdir(), 'zero-point-static-'));
    writeFileSync(join(folder, 'index.html'), '<!doctype html><title>Zero Point</title>');
    const app = createApp({
      store: server.store,
      db: server.db,
      fonts: FONTS,
      workers: inThisThread,
      logger: pino({ level: 'silent' }),
      staticFolder: folder,
    });
    const condition = await request(app).get('/index.html').set('If-Match', '"another"');
    expect([condition.status, condition.body.code]).toEqual([412, 'precondition']);
    const range = await request(app).get('/index.html').set('Range', 'bytes=9000-9999');
    expect([range.status, range.body.code]).toEqual([416, 'range']);
    // As the router and what serves files would answer by themselves: a page of their own.
    for (const path of ['/%', '/%ff', '/_expo/%', '/api/%', '/api/setups/%E0%A4%A']) {
      const { status, body } = await request(app).get(path);
      expect([path, status, body.code]).toEqual([path, 400, 'bad-address']);
    }
  });
});

test('the head of a stream that has no end is answered at once', async () => {
  for (const path of ['/api/events', '/api/stream', `/api/setups/${SETUP}/events`])
    await request(server.app)
      .head(path)
      .expect(200)
      .expect('Content-Type', /text\/event-stream/);
});

describe('limits hold together', () => {
  const digits = 1 / 3;

  test('ten thousand points with all their digits', async () => {
    const points = Array.from({ length: 10_000 }, (_, i) => ({
      x: (i % 100) + digits,
      y: Math.floor(i / 100) + digits,
    }));
    const pattern = { id: 'many', name: 'Many', kind: 'points', holeDiameter: 0.5, points };
    await request(server.app).put(`/api/setups/${SETUP}/patterns/many`).send(saved(pattern)).expect(200);
    const { body } = await request(server.app).get(`/api/setups/${SETUP}`).expect(200);
    const kept = body.patterns.find(({ id }: { id: string }) => id === 'many');
    expect(kept.points[9999]).toEqual(points[9999]);
  });

  test('all the numbers a tool table may have', async () => {
    const rows = Array.from({ length: 9999 }, (_, i) => ({
      number: i + 1,
      name: `Cutter ${i + 1}, end mill, four teeth`,
      length: 100 + i / 7,
      keptAt: '2026-11-26T10:00:00.000Z',
    }));
    const answer = await request(server.app)
      .put('/api/tables/knee-mill')
      .send(saved({ id: 'knee-mill', school: 'true-length', rows }));
    expect([answer.status, answer.body.detail]).toEqual([200, undefined]);
  });
});

describe('reckoning without a setup', () => {
  test('an edge comes with its tape, uncertainty and cautions', async () => {
    const { body } = await request(server.app).post('/api/reckon/edge').send(edgeCase).expect(200);
    expect(body.preset).toBe(-5);
    expect(body.tape.sections).toHaveLength(5);
    expect(body.uncertainty.U).toBeCloseTo(0.0127, 4);
    expect(body.cautions.length).toBeGreaterThan(0);
  });

  test('a refusal names the field and the remedy', async () => {
    const method = { resolution: 0.005, methodSd: 0.012 };
    const { body } = await request(server.app)
      .post('/api/reckon/tool-length')
      .send({ reference: { tool: 1, z: { setTo: 10 } }, tool: 1, readings: [3], method, uTouch: 0.01 })
      .expect(422);
    expect(body).toMatchObject({ code: 'tool-is-reference', errors: [{ field: 'tool' }] });
    expect(body.detail).toMatch(/Choose another tool/);
  });

  test('names of the language’s own are not calculations', async () => {
    for (const name of ['constructor', 'toString', '__proto__', 'nothing']) {
      await request(server.app).post(`/api/reckon/${name}`).send({}).expect(404);
    }
  });

  test('the answers are as the published schema says', async () => {
    const { body } = await request(server.app).get('/api/openapi.json').expect(200);
    expect(body.openapi).toBe('3.1.0');
    for (const name of ['edge', 'z-zero', 'tool-length', 'bolt-circle']) {
      expect(body.paths[`/api/reckon/${name}`].post.requestBody.content['application/json'].schema).toBeDefined();
    }
    expect(Object.keys(body.paths)).toContain('/api/setups/{id}/readings');
    expect(body.components.schemas.NewReading.oneOf ?? body.components.schemas.NewReading.anyOf).toHaveLength(3);
  });
});

test('pages may run only this server’s own scripts, and cannot be framed', async () => {
  const { headers } = await request(server.app).get('/api/health').expect(200);
  const policy = headers['content-security-policy'] ?? '';
  expect(policy).toContain("default-src 'none'");
  expect(policy).toContain("script-src 'self'");
  expect(policy).not.toMatch(/script-src[^;]*unsafe/);
  expect(policy).toContain("worker-src 'self' blob:");
  expect(policy).toContain("frame-ancestors 'none'");
  expect(headers['x-content-type-options']).toBe('nosniff');
  expect(headers['x-powered-by']).toBeUndefined();
});
