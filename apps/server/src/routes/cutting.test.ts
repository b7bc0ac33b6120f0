import type { CutPlan } from '@zero-point/core/records/setup/cutPlan';
import type { NewReading } from '@zero-point/core/records/log/reading';
import type { Pattern } from '@zero-point/core/records/setup/pattern';
import type { Snapshot } from '@zero-point/core/records/snapshots/snapshot';
import request from 'supertest';
import { demoServer, saved, SETUP } from '../testing/shop';

let server: ReturnType<typeof demoServer>;
beforeEach(() => {
  server = demoServer();
});
afterEach(() => server.store.close());

const snapshot = async (id = SETUP): Promise<Snapshot> =>
  (await request(server.app).get(`/api/setups/${id}`).expect(200)).body;

const common = { id: 'new-pattern', name: 'New pattern', holeDiameter: 3 };
const PATTERNS: Pattern[] = [
  { ...common, kind: 'row', row: { start: { x: 1, y: 2 }, pitch: 3, holes: 4, angle: 5 } },
  { ...common, kind: 'grid', grid: { start: { x: 1, y: 2 }, pitchX: 3, pitchY: -4, columns: 5, rows: 6, angle: 0 } },
  {
    ...common,
    kind: 'frame',
    frame: { centre: { x: 1, y: 2 }, width: 30, height: 20, columns: 3, rows: 2, angle: 0 },
    steps: ['spot', 'drill'],
  },
  { ...common, kind: 'polar', polar: { centre: { x: 0, y: 0 }, places: [{ radius: 5, angle: 30 }] }, depth: 9.5 },
  {
    ...common,
    kind: 'points',
    points: [{ x: 1, y: 2, diameter: 4.2, depth: 9, note: 'deep' }],
    moved: { mirror: { axis: 'x', at: 3 }, turn: { angle: 4, about: { x: 0, y: 0 } }, shift: { x: 1, y: 1 } },
  },
];

test.each(PATTERNS)('a $kind is kept whole, and laid aside without being lost', async (pattern) => {
  const path = `/api/setups/${SETUP}/patterns/${pattern.id}`;
  await request(server.app)
    .put(path)
    .send(saved(pattern, 'first', 'made'))
    .expect(200);
  expect((await snapshot()).patterns.at(-1)).toEqual(pattern);
  const csv = async () => (await request(server.app).get(`/api/setups/${SETUP}/positions.csv`).expect(200)).text;
  expect(await csv()).toContain('New pattern,1,');
  await request(server.app)
    .put(path)
    .send(saved({ ...pattern, laidAside: true }, 'made'))
    .expect(200);
  expect(await csv()).not.toContain('New pattern');
  expect((await snapshot()).patterns.at(-1)).toEqual({ ...pattern, laidAside: true });
});

test('a pattern of no known kind is refused', async () => {
  const { body } = await request(server.app)
    .put(`/api/setups/${SETUP}/patterns/new-pattern`)
    .send(saved({ ...common, kind: 'spiral' }))
    .expect(422);
  expect(body.errors[0].field).toBe('body.kind');
});

describe('the plan of the cutting', () => {
  const plan: CutPlan = {
    order: { way: 'by-hand', grouping: 'step', patterns: ['bearing-screws'], sequence: [[0, 2], [0, 1]] }, // prettier-ignore
    mode: 'readout',
    approach: { x: 1, y: -1 },
    bores: [],
  };

  test('is empty until it is changed, and then kept whole', async () => {
    expect((await snapshot('plinth-router')).cutPlan).toEqual({ bores: [] });
    await request(server.app).put('/api/setups/plinth-router/cut').send(saved(plan)).expect(200);
    expect((await snapshot('plinth-router')).cutPlan).toEqual(plan);
  });

  test('a gauge the shop has not, limits the wrong way, an unknown setup: refused, the good one stays', async () => {
    const { cutPlan } = await snapshot();
    const [bore] = cutPlan.bores;
    const put = (body: unknown, id = SETUP) => request(server.app).put(`/api/setups/${id}/cut`).send(saved(body));
    const gauge = await put({ ...cutPlan, bores: [{ ...bore, gaugeId: 'nothing' }] }).expect(422);
    expect(gauge.body.errors[0]).toMatchObject({ field: 'bores.0.gaugeId' });
    await put({ ...cutPlan, bores: [{ ...bore, low: -1 }] }).expect(422);
    await put(plan, 'nowhere').expect(404);
    expect((await snapshot()).cutPlan).toEqual(cutPlan);
  });
});

describe('the log of a bore', () => {
  type Measured = Extract<NewReading, { on: 'gauge' }>;
  const pass = ({ text = '25.56', ...change }: Partial<Measured> & { text?: string } = {}): Measured => ({
    on: 'gauge',
    id: 'pass-1',
    subject: { kind: 'bore-size', of: 'bearing-bore', set: 25.6, setText: '25.6' },
    gaugeId: 'bore-gauge-18-35',
    source: { by: 'typed', text, unit: 'mm' },
    value: 25.56,
    ticked: [],
    takenAt: '2026-11-24T09:00:00.000Z',
    ...change,
  });

  test('takes a size with what was set before it, once', async () => {
    for (const code of [201, 201]) await request(server.app).post(`/api/setups/${SETUP}/readings`).send(pass()).expect(code); // prettier-ignore
    const { readings } = await snapshot();
    expect(readings.filter(({ subject }) => subject.kind === 'bore-size')).toHaveLength(1);
    expect(readings.at(-1)).toMatchObject({ value: 25.56, subject: { set: 25.6 } });
  });

  test('refuses a setting whose text means another', async () => {
    const subject = { kind: 'bore-size', of: 'bearing-bore', set: 25.6, setText: '25.9' } as const;
    const { body } = await request(server.app)
      .post(`/api/setups/${SETUP}/readings`)
      .send(pass({ subject }))
      .expect(422);
    expect(body.errors[0].message).toContain('25.9');
  });

  test('does not pass for repeats of its gauge: a bore grows', async () => {
    for (let i = 0; i < 3; i += 1)
      await request(server.app)
        .post(`/api/setups/${SETUP}/readings`)
        .send(pass({ id: `pass-${i}`, text: `25.5${i}`, value: 25.5 + i / 100 }))
        .expect(201);
    expect((await snapshot()).repeatability.map(({ gaugeId }) => gaugeId)).not.toContain('bore-gauge-18-35');
  });
});
