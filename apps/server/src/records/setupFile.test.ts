import type { SetupFile } from '@zero-point/core/formats/setupFile';
import { FIRST_EPOCH } from '@zero-point/core/records/values/place';
import fc from 'fast-check';
import { pino } from 'pino';
import request from 'supertest';
import { settleShop } from '../demo/demo';
import { createApp } from '../http/app';
import { readMigrations } from '../store/migrations';
import { openDatabase } from '../store/openDatabase';
import { createStore } from '../store/store';
import { demoServer, FONTS, freshFile, leftFace, MIGRATIONS, SETUP } from '../testing/shop';
import { inThisThread } from '../background/workers';

/** A shop of somebody's own, empty. */
function emptyShop() {
  const db = openDatabase(freshFile(), readMigrations(MIGRATIONS));
  const store = createStore(db);
  settleShop(store, undefined);
  return {
    db,
    store,
    app: createApp({ store, db, fonts: FONTS, workers: inThisThread, logger: pino({ level: 'silent' }) }),
  };
}

const exported = async (app: Parameters<typeof request>[0], id = SETUP): Promise<SetupFile> =>
  (await request(app).get(`/api/setups/${id}/file`).expect(200)).body as SetupFile;

const opened = (app: Parameters<typeof request>[0], file: unknown) =>
  request(app)
    .post('/api/setup-files')
    .send(file as object);

test.each([
  'base-plate-knee-mill',
  'plinth-router',
  'arm-bracket-trunnion',
  'calendar-wheel-rotary',
  'pivots-bench-mill',
  'feet-knee-mill',
])('%s goes to an empty shop and comes back the same, with its machine, gauges and log', async (id) => {
  const [here, there] = [demoServer(), emptyShop()];
  const file = await exported(here.app, id);
  await opened(there.app, file).expect(201);
  expect(await exported(there.app, id)).toEqual(file);
  const answer = async (app: typeof here.app) => (await request(app).get(`/api/setups/${id}`)).body;
  const [a, b] = [await answer(here.app), await answer(there.app)];
  expect(b.readings.map(({ value }: { value: number }) => value)).toEqual(
    a.readings.map(({ value }: { value: number }) => value),
  );
  expect(b.readings.map(({ struckBy }: { struckBy: string }) => struckBy)).toEqual(
    a.readings.map(({ struckBy }: { struckBy: string }) => struckBy),
  );
});

test('whatever was logged, planned and struck out: nothing is lost on the way', async () => {
  const { app } = demoServer();
  const before = (await exported(app)).shop.setups[0]?.readings.length ?? NaN;
  let n = 0;
  let logged = 0;
  const length = fc.integer({ min: -500_000, max: 500_000 }).map((microns) => microns / 1000);
  const row = fc.oneof(
    length.map((value) => ({
      path: `setups/${SETUP}/readings`,
      body: leftFace({ id: `r${(n += 1)}`, value, text: String(value), epoch: FIRST_EPOCH }),
    })),
    fc
      .string({ minLength: 1, maxLength: 60 })
      .filter((text) => text.trim() !== '')
      .map((file) => ({
        path: `setups/${SETUP}/program-checks`,
        body: {
          id: `p${(n += 1)}`,
          file,
          size: 3,
          lines: 1,
          checkedTo: 1,
          stops: 0,
          minds: 0,
          at: '2026-11-24T09:00:00.000Z',
        },
      })),
    length.map((value) => ({
      path: `setups/${SETUP}/measurements`,
      body: {
        id: `m${(n += 1)}`,
        of: { kind: 'wall', name: 'Rib', should: 4 },
        gaugeId: 'caliper-150',
        value,
        source: { by: 'typed', text: String(value), unit: 'mm' },
        at: '2026-11-24T09:00:00.000Z',
      },
    })),
  );
  await fc.assert(
    fc.asyncProperty(fc.array(row, { minLength: 1, maxLength: 12 }), async (rows) => {
      for (const { path, body } of rows) {
        await request(app).post(`/api/${path}`).send(body).expect(201);
        if (path.endsWith('/readings')) logged += 1;
      }
      const file = await exported(app);
      const shop = emptyShop();
      await opened(shop.app, file).expect(201);
      expect(await exported(shop.app)).toEqual(file);
    }),
    { numRuns: 8 },
  );
  expect((await exported(app)).shop.setups[0]?.readings).toHaveLength(before + logged);
}, 60_000);

