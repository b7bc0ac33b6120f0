import { createServer, request, type IncomingMessage, type Server } from 'node:http';
import type { AddressInfo, Socket } from 'node:net';
import { columnsOf } from '../store/readings';
import { demoServer, leftFace, SETUP } from '../testing/shop';

let shop: ReturnType<typeof demoServer>;
let server: Server;
let port: number;
const sockets = new Set<Socket>();
beforeAll(async () => {
  shop = demoServer();
  server = createServer(shop.app);
  server.on('connection', (socket) => {
    sockets.add(socket);
    socket.on('close', () => sockets.delete(socket));
  });
  await new Promise<void>((resolve) => server.listen(0, '127.0.0.1', resolve));
  ({ port } = server.address() as AddressInfo);
  // A long log: more than the system itself holds for one who does not read.
  shop.store.write(() => {
    for (let i = 0; i < 40_000; i += 1)
      shop.store.readings.insert(columnsOf(SETUP, leftFace({ id: `long-${i}` })), '2026-11-24T09:00:00.000Z');
  });
});
afterAll(async () => {
  server.closeAllConnections();
  await new Promise((resolve) => server.close(resolve));
  shop.store.close();
});

const open = (path: string): Promise<IncomingMessage> =>
  new Promise((resolve, reject) =>
    request({ port, path, host: '127.0.0.1', agent: false }, resolve).on('error', reject).end(),
  );

const log = (id: string) =>
  fetch(`http://127.0.0.1:${port}/api/setups/${SETUP}/readings`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify(leftFace({ id })),
  });

/** What waits in this process for those who do not read. */
const waiting = (): number => [...sockets].reduce((sum, { writableLength }) => sum + writableLength, 0);

test('one that never reads is sent one piece of news and no more, and is hung up on', async () => {
  const stream = await open(`/api/setups/${SETUP}/events`);
  stream.pause();
  stream.on('error', () => undefined);
  const ended = () =>
    new Promise<void>((resolve) => {
      const look = () => (waiting() === 0 ? resolve() : setTimeout(look, 50));
      look();
    });
  const before = waiting();
  expect(before).toBeGreaterThan(1_000_000);
  for (let i = 0; i < 50; i += 1) await log(`while-${i}`);
  expect(waiting()).toBeLessThanOrEqual(before);
  // Seen from the side that hangs up: one that does not read does not notice.
  await ended();
  stream.destroy();
}, 60_000);

test('one that is slow, but reads, gets all of it once, what came meanwhile too', async () => {
  const stream = await open(`/api/setups/${SETUP}/events`);
  stream.pause();
  let text = '';
  stream.setEncoding('utf8');
  for (let i = 0; i < 5; i += 1) await log(`again-${i}`);
  stream.on('data', (part: string) => (text += part));
  stream.resume();
  await new Promise<void>((resolve) => {
    const look = () => (text.includes('"id":"again-4"') ? resolve() : setTimeout(look, 20));
    look();
  });
  const count = (id: string) => text.split(`"id":"${id}"`).length - 1;
  for (const id of ['long-0', 'long-39999', 'while-7', 'again-0', 'again-4']) expect([id, count(id)]).toEqual([id, 1]);
  stream.destroy();
}, 60_000);
