import type { Snapshot } from '@zero-point/core/records/snapshots/snapshot';
import { deriveState } from '@zero-point/core/state/basis/setupState';
import { faceAnswer } from '@zero-point/core/state/datum/face';
import request from 'supertest';
import { demoServer, leftFace, saved, SETUP, xSet } from '../testing/shop';

let server: ReturnType<typeof demoServer>;
beforeEach(() => {
  server = demoServer();
});
afterEach(() => server.store.close());

const readings = `/api/setups/${SETUP}/readings`;
const snapshot = async () => (await request(server.app).get(`/api/setups/${SETUP}`).expect(200)).body as Snapshot;
const count = () => server.db.prepare('SELECT count(*) FROM readings').pluck().get();

describe('logging a reading', () => {
  test('is kept with its text, scale and epoch', async () => {
    await request(server.app)
      .post(readings)
      .send(leftFace({ text: '-5 3/250', value: -5.012 }))
      .expect(201);
    expect((await snapshot()).readings.at(-1)).toMatchObject({
      source: { by: 'typed', text: '-5 3/250', unit: 'mm' },
      value: -5.012,
      place: { scale: 'readout' },
      epoch: 'first',
      struckBy: null,
    });
  });

  test('of a zero the control has set is its figure and the place on the part, and no other', async () => {
    const zero = (value: number) => ({
      ...leftFace({ value }),
      source: { by: 'control', text: '-210.004', unit: 'mm', place: -19 },
    });
    const { body } = await request(server.app).post(readings).send(zero(-210.004)).expect(422);
    expect(body.errors[0]).toMatchObject({ field: 'value' });
    await request(server.app).post(readings).send(zero(-229.004)).expect(201);
    expect((await snapshot()).readings.at(-1)?.source).toMatchObject({ by: 'control', place: -19 });
  });

  test('twice with one id stores it once and answers the same', async () => {
    const first = await request(server.app).post(readings).send(leftFace()).expect(201);
    const before = count();
    const second = await request(server.app).post(readings).send(leftFace()).expect(201);
    expect(second.body).toEqual(first.body);
    expect(count()).toBe(before);
  });

  test('with a known id and other content is a conflict, on this setup or another', async () => {
    await request(server.app).post(readings).send(leftFace()).expect(201);
    const before = count();
    await request(server.app)
      .post(readings)
      .send(leftFace({ text: '-4.012', value: -4.012 }))
      .expect(409);
    const elsewhere = await request(server.app).post('/api/setups/plinth-router/readings').send(leftFace()).expect(409);
    expect(elsewhere.body).toMatchObject({ code: 'conflict', status: 409 });
    expect(count()).toBe(before);
    expect((await snapshot()).readings.at(-1)?.value).toBe(-5.012);
  });

  test.each([
    ['an empty text', { text: '' }, 'source.text'],
    ['a text that is no length', { text: '12 13', value: 12 }, 'source.text'],
    ['an ambiguous text', { text: '1,234.5', value: 1234.5 }, 'source.text'],
    ['an absurd value', { text: '1000000000', value: 1e9 }, 'value'],
    ['a value the text does not mean', { text: '-5.012', value: 5.012 }, 'value'],
    ['an inch text taken as millimetres', { text: '1/2in', value: 0.5 }, 'value'],
    ['a gauge the shop has not', { gaugeId: 'unheard-of' }, 'gaugeId'],
    ['an approach of 0', { approach: 0 as never }, 'approach'],
    ['an epoch that nobody opened', { epoch: 'x-9' }, 'epoch'],
  ])('%s is refused by field, and nothing is stored', async (_, change, field) => {
    const before = count();
    const { body } = await request(server.app)
      .post(readings)
      .send(leftFace(change))
      .expect(422)
      .expect('Content-Type', /problem\+json/);
    expect(body.errors[0].field).toBe(field);
    expect(body.detail).toMatch(/Nothing was stored/);
    expect(count()).toBe(before);
  });
});

describe('striking out', () => {
  const strike = (change = {}) => ({
    id: 's1',
    readingId: `${SETUP}-right-2`,
    action: 'strike',
    reason: 'misread',
    at: '2026-11-24T09:00:00.000Z',
    ...change,
  });
  const strikes = `/api/setups/${SETUP}/strikes`;

  test('takes a reading out of the answer and leaves it in the log', async () => {
    const wild = faceAnswer(deriveState(await snapshot()), 'right')?.result.repeats.wild;
    expect(wild).toEqual([1]);
    await request(server.app).post(strikes).send(strike()).expect(201);
    const after = await snapshot();
    expect(after.readings.find(({ id }) => id === `${SETUP}-right-2`)).toMatchObject({
      struckBy: 's1',
      struckReason: 'misread',
      value: 189.995,
    });
    expect(faceAnswer(deriveState(after), 'right')?.result.edge).toBeCloseTo(183.9975, 9);
    await request(server.app)
      .post(strikes)
      .send(strike({ id: 's2', action: 'restore', reason: '' }))
      .expect(201);
    expect((await snapshot()).readings.find(({ id }) => id === `${SETUP}-right-2`)?.struckBy).toBeNull();
  });

  test('a reading of another setup is refused', async () => {
    await request(server.app).post('/api/setups/plinth-router/strikes').send(strike()).expect(422);
  });
});