test('a shop that has another machine, gauge and part under the same names keeps them: these come in beside', async () => {
  const [here, there] = [demoServer(), demoServer()];
  const file = await exported(here.app);
  const [machine] = file.shop.machines;
  const gauge = file.shop.gauges.find(({ id }) => id === 'spring-finder-10');
  if (!machine || !gauge) throw new Error('the demo has no knee mill');
  const other = JSON.parse(JSON.stringify(file).replaceAll(SETUP, 'from-elsewhere')) as SetupFile;
  // Rows are told apart by their ids in the whole shop.
  const setup = other.shop.setups[0] as unknown as Record<string, { id: string }[]>;
  for (const list of Object.values(setup))
    if (Array.isArray(list))
      for (const one of list) if ('id' in one && !('kind' in one && 'points' in one)) one.id = `x-${one.id}`;
  const strikes = (setup.strikes ?? []) as unknown as { readingId: string }[];
  for (const strike of strikes) strike.readingId = `x-${strike.readingId}`;
  (other.shop.machines[0] as { name: string }).name = 'Another knee mill';
  const finder = other.shop.gauges.find(({ id }) => id === 'spring-finder-10');
  (finder as { nominal: number }).nominal = 9;
  await opened(there.app, other).expect(201);
  const {
    machine: came,
    gauges,
    setup: plan,
    readings,
  } = (await request(there.app).get('/api/setups/from-elsewhere')).body;
  expect([came.id, came.name]).toEqual([`${machine.id}-2`, 'Another knee mill']);
  expect(plan).toMatchObject({ machineId: `${machine.id}-2`, finderId: 'spring-finder-10-2' });
  expect(gauges.find(({ id }: { id: string }) => id === 'spring-finder-10-2').nominal).toBe(9);
  expect(readings.every(({ gaugeId }: { gaugeId: string }) => gaugeId !== 'spring-finder-10')).toBe(true);
  // What was there stands as it stood.
  const before = (await request(there.app).get(`/api/setups/${SETUP}`)).body;
  expect(before.machine.name).toBe(machine.name);
  expect(before.setup.finderId).toBe('spring-finder-10');
});

describe('what is refused says why, and changes nothing', () => {
  test('a setup that is here already', async () => {
    const { app } = demoServer();
    const answer = await opened(app, await exported(app)).expect(409);
    expect(answer.body.detail).toMatch(/is here already/);
  });

  test.each([
    ['another file', {}, /not a Zero Point setup/],
    ['a list', { setups: [] }, /not a Zero Point setup/],
  ])('%s', async (_name, file, why) => {
    const answer = await opened(emptyShop().app, file).expect(422);
    expect(JSON.stringify(answer.body)).toMatch(why);
  });

  test('one that a newer program wrote', async () => {
    const file = await exported(demoServer().app);
    const newer = { ...file, kinds: { ...file.kinds, reading: 99 } };
    expect(JSON.stringify((await opened(emptyShop().app, newer).expect(422)).body)).toMatch(/newer Zero Point/);
  });

  test('one that is damaged names the place; the shop stays empty', async () => {
    const file = await exported(demoServer().app);
    const [first] = file.shop.setups;
    if (!first) throw new Error('no setup');
    Object.assign(first.readings[1] ?? {}, { value: 'five' });
    const shop = emptyShop();
    expect(JSON.stringify((await opened(shop.app, file).expect(422)).body)).toMatch(
      /damaged at setups\.0\.readings\.1/,
    );
    expect((await request(shop.app).get('/api/setups')).body).toEqual([]);
    expect((await request(shop.app).get('/api/gauges')).body).toEqual([]);
  });

  test('one whose log names a gauge that is not in it: none of it is kept', async () => {
    const file = await exported(demoServer().app);
    const without = { ...file, shop: { ...file.shop, gauges: file.shop.gauges.slice(0, 1) } };
    const shop = emptyShop();
    await opened(shop.app, without).expect(422);
    expect((await request(shop.app).get('/api/setups')).body).toEqual([]);
    expect((await request(shop.app).get('/api/machines')).body).toEqual([]);
  });
});
