import { gaugeUses, machineRepeats } from '@zero-point/core/records/snapshots/gaugeUses';
import { dueLine } from '@zero-point/core/messages/gauges/dueList';
import request from 'supertest';
import { z } from 'zod';
import { demoServer, leftFace, SETUP } from '../testing/shop';

let server: ReturnType<typeof demoServer>;
beforeEach(() => {
  server = demoServer();
});
afterEach(() => server.store.close());

const uses = async (gaugeId: string) =>
  z
    .array(gaugeUses)
    .parse((await request(server.app).get('/api/uses').expect(200)).body)
    .find((one) => one.gaugeId === gaugeId);

const found = (at: string, from = at) => ({
  id: `found-${at.slice(0, 10)}`,
  of: { kind: 'gauge', gaugeId: 'spring-finder-10' },
  found: { what: 'size', value: 10.004, U: 0.004 },
  reference: 'Gauge block 25',
  from,
  at,
});

test('touches with a gauge are counted from when it was last found, setup by setup', async () => {
  const never = await uses('spring-finder-10');
  expect(never?.since).toBeNull();
  expect(never?.touches).toBeGreaterThan(0);
  const at = '2026-11-25T08:00:00.000Z';
  await request(server.app).post('/api/calibrations').send(found(at)).expect(201);
  expect(await uses('spring-finder-10')).toEqual({ gaugeId: 'spring-finder-10', since: at, touches: 0, setups: [] });
  const later = '2026-11-25T09:00:00.000Z';
  for (const id of ['a', 'b'])
    await request(server.app)
      .post(`/api/setups/${SETUP}/readings`)
      .send(leftFace({ id, takenAt: later }))
      .expect(201);
  expect(await uses('spring-finder-10')).toMatchObject({
    touches: 2,
    setups: [{ id: SETUP, name: 'Base plate on the knee mill', touches: 2, last: later }],
  });
});

test('a drop does not begin the count again: what used it since it was last known good is what is asked', async () => {
  const before = await uses('spring-finder-10');
  const dropped = { ...found('2026-11-25T08:00:00.000Z'), found: { what: 'void', why: 'dropped' } };
  await request(server.app).post('/api/calibrations').send(dropped).expect(201);
  expect(await uses('spring-finder-10')).toEqual(before);
});

test('how a gauge repeats, machine by machine, and how long a touch takes', async () => {
  const told = async () =>
    z
      .array(machineRepeats)
      .parse((await request(server.app).get('/api/gauges/spring-finder-10/repeatability').expect(200)).body);
  const before = (await told()).find(({ machineId }) => machineId === 'knee-mill');
  const at = (second: number) => new Date(Date.parse('2026-11-25T09:00:00.000Z') + second * 1000).toISOString();
  for (let i = 0; i < 10; i += 1) {
    const value = i % 2 === 0 ? -5 : -5.01;
    await request(server.app)
      .post(`/api/setups/${SETUP}/readings`)
      .send(leftFace({ id: `r-${i}`, text: String(value), value, takenAt: at(10 * i) }))
      .expect(201);
  }
  const after = (await told()).find(({ machineId }) => machineId === 'knee-mill');
  expect(after).toMatchObject({ machine: 'Knee mill', seconds: 10 });
  expect((after?.dof ?? 0) - (before?.dof ?? 0)).toBe(9);
  const gained = (after?.sd ?? 0) ** 2 * (after?.dof ?? 0) - (before?.sd ?? 0) ** 2 * (before?.dof ?? 0);
  expect(gained).toBeCloseTo(0.00025, 9);
  expect((await request(server.app).get('/api/gauges/never-used/repeatability').expect(200)).body).toEqual([]);
});

test('the due list tells what was dropped first, and no more once it is measured again', async () => {
  const due = async () => z.array(dueLine).parse((await request(server.app).get('/api/due').expect(200)).body);
  const mine = async () => (await due()).filter(({ of }) => of.kind === 'gauge' && of.gaugeId === 'spring-finder-10');
  expect(await mine()).toEqual([]);
  const at = new Date(Date.now() - 60_000).toISOString();
  await request(server.app)
    .post('/api/calibrations')
    .send({ ...found(at), id: 'fell', found: { what: 'void', why: 'dropped' } })
    .expect(201);
  expect(await mine()).toMatchObject([{ grave: true, words: expect.stringMatching(/since it was dropped/) as string }]);
  await request(server.app).post('/api/calibrations').send(found(new Date().toISOString())).expect(201);
  expect(await mine()).toEqual([]);
});

describe('refused, with the field and the remedy', () => {
  test.each([
    ['dated in the future', found('2999-01-01T08:00:00.000Z'), 'at', /Set the clock/],
    [
      'counting before it was made',
      found('2026-11-01T08:00:00.000Z', '2026-11-02T08:00:00.000Z'),
      'from',
      /cannot count before/,
    ],
    [
      'a centre of a finder',
      { ...found('2026-11-01T08:00:00.000Z'), found: { what: 'centre', at: [1, 2], U: [0, 0], by: 'bore' } },
      'found.what',
      /of a rotary axis its centre or sense/,
    ],
    [
      'a gauge the shop has not',
      { ...found('2026-11-01T08:00:00.000Z'), of: { kind: 'gauge', gaugeId: 'gone' } },
      'of.gaugeId',
      /./,
    ],
  ])('%s', async (_, body, field, words) => {
    const answer = await request(server.app).post('/api/calibrations').send(body).expect(422);
    expect(answer.body.errors[0].field).toBe(field);
    expect(answer.body.errors[0].message).toMatch(words);
  });
});

test('what a routine found is kept with its readings, whatever it is of', async () => {
  const at = '2026-11-25T08:00:00.000Z';
  const machineId = 'trunnion-mill';
  const rows = [
    { of: { kind: 'rotary', machineId, axis: 'A' }, found: { what: 'sense', value: 1 } },
    {
      of: { kind: 'rotary', machineId, axis: 'C' },
      found: { what: 'centre', at: [310, -120], U: [0.004, 0.004], by: 'angles' },
      readings: { '0 x': [355], '120 x': [285.8] },
    },
    {
      of: { kind: 'axis', machineId, axis: 'x' },
      found: { what: 'errors', errors: [{ at: 25, error: 0.002, U: 0.003 }] },
    },
    { of: { kind: 'spot', machineId }, found: { what: 'touch', value: 0.004, U: 0.001, approaches: 10 } },
    { of: { kind: 'gauge', gaugeId: 'probe-4' }, found: { what: 'radii', x: { plus: 1.986, minus: 1.982 }, U: 0.002 } },
  ].map((row, i) => ({ id: `row-${i}`, from: at, at, routine: 'by hand', ...row }));
  for (const row of rows) await request(server.app).post('/api/calibrations').send(row).expect(201);
  const { body } = await request(server.app).get('/api/shop').expect(200);
  const kept = (body as { calibrations: { id: string }[] }).calibrations.filter(({ id }) => id.startsWith('row-'));
  expect(kept).toMatchObject(rows);
});
