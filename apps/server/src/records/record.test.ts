import { deriveState } from '@zero-point/core/state/basis/setupState';
import { faceAnswer } from '@zero-point/core/state/datum/face';
import { withEntries } from '@zero-point/core/records/kinds/merge';
import type { Snapshot } from '@zero-point/core/records/snapshots/snapshot';
import Database from 'better-sqlite3';
import { createServer, get, type Server } from 'node:http';
import type { AddressInfo } from 'node:net';
import request from 'supertest';
import type { News } from './record';
import { settleShop } from '../demo/demo';
import { readMigrations } from '../store/migrations';
import { openDatabase } from '../store/openDatabase';
import { createStore } from '../store/store';
import { demoServer, demoShop, freshFile, leftFace, MIGRATIONS, saved, SETUP, xSet } from '../testing/shop';

let server: ReturnType<typeof demoServer>;
beforeEach(() => {
  server = demoServer();
});
afterEach(() => server.store.close());

const base = `/api/setups/${SETUP}`;
const snapshot = async () => (await request(server.app).get(base).expect(200)).body as Snapshot;
const post = (path: string, body: object) => request(server.app).post(path).send(body);

describe('a document saved from a version that stands no more', () => {
  const plan = async () => {
    const { id: _, createdAt: _at, changedAt: _changed, ...rest } = (await snapshot()).setup;
    return rest;
  };
  const put = (body: object, began: string, version: string) =>
    request(server.app)
      .put(`${base}/plan`)
      .send(saved(body, began, version));

  test('is refused with both to choose from, and nothing is overwritten', async () => {
    const was = await plan();
    await put({ ...was, tolerance: 0.05 }, 'first', 'phone-1').expect(200);
    const { body } = await put({ ...was, tolerance: 0.2 }, 'first', 'desk-1').expect(409);
    expect(body).toMatchObject({ code: 'superseded', current: { version: 'phone-1', body: { tolerance: 0.05 } } });
    expect(body.detail).toMatch(/Nothing was overwritten/);
    expect((await plan()).tolerance).toBe(0.05);
    await put({ ...was, tolerance: 0.2 }, body.current.version, 'desk-2').expect(200);
    expect((await snapshot()).versions.plan).toBe('desk-2');
  });

  test('is stored once when the same save is sent again', async () => {
    const was = await plan();
    for (let i = 0; i < 2; i += 1) await put({ ...was, tolerance: 0.05 }, 'first', 'phone-1').expect(200);
    await put({ ...was, tolerance: 0.06 }, 'first', 'phone-1').expect(409);
  });

  test('a chain of saves made offline stops at the first that was overtaken', async () => {
    const was = await plan();
    await put({ ...was, tolerance: 0.05 }, 'first', 'phone-1').expect(200);
    await put({ ...was, feeler: 0.1 }, 'first', 'desk-1').expect(409);
    await put({ ...was, feeler: 0.2 }, 'desk-1', 'desk-2').expect(409);
    expect((await plan()).feeler).toBe(0);
  });
});

