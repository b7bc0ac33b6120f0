import type { Snapshot } from '@zero-point/core/records/snapshots/snapshot';
import { EMPTY_DATUM_PLAN } from '@zero-point/core/records/setup/datumPlan';
import request from 'supertest';
import { demoServer, freshFile, leftFace, saved, SETUP, xSet } from '../testing/shop';

let server: ReturnType<typeof demoServer>;
beforeEach(() => {
  server = demoServer();
});
afterEach(() => server.store.close());

const base = `/api/setups/${SETUP}`;
const snapshot = async (setup = SETUP) =>
  (await request(server.app).get(`/api/setups/${setup}`).expect(200)).body as Snapshot;

describe('touches that make a line or a circle', () => {
  const touch = leftFace({
    subject: { kind: 'round', of: 'hole-1' },
    across: { text: '58.2', value: 58.2 },
    gaugeId: 'probe-4',
    text: '51.011',
    value: 51.011,
  });

  test('are kept with where the other axis stood and the cutter that touched', async () => {
    const body = { ...touch, tool: 3 };
    const first = await request(server.app).post(`${base}/readings`).send(body).expect(201);
    expect((await request(server.app).post(`${base}/readings`).send(body).expect(201)).body).toEqual(first.body);
    expect((await snapshot()).readings.at(-1)).toMatchObject({
      across: { text: '58.2', value: 58.2 },
      tool: 3,
      subject: { kind: 'round', of: 'hole-1' },
    });
  });

  test('whose second text is no length, or another one, are refused by that field', async () => {
    for (const across of [
      { text: 'five', value: 5 },
      { text: '58.2', value: 85.2 },
      { text: '', value: 0 },
    ]) {
      const answer = await request(server.app)
        .post(`${base}/readings`)
        .send({ ...touch, across })
        .expect(422);
      expect(JSON.stringify(answer.body.errors)).toMatch(/across/);
    }
    expect((await snapshot()).readings).toHaveLength(3);
  });
});

test('turns and lines are a length on the bench mill’s dials, and on no other machine', async () => {
  const turns = leftFace({ text: '4t 13', value: 12.325, scale: 'dial' });
  await request(server.app).post(`${base}/readings`).send(turns).expect(422);
  const { setup } = await snapshot();
  const { changedAt: _, ...plan } = setup;
  const onDials = { ...plan, id: 'on-dials', machineId: 'bench-mill' };
  await request(server.app).post('/api/setups').send(onDials).expect(201);
  await request(server.app).post('/api/setups/on-dials/readings').send(turns).expect(201);
  await request(server.app)
    .post('/api/setups/on-dials/readings')
    .send(leftFace({ id: 'touch-2', text: '4t 130', value: 12.325, scale: 'dial' }))
    .expect(422);
});

describe('the datum plan', () => {
  const plan = {
    ...EMPTY_DATUM_PLAN,
    ways: { 'corner.front-left': 'square', 'round.hole-1': 'sweep' },
    known: { 'face.left': 2.5 },
    carried: { from: 'corner.front-left', readings: ['touch-1'] },
    local: [{ id: 'bore', name: 'Bearing bore', at: { x: 62, y: 58 }, workOffset: 'G55' }],
  };

  test('is empty at first, put whole, and there after a restart', async () => {
    expect((await snapshot()).datumPlan).toEqual(EMPTY_DATUM_PLAN);
    await request(server.app).put(`${base}/datum`).send(saved(plan)).expect(200);
    expect((await snapshot()).datumPlan).toEqual(plan);
  });

  test.each([
    ['a way there is not', { ways: { 'corner.front-left': 'guess' } }, 'ways'],
    ['a key of no feature', { known: { nonsense: 1 } }, 'known'],
    ['an absurd place', { known: { 'face.left': 1e9 } }, 'known'],
    ['a datum without a name', { local: [{ id: 'a', name: '', at: { x: 0, y: 0 } }] }, 'local'],
  ])('with %s is refused by its field, and the good one stays', async (_, change, field) => {
    const answer = await request(server.app)
      .put(`${base}/datum`)
      .send(saved({ ...plan, ...change }))
      .expect(422);
    expect(JSON.stringify(answer.body.errors)).toContain(field);
    expect((await snapshot()).datumPlan).toEqual(EMPTY_DATUM_PLAN);
  });

  test('of a setup there is not is not found', async () => {
    await request(server.app).put('/api/setups/gone/datum').send(saved(plan)).expect(404);
  });
});

test('the plan keeps scale, cutter and caliper, and gives them up again', async () => {
  const { setup } = await snapshot();
  const { id: _, createdAt: _created, changedAt: _changed, ...plan } = setup;
  const more = { scale: 'incremental', cutter: 2, caliper: { x: 184.1 } };
  await request(server.app)
    .put(`${base}/plan`)
    .send(saved({ ...plan, ...more }, 'first', 'one'))
    .expect(200);
  expect((await snapshot()).setup).toMatchObject(more);
  await request(server.app).put(`${base}/plan`).send(saved(plan, 'one')).expect(200);
  expect((await snapshot()).setup).not.toHaveProperty('scale');
});

