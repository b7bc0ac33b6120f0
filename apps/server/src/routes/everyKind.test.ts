import {
  DOCUMENT_KINDS,
  DOCUMENT_NAMES,
  ROW_KINDS,
  ROW_NAMES,
  type BodyOf,
  type DocumentName,
  type RowName,
} from '@zero-point/core/records/kinds/kinds';
import { EMPTY_CUT_PLAN } from '@zero-point/core/records/setup/cutPlan';
import { EMPTY_DATUM_PLAN } from '@zero-point/core/records/setup/datumPlan';
import { FIRST_VERSION } from '@zero-point/core/records/kinds/kind';
import { startingMachine } from '@zero-point/core/shop/startingMachine';
import request from 'supertest';
import { createApp } from '../http/app';
import { pino } from 'pino';
import { documentPath, rowPath } from './record';
import { readMigrations } from '../store/migrations';
import { openDatabase } from '../store/openDatabase';
import { createStore } from '../store/store';
import { FONTS, demoServer, leftFace, MIGRATIONS, saved, SETUP, xSet } from '../testing/shop';
import { inThisThread } from '../background/workers';

const at = '2026-11-25T10:00:00.000Z';

/** One row of every kind that the demo shop takes; a kind without one does not compile. */
const ROWS: { [K in RowName]: BodyOf<K> } = {
  reading: leftFace(),
  strike: { id: 'strike-1', readingId: 'touch-0', action: 'strike', reason: 'bumped', at },
  zeroing: xSet(),
  check: { id: 'check-1', item: 'vise-clean', text: 'Wipe the jaws.', action: 'tick', reason: '', at },
  sweep: {
    id: 'sweep-1',
    pass: 1,
    name: 'bore.csv',
    points: [0, 120, 240].map((angle) => ({ angle, reading: angle / 1e4 })),
    at,
  },
  calibration: {
    id: 'calibration-1',
    of: { kind: 'gauge', gaugeId: 'touch-plate' },
    found: { what: 'size', value: 12.42, U: 0.005 },
    from: at,
    at,
  },
  reckoning: {
    id: 'reckoning-1',
    name: 'edge',
    unit: 'mm',
    values: { r1: '-5.01' },
    answer: ['Preset X to −5.000 mm'],
    at,
  },
  readBack: {
    id: 'read-back-1',
    of: { kind: 'tool', number: 2 },
    shown: -5,
    source: { by: 'typed', text: '-5', unit: 'mm' },
    at,
  },
  interruption: { id: 'interruption-1', what: 'homed', at },
  programCheck: {
    id: 'program-check-1',
    file: 'plate.nc',
    size: 2048,
    lines: 84,
    checkedTo: 84,
    stops: 0,
    minds: 1,
    at,
  },
  measurement: {
    id: 'measurement-1',
    of: { kind: 'size', of: { pattern: 'bearing-ring', hole: 1 } },
    gaugeId: 'caliper-150',
    value: 4.21,
    source: { by: 'typed', text: '4.21', unit: 'mm' },
    at,
  },
  firstPart: { id: 'first-part-1', verdict: 'in', by: 'Ada', measured: ['measurement-1'], note: '', at },
};

/** What is changed of each, so that it says something else under the same id. */
const OTHERWISE: { [K in RowName]: BodyOf<K> } = {
  reading: leftFace({ value: -5.013, text: '-5.013' }),
  strike: { ...ROWS.strike, reason: 'slipped' },
  zeroing: { ...ROWS.zeroing, value: 5 },
  check: { ...ROWS.check, action: 'clear' },
  sweep: { ...ROWS.sweep, pass: 2 },
  calibration: { ...ROWS.calibration, found: { what: 'size', value: 12.43, U: 0.005 } },
  reckoning: { ...ROWS.reckoning, unit: 'in' },
  readBack: { ...ROWS.readBack, shown: 5 },
  interruption: { ...ROWS.interruption, what: 'stands' },
  programCheck: { ...ROWS.programCheck, stops: 1 },
  measurement: { ...ROWS.measurement, value: 4.22 },
  firstPart: { ...ROWS.firstPart, verdict: 'out' },
};

