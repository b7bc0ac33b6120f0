import { deriveState } from '@zero-point/core/state/basis/setupState';
import type { Alignment } from '@zero-point/core/records/setup/alignment';
import type { Holding } from '@zero-point/core/records/shop/workholdingList';
import type { Snapshot } from '@zero-point/core/records/snapshots/snapshot';
import type { Gauge } from '@zero-point/core/records/shop/gauge';
import type { Machine } from '@zero-point/core/records/shop/machine';
import { startingMachine } from '@zero-point/core/shop/startingMachine';
import request from 'supertest';
import { demoServer, saved, SETUP } from '../testing/shop';

let server: ReturnType<typeof demoServer>;
beforeEach(() => {
  server = demoServer();
});
afterEach(() => server.store.close());

const path = `/api/setups/${SETUP}`;
const snapshot = async () => (await request(server.app).get(path).expect(200)).body as Snapshot;
const AT = '2026-11-24T10:00:00.000Z';

describe('workholding', () => {
  const check = { id: 'check-1', item: 'vise--clean', text: 'Brush the table.', action: 'tick', reason: '', at: AT };

  test('a tick is stored once, and the same id with other words is a conflict', async () => {
    await request(server.app).post(`${path}/checks`).send(check).expect(201);
    await request(server.app).post(`${path}/checks`).send(check).expect(201);
    await request(server.app)
      .post(`${path}/checks`)
      .send({ ...check, text: 'Other words.' })
      .expect(409);
    expect((await snapshot()).checks).toMatchObject([{ item: 'vise--clean', action: 'tick' }]);
  });

  test('nothing is skipped without a reason', async () => {
    const { body } = await request(server.app)
      .post(`${path}/checks`)
      .send({ ...check, action: 'skip', reason: ' ' })
      .expect(422);
    expect(body.errors).toEqual([{ field: 'reason', message: 'must say why it was skipped' }]);
    expect((await snapshot()).checks).toEqual([]);
  });

  test('is append-only down to the table', async () => {
    await request(server.app).post(`${path}/checks`).send(check).expect(201);
    expect(() => server.db.exec('DELETE FROM entries')).toThrow(/append-only/);
  });

  test('a list changed by the shop is the one its setups show; the others stay as they came', async () => {
    const own: Holding = { id: 'vise', name: 'Our vise', steps: [{ id: 'look', text: 'Look twice.', hurts: false }] };
    await request(server.app).put('/api/holdings/vise').send(saved(own)).expect(200);
    const { holdings } = await snapshot();
    expect(holdings.find(({ id }) => id === 'vise')).toEqual(own);
    expect(holdings.find(({ id }) => id === 'clamps')?.steps.length).toBeGreaterThan(5);
  });
});