describe('epochs', () => {
  test('that nobody opened take no reading; opened, they do', async () => {
    const touch = leftFace({ epoch: 'x-2', text: '-5', value: -5 });
    const refused = await post(`${base}/readings`, touch).expect(422);
    expect(refused.body.errors[0]).toMatchObject({ field: 'epoch' });
    await post(`${base}/zeroings`, xSet()).expect(201);
    await post(`${base}/readings`, touch).expect(201);
    await post(`${base}/readings`, leftFace({ id: 'y', axis: 'y', epoch: 'x-2', text: '-5', value: -5 })).expect(422);
  });

  test('a work offset opens none: a tool at the touch-off point counts from its setting all the same', async () => {
    const { opens: _, ...offset } = xSet({
      id: 'z-set',
      axis: 'z',
      form: 'work-offset',
      subject: { kind: 'z-zero', tool: 1 },
    });
    const spot = leftFace({
      id: 'spot',
      axis: 'z',
      subject: { kind: 'tool-spot', tool: 1 },
      epoch: 'z-set',
      text: '-5',
      value: -5,
    });
    await post(`${base}/readings`, spot).expect(422);
    await post(`${base}/zeroings`, offset).expect(201);
    await post(`${base}/readings`, spot).expect(201);
    // No other touch counts so, nor does this one on another axis.
    await post(`${base}/readings`, { ...spot, id: 'y', axis: 'y' }).expect(422);
    await post(`${base}/readings`, { ...spot, id: 'top', subject: { kind: 'z-zero', tool: 1 } }).expect(422);
  });

  test('are never opened twice: two devices make two', async () => {
    await post(`${base}/zeroings`, xSet()).expect(201);
    const second = await post(`${base}/zeroings`, xSet({ id: 'zero-2' })).expect(409);
    expect(second.body.detail).toMatch(/opened by another setting already/);
    await post(`${base}/zeroings`, xSet({ id: 'zero-2', opens: 'x-3' })).expect(201);
    expect((await snapshot()).zeroings).toHaveLength(2);
  });

  test('the one every scale starts with is nobody’s to open', async () => {
    await post(`${base}/zeroings`, xSet({ opens: 'first' })).expect(422);
    await post(`${base}/zeroings`, xSet({ began: 'never' })).expect(422);
  });
});

describe('calibrations', () => {
  const size = (value: number, from: string) => ({
    id: `size-${value * 10}`,
    of: { kind: 'gauge', gaugeId: 'spring-finder-10' },
    found: { what: 'size', value },
    from,
    at: '2026-11-24T12:00:00.000Z',
  });
  const edge = async () => faceAnswer(deriveState(await snapshot()), 'left')?.result.edge;

  test('count from their moment on, and move nothing that was touched before', async () => {
    await post(`${base}/readings`, leftFace()).expect(201);
    const before = await edge();
    await post('/api/calibrations', size(9.9, '2026-11-24T12:00:00.000Z')).expect(201);
    expect(await edge()).toBe(before);
    await post('/api/calibrations', size(9.8, '2026-11-01T12:00:00.000Z')).expect(201);
    expect(await edge()).toBeCloseTo(-0.112, 9);
  });

  test('are of gauges and machines the shop has, and are never changed', async () => {
    const { body } = await post('/api/calibrations', {
      ...size(9, '2026-11-24T12:00:00.000Z'),
      of: { kind: 'gauge', gaugeId: 'gone' },
    }).expect(422);
    expect(body.errors[0].field).toBe('of.gaugeId');
    await post('/api/calibrations', size(9, '2026-11-24T12:00:00.000Z')).expect(201);
    await post('/api/calibrations', {
      ...size(9, '2026-11-24T12:00:00.000Z'),
      from: '2026-11-01T12:00:00.000Z',
    }).expect(409);
  });
});

test('the same is the same: a body sent again with -0 for 0 is no other', async () => {
  const zero = leftFace({ text: '0', value: 0 });
  await post(`${base}/readings`, zero).expect(201);
  const text = JSON.stringify(zero).replace('"value":0', '"value":-0').replace('"feeler":0', '"feeler":-0');
  await request(server.app).post(`${base}/readings`).set('Content-Type', 'application/json').send(text).expect(201);
});