const DOCUMENTS: { [K in DocumentName]: BodyOf<K> } = {
  machine: startingMachine('new-mill', 'New mill', 'readout', 'in'),
  indexPlan: { school: 'centre', indices: [{ id: 'front', name: 'Front', A: -90, workOffset: 'G55' }] },
  obstacles: {
    boxes: [{ id: 'clamp', name: 'Clamp', from: { x: 10, y: -20, z: -9 }, to: { x: 40, y: 5, z: 12 } }],
  },
  part: { id: 'arm', name: 'Arm', material: 'brass', size: { x: 80, y: 20, z: 6 }, holes: [] },
  gauge: { id: 'pin-8', name: 'Pin 8', kind: 'pin', nominal: 8 },
  cutter: { id: 'mill-8', name: 'End mill 8', diameter: 8, kind: 'end-mill', teeth: 4 },
  magazine: { id: 'knee-mill', tools: [{ number: 7, cutterId: 'end-mill-10' }] },
  holding: { id: 'ours', name: 'Our way', steps: [{ id: 'one', text: 'Clamp it.', hurts: true }] },
  toolTable: {
    id: 'knee-mill',
    school: 'reference-tool',
    rows: [{ number: 2, name: 'Drill 4.2', length: -12.31, U: 0.01, keptAt: at }],
  },
  plan: {
    name: 'Base plate, turned over',
    machineId: 'knee-mill',
    partId: 'base-plate',
    partZero: 'centre',
    tolerance: 0.05,
    units: 'in',
    finderId: 'spring-finder-10',
    heightGaugeId: 'block-10',
    referenceTool: 1,
    feeler: 0,
    holdingId: 'vise',
    purpose: 'work',
    note: '',
  },
  datumPlan: { ...EMPTY_DATUM_PLAN, known: { 'face.left': 3 } },
  cutPlan: EMPTY_CUT_PLAN,
  pattern: {
    id: 'ring',
    name: 'Ring',
    kind: 'bolt-circle',
    holeDiameter: 4.2,
    circle: {
      centre: { x: 62, y: 58 },
      diameter: 40,
      holes: 6,
      firstAngle: 90,
      direction: 'counter-clockwise',
    },
  },
  alignment: { task: 'head', swing: 150, indicatorId: 'lever-indicator', sense: 1, allowed: 0.02 },
};

const ofSetup = (path: string, setup = SETUP): string => `/api${path.replace('/setups/:id', `/setups/${setup}`)}`;
const keyOf = (name: DocumentName): string => (DOCUMENT_KINDS[name].key as (body: unknown) => string)(DOCUMENTS[name]);
const addressOf = (name: DocumentName, setup = SETUP): string =>
  ofSetup(documentPath(name), setup).replace('/:key', `/${keyOf(name)}`);

let server: ReturnType<typeof demoServer>;
beforeEach(async () => {
  server = demoServer();
  await request(server.app)
    .post(`/api/setups/${SETUP}/readings`)
    .send(leftFace({ id: 'touch-0' }))
    .expect(201);
});
afterEach(() => server.store.close());

const post = (name: RowName, body: object, setup = SETUP) =>
  request(server.app)
    .post(ofSetup(rowPath(name), setup))
    .send(body);
const put = (name: DocumentName, body: object, setup = SETUP) =>
  request(server.app).put(addressOf(name, setup)).send(body);

/** The same file served again, as after the program was ended. */
async function afterRestart(look: (app: ReturnType<typeof createApp>) => Promise<void>): Promise<void> {
  const db = openDatabase(server.file, readMigrations(MIGRATIONS));
  const store = createStore(db);
  try {
    await look(createApp({ store, db, fonts: FONTS, workers: inThisThread, logger: pino({ level: 'silent' }) }));
  } finally {
    store.close();
  }
}

