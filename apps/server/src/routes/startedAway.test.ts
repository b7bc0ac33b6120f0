import { FIRST_VERSION, NO_VERSION } from '@zero-point/core/records/kinds/kind';
import type { NewSetup, Plan } from '@zero-point/core/records/setup/plan';
import type { Snapshot } from '@zero-point/core/records/snapshots/snapshot';
import { startSnapshot, type ShopSummary } from '@zero-point/core/records/snapshots/startSnapshot';
import request from 'supertest';
import { demoServer, leftFace, saved, SETUP } from '../testing/shop';

let server: ReturnType<typeof demoServer>;
beforeEach(() => {
  server = demoServer();
});
afterEach(() => server.store.close());

const get = async <T>(path: string) => (await request(server.app).get(path).expect(200)).body as T;
const snapshot = (id: string) => get<Snapshot>(`/api/setups/${id}`);

/** A plan like that of the demo's own, under a name of its own. */
async function anotherPlan(change: Partial<Plan> = {}): Promise<Plan> {
  const { id: _, createdAt: _at, changedAt: _changed, ...plan } = (await snapshot(SETUP)).setup;
  return { ...plan, name: 'Begun at the mill', ...change };
}

const start = (id: string, plan: Plan, version = 'phone-1', order?: string) => {
  const put = request(server.app).put(`/api/setups/${id}/plan`);
  return (order === undefined ? put : put.set('Zero-Point-Order', order)).send(saved(plan, NO_VERSION, version));
};

describe('a setup that was started while the server was away', () => {
  test('is there once its plan comes, and takes what was logged in it', async () => {
    const plan = await anotherPlan();
    await start('begun-1', plan).expect(200);
    await request(server.app).post('/api/setups/begun-1/readings').send(leftFace()).expect(201);
    const { setup, versions, readings } = await snapshot('begun-1');
    expect(setup).toMatchObject({ ...plan, id: 'begun-1' });
    expect(versions.plan).toBe('phone-1');
    expect(readings.map(({ value }) => value)).toEqual([-5.012]);
    expect((await get<{ id: string }[]>('/api/setups')).map(({ id }) => id)).toContain('begun-1');
  });

  test('is started once however often it is sent, and goes on from there', async () => {
    const plan = await anotherPlan();
    await start('begun-1', plan, 'phone-1', 'phone 1').expect(200);
    await start('begun-1', plan, 'phone-1', 'phone 1').expect(200);
    await request(server.app)
      .put('/api/setups/begun-1/plan')
      .send(saved({ ...plan, tolerance: 0.05 }, 'phone-1', 'phone-2'))
      .expect(200);
    expect((await snapshot('begun-1')).versions.plan).toBe('phone-2');
  });

  test('and by the other way too, its answer lost, is one start', async () => {
    const plan = await anotherPlan();
    const setup: NewSetup = { ...plan, id: 'begun-1', createdAt: '2026-11-24T09:00:00.000Z' };
    await request(server.app).post('/api/setups').send(setup).expect(201);
    await start('begun-1', plan).expect(200);
    expect((await snapshot('begun-1')).versions.plan).toBe('phone-1');
  });

  test('is not started over another one', async () => {
    const was = (await snapshot(SETUP)).setup;
    const { body } = await start(SETUP, await anotherPlan()).expect(409);
    expect(body).toMatchObject({ code: 'superseded', current: { version: FIRST_VERSION } });
    expect((await snapshot(SETUP)).setup).toEqual(was);
  });

  test('names nothing that the shop has not, and then is not there', async () => {
    const { body } = await start('begun-1', await anotherPlan({ machineId: 'no-such' })).expect(422);
    expect(body.errors[0]).toMatchObject({ field: 'machineId' });
    await request(server.app).get('/api/setups/begun-1').expect(404);
  });

  test('a plan of a setup that is gone starts none', async () => {
    await request(server.app)
      .put('/api/setups/gone/plan')
      .send(saved(await anotherPlan(), FIRST_VERSION))
      .expect(404);
    await start('no%20id%2F', await anotherPlan()).expect(422);
  });
});

test.each(['base-plate-knee-mill', 'plinth-router', 'arm-bracket-trunnion'])(
  'begun on a device, one like %s is what the server tells of it',
  async (like) => {
    const told = await get<ShopSummary>('/api/shop');
    const { id: _, createdAt: _at, changedAt: _changed, ...plan } = (await snapshot(like)).setup;
    await start('begun-1', plan).expect(200);
    const server = await snapshot('begun-1');
    const device = startSnapshot(server.setup, told);
    // The plan waits to be sent, and names its own version then; the record's place is the server's.
    expect(JSON.parse(JSON.stringify(device))).toEqual({
      ...server,
      seq: 0,
      versions: Object.fromEntries(Object.entries(server.versions).filter(([key]) => key !== 'plan')),
    });
  },
);