describe('the tables themselves', () => {
  test.each([
    ['a reading replaced', 'INSERT OR REPLACE INTO readings SELECT * FROM readings LIMIT 1'],
    ['a reading changed', "UPDATE readings SET value = 1 WHERE id = 'x' OR 1"],
    ['a row replaced', "INSERT OR REPLACE INTO entries SELECT * FROM entries WHERE kind = 'calibration' LIMIT 1"],
    ['a row taken out', 'DELETE FROM entries'],
    [
      'an epoch opened again over another',
      "INSERT OR REPLACE INTO entries SELECT seq + 1000, 'other', kind, setup_id, v, body, received_at FROM entries WHERE kind = 'zeroing'",
    ],
    ['another kind of shop', "INSERT INTO shop VALUES ('own')"],
    ['the kind of shop changed', "UPDATE shop SET kind = 'own'"],
  ])('refuse %s, whoever asks', (_, sql) => {
    const other = new Database(server.file);
    const before = other.prepare('SELECT count(*) FROM readings').pluck().get();
    expect(() => other.exec(sql)).toThrow(/append-only|stays what it is/);
    expect(other.prepare('SELECT count(*) FROM readings').pluck().get()).toBe(before);
    other.close();
  });

  test('of two programs that start on a new file only one fills it', () => {
    const file = freshFile();
    const migrations = readMigrations(MIGRATIONS);
    const [one, two] = [createStore(openDatabase(file, migrations)), createStore(openDatabase(file, migrations))];
    settleShop(one, demoShop());
    settleShop(two, demoShop());
    expect(two.tallies.summaries()).toHaveLength(6);
    expect(() => settleShop(two, undefined)).toThrow(/demo shop/);
    one.close();
    two.close();
  });

  test('what another program wrote into the file is counted too', async () => {
    const count = async () => (await request(server.app).get('/api/setups')).body[0].readings as number;
    expect(await count()).toBe(3);
    const other = createStore(openDatabase(server.file, readMigrations(MIGRATIONS)));
    other.readings.insert({ ...columns(), id: 'elsewhere' }, '2026-11-24T10:00:00.000Z');
    other.close();
    expect(await count()).toBe(4);
  });

  const columns = () => {
    const row = server.db.prepare('SELECT * FROM readings WHERE setup_id = ?').get(SETUP) as Record<string, never>;
    const { seq: _, received_at: _at, ...rest } = row;
    return rest as never as Parameters<typeof server.store.readings.insert>[0];
  };
});

describe('practice', () => {
  test('is kept, and says nothing of how a gauge repeats', async () => {
    const { setup } = await snapshot();
    await post('/api/setups', { ...setup, id: 'trying', purpose: 'practice' }).expect(201);
    for (const [i, value] of [10, 10.2, 10.4].entries())
      await post(
        '/api/setups/trying/readings',
        leftFace({ id: `p-${i}`, gaugeId: 'pin-6', text: `${value}`, value }),
      ).expect(201);
    expect((await snapshot()).repeatability.map(({ gaugeId }) => gaugeId)).not.toContain('pin-6');
    const bench = (await request(server.app).get('/api/setups')).body as { id: string; purpose: string }[];
    expect(bench.find(({ id }) => id === 'trying')?.purpose).toBe('practice');
  });
});

describe('what is new', () => {
  test('since a place in the record makes the old snapshot the new one', async () => {
    const old = await snapshot();
    await post(`${base}/readings`, leftFace()).expect(201);
    await post(`${base}/strikes`, { id: 's', readingId: 'touch-1', action: 'strike', reason: 'slip', at: '2026-11-24T10:00:00.000Z' }).expect(201); // prettier-ignore
    await post(`${base}/zeroings`, xSet()).expect(201);
    const [ring] = old.patterns;
    await request(server.app)
      .put(`${base}/patterns/${ring?.id}`)
      .send(saved({ ...ring, name: 'Renamed' }))
      .expect(200);
    await post('/api/setups/plinth-router/readings', leftFace({ id: 'elsewhere' })).expect(201);
    const news = (await request(server.app).get(`${base}?since=${old.seq}`).expect(200)).body as News;
    expect(news.entries.map(({ kind }) => kind)).toEqual(['reading', 'strike', 'zeroing', 'pattern']);
    const now = await snapshot();
    const merged = withEntries(old, news.entries);
    expect({ ...merged, seq: news.seq, repeatability: news.repeatability, setup: now.setup }).toEqual(now);
  });

  test('of nothing is nothing, and of no place is refused', async () => {
    const { seq } = await snapshot();
    expect((await request(server.app).get(`${base}?since=${seq}`)).body.entries).toEqual([]);
    await request(server.app).get(`${base}?since=soon`).expect(422);
    await request(server.app).get('/api/setups/gone?since=1').expect(404);
  });
});