describe.each(ROW_NAMES)('a %s', (name) => {
  const { of, field, collection } = ROW_KINDS[name];
  const apart = 'apart' in ROW_KINDS[name];

  test('sent twice is stored once and answered the same; there after a restart', async () => {
    const first = await post(name, ROWS[name]).expect(201);
    const again = await post(name, ROWS[name]).expect(201);
    expect(again.body).toEqual(first.body);
    expect(first.body).toMatchObject({ id: ROWS[name].id, seq: expect.any(Number), receivedAt: expect.any(String) });
    const count = server.db.prepare('SELECT count(*) FROM entries WHERE id = ?').pluck().get(ROWS[name].id);
    const readings = server.db.prepare('SELECT count(*) FROM readings WHERE id = ?').pluck().get(ROWS[name].id);
    expect(Number(count) + Number(readings)).toBe(1);
    await afterRestart(async (app) => {
      const { body } = await request(app)
        .get(of === 'setup' ? `/api/setups/${SETUP}` : apart ? `/api/${collection}` : '/api/shop')
        .expect(200);
      // A strike shows at what it struck.
      const list = name === 'strike' ? body.readings : apart ? body : body[field];
      const shown = (list as { id: string; struckReason?: string | null }[]).find(
        ({ id }) => id === (name === 'strike' ? 'touch-0' : ROWS[name].id),
      );
      expect(shown).toBeDefined();
      if (name === 'strike') expect(shown?.struckReason).toBe('bumped');
    });
  });

  test('under a known id with other content is a conflict, and the first one stands', async () => {
    const first = await post(name, ROWS[name]).expect(201);
    const refused = await post(name, OTHERWISE[name]).expect(409);
    expect(refused.type).toBe('application/problem+json');
    expect(refused.body.detail).not.toBe('');
    expect((await post(name, ROWS[name]).expect(201)).body).toEqual(first.body);
  });

  test('without its id is refused by that field, and nothing is stored', async () => {
    const before = server.store.lastSeq();
    const { id: _, ...rest } = ROWS[name];
    const { body } = await post(name, rest).expect(422);
    expect(body.errors).toEqual(expect.arrayContaining([expect.objectContaining({ field: 'id' })]));
    expect(server.store.lastSeq()).toBe(before);
  });

  if (of === 'setup') {
    test('is what its setup was last changed by', async () => {
      const later = new Date(Date.now() + 60_000).toISOString();
      await post(name, { ...ROWS[name], [name === 'reading' ? 'takenAt' : 'at']: later }).expect(201);
      const { body } = await request(server.app).get('/api/setups').expect(200);
      expect((body as { id: string; changedAt: string }[]).find(({ id }) => id === SETUP)?.changedAt).toBe(later);
    });

    test('of a setup there is not is not found', async () => {
      await post(name, ROWS[name], 'nobody').expect(404);
    });
  }
});

describe.each(DOCUMENT_NAMES)('a %s', (name) => {
  const { of } = DOCUMENT_KINDS[name];
  // What stands already in the demo has a version of its own.
  const began = () => server.store.documents.get(name, of === 'setup' ? SETUP : '', keyOf(name))?.version;

  test('is saved whole, once, and is there after a restart under the version it was given', async () => {
    const save = saved(DOCUMENTS[name], began() ?? FIRST_VERSION, 'mine-1');
    await put(name, save).expect(200);
    const seq = server.store.lastSeq();
    await put(name, save).expect(200);
    expect(server.store.lastSeq()).toBe(seq);
    await afterRestart(async (app) => {
      const store = createStore(openDatabase(server.file, readMigrations(MIGRATIONS)));
      const kept = store.documents.get(name, of === 'setup' ? SETUP : '', keyOf(name));
      store.close();
      expect(kept).toMatchObject({ version: 'mine-1', body: DOCUMENTS[name] });
      await request(app).get(`/api/setups/${SETUP}`).expect(200);
    });
  });

  test('from a version that stands no more is given back with what stands', async () => {
    const start = began() ?? FIRST_VERSION;
    await put(name, saved(DOCUMENTS[name], start, 'mine-1')).expect(200);
    const { body } = await put(name, saved(DOCUMENTS[name], start, 'yours-1')).expect(409);
    expect(body).toMatchObject({ code: 'superseded', current: { version: 'mine-1', body: DOCUMENTS[name] } });
  });

  test('without the version it began from is refused by that field', async () => {
    const { body } = await put(name, { version: 'mine-1', body: DOCUMENTS[name] }).expect(422);
    expect(body.errors).toEqual(expect.arrayContaining([expect.objectContaining({ field: 'began' })]));
  });

  test('that is no such thing is refused field by field, and nothing is stored', async () => {
    const before = server.store.lastSeq();
    const { body } = await put(name, saved({ nonsense: true }, began() ?? FIRST_VERSION)).expect(422);
    expect(body.errors.length).toBeGreaterThan(0);
    expect(server.store.lastSeq()).toBe(before);
  });

  if (of === 'setup') {
    test('of a setup there is not is not found', async () => {
      await put(name, saved(DOCUMENTS[name]), 'nobody').expect(404);
    });
  }
});