test('an axis whose zero was lost is set no more on the bench', async () => {
  const zeroing = xSet();
  const setOnBench = async () => {
    const { body } = await request(server.app).get('/api/setups').expect(200);
    return (body as { id: string; set: string[] }[]).find(({ id }) => id === SETUP)?.set;
  };
  await request(server.app).post(`${base}/zeroings`).send(zeroing).expect(201);
  expect(await setOnBench()).toEqual(['x']);
  const lost = {
    ...zeroing,
    id: 'zero-2',
    began: 'x-2',
    opens: 'x-3',
    form: 'lost',
    subject: { kind: 'lost', why: 'power-loss' },
    at: '2026-11-24T10:00:00.000Z',
  };
  await request(server.app).post(`${base}/zeroings`).send(lost).expect(201);
  expect(await setOnBench()).toEqual([]);
  expect((await snapshot()).zeroings.at(-1)).toMatchObject({ form: 'lost', place: { scale: 'readout' } });
});

describe('how well a gauge repeats, by the whole log', () => {
  const of = async (gaugeId: string) => (await snapshot()).repeatability.find((one) => one.gaugeId === gaugeId);

  test('is the scatter of repeats about their own touch, pooled over all setups; struck ones left out', async () => {
    // Two touches of two: ±0.002 about one mean, ±0.004 about another.
    const values = [10.002, 9.998, 20.004, 19.996];
    for (const [i, value] of values.entries()) {
      const subject = { kind: 'face' as const, face: i < 2 ? ('left' as const) : ('front' as const) };
      await request(server.app)
        .post(`/api/setups/plinth-router/readings`)
        .send(leftFace({ id: `t-${i}`, subject, gaugeId: 'pin-6', text: `${value}`, value }))
        .expect(201);
    }
    const expected = Math.sqrt((2 * 0.002 ** 2 + 2 * 0.004 ** 2) / 2);
    expect(await of('pin-6')).toMatchObject({ sd: expect.closeTo(expected, 9), dof: 2, readings: 4 });
    await request(server.app)
      .post('/api/setups/plinth-router/strikes')
      .send({ id: 's-1', readingId: 't-3', action: 'strike', reason: 'misread', at: '2026-11-24T10:00:00.000Z' })
      .expect(201);
    expect(await of('pin-6')).toMatchObject({ sd: expect.closeTo(Math.sqrt(2 * 0.002 ** 2), 9), dof: 1, readings: 2 });
  });

  test('touches of different faces or on different zeros are not repeats of each other', async () => {
    expect(await of('ring-finder-19')).toBeUndefined();
    await request(server.app)
      .post(`${base}/readings`)
      .send(leftFace({ gaugeId: 'ring-finder-19' }))
      .expect(201);
    await request(server.app).post(`${base}/zeroings`).send(xSet()).expect(201);
    await request(server.app)
      .post(`${base}/readings`)
      .send(leftFace({ id: 'touch-2', gaugeId: 'ring-finder-19', epoch: 'x-2', text: '4', value: 4 }))
      .expect(201);
    expect(await of('ring-finder-19')).toBeUndefined();
  });
});

test('a database of an earlier version is brought up without losing a reading', async () => {
  await request(server.app).post(`${base}/readings`).send(leftFace()).expect(201);
  const file = freshFile();
  server.db.exec(`VACUUM INTO '${file}'`);
  server.store.close();
  server = demoServer(file);
  expect((await snapshot()).readings.at(-1)).toMatchObject({ id: 'touch-1', value: -5.012 });
});

describe('tool lengths kept for a machine', () => {
  const table = {
    id: 'knee-mill',
    school: 'reference-tool',
    rows: [{ number: 2, name: 'Drill 4.2', length: -12.31, U: 0.03, keptAt: '2026-11-24T10:00:00.000Z' }],
  };

  test('come with every setup of that machine, and with no other', async () => {
    expect((await snapshot()).toolTable).toBeNull();
    await request(server.app).put('/api/tables/knee-mill').send(saved(table)).expect(200);
    expect((await snapshot()).toolTable).toEqual(table);
    expect((await snapshot('plinth-router')).toolTable).toBeNull();
  });

  test.each([
    ['a tool twice', { rows: [...table.rows, ...table.rows] }, 422],
    ['an absurd length', { rows: [{ ...table.rows[0], length: 1e6 }] }, 422],
    ['a machine there is not', { id: 'gone' }, 422],
  ])('with %s are refused, and the good table stays', async (_, change, status) => {
    await request(server.app)
      .put('/api/tables/knee-mill')
      .send(saved(table, 'first', 'good'))
      .expect(200);
    const body = { ...table, ...change };
    const began = body.id === 'gone' ? 'first' : 'good';
    await request(server.app).put(`/api/tables/${body.id}`).send(saved(body, began)).expect(status);
    expect((await snapshot()).toolTable).toEqual(table);
  });
});
