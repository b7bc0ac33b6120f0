import request from 'supertest';
import { createApp } from './app';
import { createNetwork } from '../network/network';
import { createPairing } from '../network/pairing';
import { demoServer, FONTS, leftFace, SETUP } from '../testing/shop';
import { pino } from 'pino';
import { inThisThread } from '../background/workers';

let server: ReturnType<typeof demoServer>;
beforeAll(() => {
  server = demoServer();
});
afterAll(() => server.store.close());

const READINGS = `/api/setups/${SETUP}/readings`;

describe('the name a shop is called by', () => {
  test.each(['localhost:4747', '127.0.0.1', '127.0.0.2:8080', '[::1]:4747', 'LOCALHOST'])(
    '%s is this machine',
    (host) => request(server.app).get('/api/health').set('Host', host).expect(200),
  );

  test.each(['evil.example', 'localhost.evil.example', '127.0.0.1.evil.example', '192.168.1.7', ''])(
    '“%s” gets nothing, not even to read',
    async (host) => {
      const { body } = await request(server.app).get('/api/health').set('Host', host).expect(421);
      expect(body).toMatchObject({ code: 'unknown-host' });
      expect(body.shop).toBeUndefined();
    },
  );

  test('a name it was told is its own', async () => {
    const { store, db } = server;
    const pairing = createPairing(store.devices);
    const network = {
      ...createNetwork({ pairing, port: () => 0, addresses: () => [] }),
      hosts: () => ['Shop-PC.local'],
    };
    const logger = pino({ level: 'silent' });
    const app = createApp({ store, db, fonts: FONTS, workers: inThisThread, logger, doors: { network, pairing } });
    await request(app).get('/api/health').set('Host', 'shop-pc.local:4747').expect(200);
  });
});

describe('the page a write comes from', () => {
  const post = (origin: string | undefined, id: string) => {
    const asked = request(server.app).post(READINGS).set('Host', 'localhost:4747');
    return (origin === undefined ? asked : asked.set('Origin', origin)).send(leftFace({ id }));
  };

  test('its own is let in, and a program that is no page', async () => {
    await post('http://localhost:4747', 'own-page').expect(201);
    await post(undefined, 'no-page').expect(201);
  });

  test.each(['http://evil.example', 'http://localhost:9999', 'null', 'https://localhost.evil.example:4747'])(
    '%s is refused, and nothing is stored',
    async (origin) => {
      const before = server.store.lastSeq();
      const { body } = await post(origin, `from-${before}`).expect(403);
      expect(body.code).toBe('foreign-origin');
      expect(server.store.lastSeq()).toBe(before);
    },
  );
});
