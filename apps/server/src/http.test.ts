import { edgeCase } from '@zero-point/core/datum/edge.case';
import request from 'supertest';
import { demoServer, SETUP } from './testing/shop';

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
    ['too much', JSON.stringify({ text: 'x'.repeat(300_000) }), 'application/json', 413, 'too-large'],
    ['a bare value', '7', 'application/json', 400, 'not-json'],
    ['an array', '[]', 'application/json', 422, 'invalid'],
    ['nothing', '', 'application/json', 422, 'invalid'],
  ])('a body that is %s', async (_, body, type, status, code) => {
    const answer = await request(server.app).post(`/api/setups/${SETUP}/readings`).set('Content-Type', type).send(body);
    expect([answer.status, answer.body.code]).toEqual([status, code]);
  });
});

describe('reckoning without a set-up', () => {
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
      .send({ reference: { tool: 1, z: { setTo: 10 } }, tool: 1, readings: [3], method, touchU: 0.01 })
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
