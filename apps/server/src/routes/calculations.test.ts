import request from 'supertest';
import { demoServer, SETUP } from '../testing/shop';

const reckoned = (i: number) => ({
  id: `reckoning-${i}`,
  name: 'edge',
  unit: 'mm',
  values: { r1: String(-5 - i / 1000) },
  answer: [`Still touching: set X to −5.000 mm, ${i}`],
  at: `2026-11-24T10:${String(i).padStart(2, '0')}:00.000Z`,
});

test('what was reckoned is told newest first, the latest fifty, and no setup is shown it', async () => {
  const shop = demoServer();
  for (let i = 0; i < 55; i += 1) await request(shop.app).post('/api/reckonings').send(reckoned(i)).expect(201);
  const { body } = await request(shop.app).get('/api/reckonings').expect(200);
  const all = body as { id: string; values: object }[];
  expect(all).toHaveLength(50);
  expect(all.map(({ id }) => id).slice(0, 2)).toEqual(['reckoning-54', 'reckoning-53']);
  expect(all[0]?.values).toEqual({ r1: '-5.054' });
  const snapshot = (await request(shop.app).get(`/api/setups/${SETUP}`).expect(200)).text;
  expect(snapshot).not.toContain('reckoning-54');
  const news = await request(shop.app).get(`/api/setups/${SETUP}?since=1`).expect(200);
  expect(JSON.stringify(news.body)).not.toContain('reckoning');
  shop.store.close();
});

test.each([
  [{ ...reckoned(1), unit: 'cm' }, 'unit'],
  [{ ...reckoned(1), answer: [] }, 'answer'],
  [{ ...reckoned(1), values: { r1: 'x'.repeat(201) } }, 'values'],
  [{ ...reckoned(1), name: '' }, 'name'],
])('%j is refused at %s', async (body, field) => {
  const shop = demoServer();
  const refused = await request(shop.app).post('/api/reckonings').send(body).expect(422);
  expect(JSON.stringify(refused.body)).toContain(field);
  expect((await request(shop.app).get('/api/reckonings').expect(200)).body).toEqual([]);
  shop.store.close();
});