test('the log itself refuses to change or lose a row', () => {
  expect(() => server.db.exec('UPDATE readings SET value = 0')).toThrow(/append-only/);
  expect(() => server.db.exec('DELETE FROM readings')).toThrow(/append-only/);
});

test('setting an axis is kept and shows on the bench', async () => {
  const zeroing = xSet();
  await request(server.app).post(`/api/setups/${SETUP}/zeroings`).send(zeroing).expect(201);
  await request(server.app).post(`/api/setups/${SETUP}/zeroings`).send(zeroing).expect(201);
  expect((await snapshot()).zeroings).toHaveLength(1);
  const bench = await request(server.app).get('/api/setups').expect(200);
  expect(bench.body[0]).toMatchObject({ id: SETUP, set: ['x'], readings: 3, patterns: 2 });
});

test('an axis can be set from the middle of two faces, which is nothing to be read itself', async () => {
  const subject = { kind: 'middle', axis: 'x' };
  const { opens: _, ...kept } = xSet({ form: 'work-offset', value: 92 });
  const zeroing = { ...kept, subject };
  await request(server.app).post(`/api/setups/${SETUP}/zeroings`).send(zeroing).expect(201);
  expect((await snapshot()).zeroings[0]?.subject).toEqual(subject);
  await request(server.app)
    .post(readings)
    .send({ ...leftFace(), subject })
    .expect(422);
});

describe('patterns and plans', () => {
  test('a changed first angle is stored and exported', async () => {
    const [ring] = (await snapshot()).patterns;
    if (ring?.kind !== 'bolt-circle') throw new Error('the demo has a bolt circle');
    const turned = { ...ring, circle: { ...ring.circle, firstAngle: 30 } };
    await request(server.app).put(`/api/setups/${SETUP}/patterns/${ring.id}`).send(saved(turned)).expect(200);
    const { text, headers } = await request(server.app).get(`/api/setups/${SETUP}/positions.csv`).expect(200);
    expect(headers['content-disposition']).toContain(`${SETUP}-positions.csv`);
    expect(text.split('\r\n')[1]).toBe('Bearing screws,1,82.785,70.000,mm,30.000,4.200,9.500,');
  });

  test.each([
    ['0 holes', { holes: 0 }],
    ['10 001 holes', { holes: 10_001 }],
    ['no diameter', { diameter: 0 }],
    ['a negative diameter', { diameter: -48 }],
  ])('%s are refused and the pattern stays', async (_, change) => {
    const [ring] = (await snapshot()).patterns;
    if (ring?.kind !== 'bolt-circle') throw new Error('the demo has a bolt circle');
    const bad = { ...ring, circle: { ...ring.circle, ...change } };
    await request(server.app).put(`/api/setups/${SETUP}/patterns/${ring?.id}`).send(saved(bad)).expect(422);
    expect((await snapshot()).patterns[0]).toEqual(ring);
  });

  test('a pattern under the same id in another setup is another pattern', async () => {
    const [ring] = (await snapshot()).patterns;
    const other = { ...ring, name: 'Elsewhere' };
    await request(server.app).put(`/api/setups/plinth-router/patterns/${ring?.id}`).send(saved(other)).expect(200);
    expect((await snapshot()).patterns[0]).toEqual(ring);
  });

  test('a plan naming what the shop has not is refused field by field', async () => {
    const { setup } = await snapshot();
    const { body } = await request(server.app)
      .put(`/api/setups/${SETUP}/plan`)
      .send(saved({ ...setup, machineId: 'nowhere', finderId: 'nothing' }))
      .expect(422);
    expect(body.errors.map(({ field }: { field: string }) => field)).toEqual(['machineId', 'finderId']);
    const kept = await request(server.app)
      .put(`/api/setups/${SETUP}/plan`)
      .send(saved({ ...setup, tolerance: 0.05 }))
      .expect(200);
    expect(kept.body.body.tolerance).toBe(0.05);
  });

  test('starting the same setup twice makes one; another under its id is a conflict', async () => {
    const { setup } = await snapshot();
    const fresh = { ...setup, id: 'second-plate', name: 'Second plate' };
    await request(server.app).post('/api/setups').send(fresh).expect(201);
    await request(server.app).post('/api/setups').send(fresh).expect(201);
    await request(server.app)
      .post('/api/setups')
      .send({ ...fresh, name: 'Third plate' })
      .expect(409);
    expect((await request(server.app).get('/api/setups')).body).toHaveLength(7);
  });
});

test('a new part is put, read back, and refused under another address', async () => {
  const part = { id: 'gear-blank', name: 'Gear blank', material: 'brass', size: { x: 40, y: 40, z: 6 }, holes: [] };
  await request(server.app).put('/api/parts/gear-blank').send(saved(part)).expect(200);
  expect((await request(server.app).get('/api/parts/gear-blank').expect(200)).body).toEqual(part);
  await request(server.app).put('/api/parts/other').send(saved(part)).expect(422);
  expect((await request(server.app).get('/api/shop')).body.parts).toHaveLength(5);
});
