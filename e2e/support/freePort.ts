import { createServer } from 'node:net';

/**
 * Ports of the tests lie below those the system gives to whoever calls out (32768 and up): one of those that was free a
 * moment ago may be the near end of somebody's connection by the time a server listens on it.
 */
const LOWEST = 20_000;

/** Ports of one worker: no two workers try the same. */
const EACH = 1_000;

// Another run on this machine begins somewhere else.
let next = process.pid % EACH;

const isFree = (port: number): Promise<boolean> =>
  new Promise((resolve) => {
    const probe = createServer();
    probe.once('error', () => resolve(false));
    probe.listen(port, '127.0.0.1', () => probe.close(() => resolve(true)));
  });

/** A port of this worker's that nobody listens on, another one each time. */
export async function freePort(): Promise<number> {
  const from = LOWEST + Number(process.env.TEST_PARALLEL_INDEX ?? 0) * EACH;
  for (let tries = 0; tries < EACH; tries += 1) {
    const port = from + next;
    next = (next + 1) % EACH;
    if (await isFree(port)) return port;
  }
  throw new Error(`every port from ${from} to ${from + EACH - 1} is taken`);
}