describe('told as it comes', () => {
  let http: Server;
  beforeEach(async () => {
    http = createServer(server.app);
    await new Promise<void>((resolve) => http.listen(0, '127.0.0.1', resolve));
  });
  afterEach(() => {
    http.closeAllConnections();
    http.close();
  });

  /** Hears events at an address until so many came. */
  const heard = (path: string, count: number, act: () => Promise<unknown>, headers = {}): Promise<string[]> =>
    new Promise((resolve, reject) => {
      const { port } = http.address() as AddressInfo;
      const data: string[] = [];
      const asked = get({ port, host: '127.0.0.1', path, headers }, (answer) => {
        answer.setEncoding('utf8');
        answer.on('data', (text: string) => {
          data.push(...[...text.matchAll(/^data:(.*)$/gm)].flatMap(([, one]) => one ?? []));
          if (data.length < count) return;
          asked.destroy();
          resolve(data);
        });
        void act().catch(reject);
      });
      asked.on('error', (error: NodeJS.ErrnoException) => error.code !== 'ECONNRESET' && reject(error));
    });

  test('a reading logged on one device is heard by another', async () => {
    const { seq } = await snapshot();
    const [news] = await heard(`${base}/events?since=${seq}`, 1, () => post(`${base}/readings`, leftFace()));
    expect(JSON.parse(news ?? '')).toMatchObject({ entries: [{ kind: 'reading', body: { id: 'touch-1' } }] });
  });

  test('what was missed comes first', async () => {
    const { seq } = await snapshot();
    await post(`${base}/readings`, leftFace()).expect(201);
    const [news] = await heard(`${base}/events?since=${seq}`, 1, async () => undefined);
    expect((JSON.parse(news ?? '') as News).entries).toHaveLength(1);
  });

  test('one stream tells of several things: each event says of what', async () => {
    const { seq } = await snapshot();
    const of = `/api/stream?of=shop&of=setup:${SETUP}:${seq}&of=setup:nowhere:0`;
    const told = await heard(of, 2, () => post(`${base}/readings`, leftFace()));
    const events = told.map((one) => JSON.parse(one) as { of: string; data: unknown });
    expect(events.find((one) => one.of === `setup:${SETUP}`)?.data).toMatchObject({
      entries: [{ kind: 'reading', body: { id: 'touch-1' } }],
    });
    expect(events.find((one) => one.of === 'shop')?.data).toEqual({ setupId: SETUP });
  });

  test('after a break nothing of one setup is taken as told because another was', async () => {
    const { seq } = await snapshot();
    await post(`${base}/readings`, leftFace()).expect(201);
    const of = `/api/stream?of=setup:${SETUP}:${seq}`;
    const [news] = await heard(of, 1, async () => undefined, { 'last-event-id': String(seq + 1000) });
    expect(JSON.parse(news ?? '')).toMatchObject({ data: { entries: [{ body: { id: 'touch-1' } }] } });
  });

  test.each([
    ['nothing', ''],
    ['what is no topic', '?of=weather'],
    ['a place that is none', `?of=setup:${SETUP}:minus`],
    ['a name that is none', '?of=link:../x'],
    ['too much', `?${Array.from({ length: 65 }, () => 'of=shop').join('&')}`],
  ])('a stream of %s is refused with its field', async (_what, query) => {
    const { body } = await request(server.app).get(`/api/stream${query}`).expect(422);
    expect((body as { errors: { field: string }[] }).errors[0]?.field).toBe('of');
  });

  test('the bench hears that something changed', async () => {
    const [said] = await heard('/api/events', 1, () => post(`${base}/readings`, leftFace()));
    expect(JSON.parse(said ?? '')).toEqual({ setupId: SETUP });
  });
});

test('two machines both have a T1, and it need not be the same cutter', async () => {
  const drill = { id: 'knee-mill', tools: [{ number: 1, cutterId: 'drill-4-2' }] };
  await request(server.app).put('/api/magazines/knee-mill').send(saved(drill)).expect(200);
  expect(deriveState(await snapshot()).tools).toMatchObject([{ number: 1, id: 'drill-4-2' }]);
  const other = (await request(server.app).get('/api/setups/arm-bracket-trunnion')).body as Snapshot;
  expect(deriveState(other).tools.find(({ number }) => number === 1)?.id).toBe('end-mill-10');
  const twice = { ...drill, tools: [...drill.tools, ...drill.tools] };
  await request(server.app).put('/api/magazines/knee-mill').send(saved(twice, 'first')).expect(422);
});
