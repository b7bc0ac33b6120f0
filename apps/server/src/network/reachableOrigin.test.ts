import { reachableOrigin } from './reachableOrigin';

const asked = (hostname: string) =>
  ({
    protocol: 'http',
    hostname,
    get: () => `${hostname}:4747`,
    socket: { localPort: 4747 },
  }) as unknown as Parameters<typeof reachableOrigin>[0];
const door = { urls: () => ['http://192.168.1.20:4747'] };
const closed = { urls: () => [] };

test.each([
  ['asked on the machine itself, its door to the network', '127.0.0.1', door, ['10.0.0.7'], 'http://192.168.1.20:4747'],
  ['with the door closed, where it would be', 'localhost', closed, ['10.0.0.7'], 'http://10.0.0.7:4747'],
  ['without any door, the same', '127.0.0.1', undefined, ['10.0.0.7'], 'http://10.0.0.7:4747'],
  ['on no network, as it was asked', '127.0.0.1', closed, [], 'http://127.0.0.1:4747'],
  ['asked from the network, as it was asked', '192.168.1.20', door, ['10.0.0.7'], 'http://192.168.1.20:4747'],
  ['asked by its name, by its name', 'shop-pc.local', door, ['10.0.0.7'], 'http://shop-pc.local:4747'],
])('%s', (_what, hostname, network, addresses, origin) =>
  expect(reachableOrigin(asked(hostname), network, addresses)).toBe(origin),
);