describe('alignment', () => {
  const vise: Alignment = {
    task: 'vise',
    along: 'x',
    side: 'low',
    from: 0,
    to: 100,
    points: 3,
    pivot: 0,
    loose: 100,
    indicatorId: 'lever-indicator',
    sense: 1,
    allowed: 0.02,
  };

  test('how a thing is read is kept one per task', async () => {
    await request(server.app)
      .put(`${path}/alignments/vise`)
      .send(saved(vise, 'first', 'one'))
      .expect(200);
    await request(server.app)
      .put(`${path}/alignments/vise`)
      .send(saved({ ...vise, points: 5 }, 'one'))
      .expect(200);
    expect((await snapshot()).alignments).toEqual([{ ...vise, points: 5 }]);
  });

  test.each([
    ['an indicator the shop has not', { indicatorId: 'unheard-of' }, 'indicatorId'],
    ['one place only', { points: 1 }, 'body.points'],
    ['nothing allowed', { allowed: 0 }, 'body.allowed'],
    ['a task other than the address', { task: 'head', swing: 200 }, 'body'],
  ])('%s is refused by field', async (_, change, field) => {
    const { body } = await request(server.app)
      .put(`${path}/alignments/vise`)
      .send(saved({ ...vise, ...change }))
      .expect(422);
    expect(body.errors.map((one: { field: string }) => one.field)).toContain(field);
    expect((await snapshot()).alignments).toEqual([]);
  });

  test('a dial reading belongs to its pass and place', async () => {
    const reading = {
      id: 'dial-1',
      subject: { kind: 'alignment', task: 'vise', place: 0, pass: 1 },
      on: 'dial',
      gaugeId: 'lever-indicator',
      source: { by: 'typed', text: '0.012', unit: 'mm' },
      value: 0.012,
      ticked: [],
      takenAt: AT,
    };
    await request(server.app).post(`${path}/readings`).send(reading).expect(201);
    expect((await snapshot()).readings.at(-1)?.subject).toEqual(reading.subject);
  });

  test('a sweep is stored whole; two angles are refused before anything is kept', async () => {
    const points = [0, 120, 240].map((angle) => ({ angle, reading: angle / 10_000 }));
    const sweep = { id: 'sweep-1', pass: 1, name: 'bore.csv', points, at: AT };
    const two = await request(server.app)
      .post(`${path}/sweeps`)
      .send({ ...sweep, points: points.slice(0, 2) })
      .expect(422);
    expect(two.body.detail).toMatch(/three angles or more/);
    await request(server.app).post(`${path}/sweeps`).send(sweep).expect(201);
    expect((await snapshot()).sweeps).toMatchObject([sweep]);
  });

  test.each([
    ['centre-sweep', { points: [0, 20, 40].map((angle) => ({ angle, reading: 0 })), feature: 'bore' }, 'arc-too-small'],
    [
      'jaw-line',
      {
        along: 'x',
        side: 'low',
        points: [
          { at: 5, readings: [0] },
          { at: 5, readings: [1] },
        ],
        over: 100,
        pivot: 0,
        loose: 100,
      },
      'one-place',
    ],
  ])('%s reckoned without a setup refuses in words', async (name, input, code) => {
    const indicator = { resolution: 0.01, methodSd: 0.004, sense: 1 };
    const { body } = await request(server.app)
      .post(`/api/reckon/${name}`)
      .send({ ...input, indicator, allowed: 0.02 })
      .expect(422);
    expect(body).toMatchObject({ code, status: 422 });
  });
});

describe('the shop', () => {
  test.each(['dials', 'readout', 'router', 'machining-centre'] as const)(
    'takes a new machine of kind %s, in mm and inch',
    async (kind) => {
      for (const units of ['mm', 'in'] as const) {
        const machine = startingMachine(`new-${kind}-${units}`, 'New', kind, units);
        await request(server.app).put(`/api/machines/${machine.id}`).send(saved(machine)).expect(200);
        const { body } = await request(server.app).get(`/api/machines/${machine.id}`).expect(200);
        expect(body).toEqual(machine);
      }
    },
  );

  test.each([
    ['a dial of one line', { dial: { perTurn: 2, lines: 1, countsUp: 'clockwise' } }, 'body.axes.x.dial.lines'],
    ['travel of nothing', { travel: 0 }, 'body.axes.x.travel'],
  ])('refuses %s', async (_, change, field) => {
    const machine = startingMachine('m', 'New', 'dials', 'mm');
    const { body } = await request(server.app)
      .put('/api/machines/m')
      .send(saved({ ...machine, axes: { ...machine.axes, x: { ...machine.axes.x, ...change } } }))
      .expect(422);
    expect(body.errors[0].field).toBe(field);
    await request(server.app).get('/api/machines/m').expect(404);
  });

  test('a retired gauge stays for what names it, and is never deleted', async () => {
    const { body } = await request(server.app).get('/api/gauges/spring-finder-10').expect(200);
    const retired: Gauge = { ...(body as Gauge), retiredOn: '2026-11-24' };
    await request(server.app).put('/api/gauges/spring-finder-10').send(saved(retired)).expect(200);
    await request(server.app).delete('/api/gauges/spring-finder-10').expect(404);
    expect((await snapshot()).gauges.find(({ id }) => id === 'spring-finder-10')?.retiredOn).toBe('2026-11-24');
  });

  test('the demo’s machines come with their dials, backlash and rotary axes', async () => {
    const bench = (await request(server.app).get('/api/machines/bench-mill')).body as Machine;
    expect(bench.axes.x).toMatchObject({ dial: { perTurn: 3, lines: 120 } });
    const { machine } = deriveState((await request(server.app).get('/api/setups/pivots-bench-mill')).body as Snapshot);
    expect(machine.axes.x.backlash).toMatchObject({ value: 0.18 });
    const trunnion = (await request(server.app).get('/api/machines/trunnion-mill')).body as Machine;
    // The one the part stands on first, then what carries it.
    expect(trunnion.rotary?.map(({ name }) => name)).toEqual(['C', 'A']);
  });
});
