import { setupStatus } from '@zero-point/core/messages/status/setupStatus';
import request from 'supertest';
import { z } from 'zod';
import { demoServer, leftFace, SETUP, xSet } from '../testing/shop';

type Server = ReturnType<typeof demoServer>;

const standings = async ({ app }: Server, ...ids: string[]) =>
  z.array(setupStatus).parse(
    (
      await request(app)
        .get(`/api/standings?of=${ids.join(',')}`)
        .expect(200)
    ).body,
  );

test('the demo’s bench shows every state: not begun, half-way, a slip found, finished', async () => {
  const shop = demoServer();
  const bench = (await request(shop.app).get('/api/setups').expect(200)).body as { id: string }[];
  const all = await standings(shop, ...bench.map(({ id }) => id));
  expect(all.map(({ id }) => id)).toEqual(bench.map(({ id }) => id));
  expect(new Set(all.map(({ state }) => state))).toEqual(new Set(['not-begun', 'under-way', 'slip', 'finished']));
  for (const { next, part } of all) {
    expect(next.words).toMatch(/^[A-Z].*\.$/);
    expect(part.size.x).toBeGreaterThan(0);
  }
  shop.store.close();
});

test('what is stored moves it on at once', async () => {
  const shop = demoServer();
  const [bad] = await standings(shop, SETUP);
  expect(bad).toMatchObject({ state: 'slip', next: { station: 'datum', feature: 'face.right' } });
  const send = (kind: string, body: object) =>
    request(shop.app).post(`/api/setups/${SETUP}/${kind}`).send(body).expect(201);
  await send('strikes', {
    id: 's',
    readingId: 'base-plate-knee-mill-right-2',
    action: 'strike',
    reason: 'misread',
    at: '2026-11-24T08:00:00.000Z',
  });
  const [after] = await standings(shop, SETUP);
  expect(after).toMatchObject({ state: 'under-way', next: { words: 'Find X and Y.' } });
  await send('readings', leftFace({ id: 'one' }));
  await send('zeroings', xSet({ id: 'zero', opens: 'zero' }));
  expect((await standings(shop, SETUP))[0]?.next.words).toBe('Find Y.');
  shop.store.close();
});

test('a setup there is not, or too many at once, is refused by name', async () => {
  const shop = demoServer();
  const missing = await request(shop.app).get('/api/standings?of=nowhere').expect(404);
  expect(missing.body).toMatchObject({ title: expect.any(String) as string });
  const many = Array.from({ length: 101 }, (_, i) => `s${i}`).join(',');
  const refused = await request(shop.app).get(`/api/standings?of=${many}`).expect(422);
  expect(JSON.stringify(refused.body)).toContain('of');
  await request(shop.app).get('/api/standings').expect(422);
  shop.store.close();
});
