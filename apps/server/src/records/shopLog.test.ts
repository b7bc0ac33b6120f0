import { logLine } from '@zero-point/core/messages/basis/logLine';
import request from 'supertest';
import { z } from 'zod';
import { demoServer, leftFace, SETUP } from '../testing/shop';

const log = async ({ app }: ReturnType<typeof demoServer>) =>
  z.array(logLine).parse((await request(app).get('/api/log').expect(200)).body);

test('every reading of the whole shop, newest first, by its setup and what it is of', async () => {
  const shop = demoServer();
  const before = await log(shop);
  expect(new Set(before.map(({ setupId }) => setupId)).size).toBeGreaterThan(2);
  await request(shop.app)
    .post(`/api/setups/${SETUP}/readings`)
    .send(leftFace({ id: 'newest' }))
    .expect(201);
  const [first, ...rest] = await log(shop);
  expect(first).toMatchObject({
    id: 'newest',
    setup: 'Base plate on the knee mill',
    title: 'X, left face',
    value: -5.012,
    unit: 'mm',
    struck: null,
    wild: false,
  });
  expect(rest).toEqual(before);
  shop.store.close();
});

test('what was struck out says why, and what stands apart is marked', async () => {
  const shop = demoServer();
  const line = async () => (await log(shop)).find(({ id }) => id === 'base-plate-knee-mill-right-2');
  expect(await line()).toMatchObject({ wild: true, struck: null });
  await request(shop.app)
    .post(`/api/setups/${SETUP}/strikes`)
    .send({
      id: 's',
      readingId: 'base-plate-knee-mill-right-2',
      action: 'strike',
      reason: 'misread',
      at: '2026-11-24T08:00:00.000Z',
    })
    .expect(201);
  expect(await line()).toMatchObject({ wild: false, struck: 'misread' });
  shop.store.close();
});

test('a touch of a bore that another device saved the part without is told as of an unknown feature', async () => {
  const shop = demoServer();
  const wall = leftFace({ id: 'wall', subject: { kind: 'round', of: 'bore-of-the-other-device' } });
  await request(shop.app).post(`/api/setups/${SETUP}/readings`).send(wall).expect(201);
  const [first] = await log(shop);
  expect(first).toMatchObject({ id: 'wall', title: 'X, unknown feature' });
  // The setup itself still opens, and its sheet.
  await request(shop.app).get(`/api/setups/${SETUP}`).expect(200);
  shop.store.close();
});
