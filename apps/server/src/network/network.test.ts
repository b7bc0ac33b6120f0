import { createServer, type Server } from 'node:http';
import { get, request as requestSecurely } from 'node:https';
import { connect, type AddressInfo } from 'node:net';
import { mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { pino } from 'pino';
import { createApp } from '../http/app';
import { MOST_CONNECTIONS } from '../http/patience';
import { demoServer, FONTS, leftFace, SETUP } from '../testing/shop';
import { certificatesFor } from './certificates';
import { createNetwork, namesOf } from './network';
import { createPairing } from './pairing';
import { inThisThread } from '../background/workers';

/** A shop with its door on a second address of this machine, which stands for the network. */
async function shopWithDoor() {
  const { store, db } = demoServer();
  let now = new Date('2026-11-26T10:00:00Z');
  const pairing = createPairing(store.devices, () => now);
  const server: Server = createServer();
  const port = () => (server.address() as AddressInfo).port;
  const tls = mkdtempSync(join(tmpdir(), 'zero-point-tls-'));
  const certificates = (names: readonly string[]) => certificatesFor(tls, names, now);
  const network = createNetwork({ pairing, port, addresses: () => ['127.0.0.2'], certificates });
  const staticFolder = mkdtempSync(join(tmpdir(), 'zero-point-static-'));
  writeFileSync(join(staticFolder, 'index.html'), '<!doctype html><title>the app</title>');
  const logger = pino({ level: 'silent' });
  const app = createApp({
    store,
    db,
    logger,
    fonts: FONTS,
    workers: inThisThread,
    staticFolder,
    doors: { network, pairing },
  });
  network.answer(app);
  server.on('request', app);
  await new Promise<void>((resolve) => server.listen(0, '127.0.0.1', resolve));
  const here = `http://127.0.0.1:${port()}`;
  return {
    store,
    pairing,
    network,
    here,
    there: `http://127.0.0.2:${port()}`,
    later: (minutes: number) => {
      now = new Date(now.getTime() + minutes * 60_000);
    },
    close: async () => {
      await network.close();
      server.closeAllConnections();
      await new Promise((resolve) => server.close(resolve));
      store.close();
    },
  };
}

let shop: Awaited<ReturnType<typeof shopWithDoor>>;
beforeEach(async () => {
  shop = await shopWithDoor();
});
afterEach(() => shop.close());

const json = (method: string, body?: unknown) => ({
  method,
  headers: { 'content-type': 'application/json' },
  ...(body !== undefined && { body: JSON.stringify(body) }),
});

/** Waits until it is so. */
const until = (so: () => boolean): Promise<void> =>
  new Promise((resolve) => {
    const look = () => (so() ? resolve() : setTimeout(look, 20));
    look();
  });

const open = async () => (await fetch(`${shop.here}/api/network`, json('PUT', { open: true }))).json();

const newCode = async (): Promise<string> =>
  ((await (await fetch(`${shop.here}/api/network/code`, json('POST', {}))).json()) as { code: { code: string } }).code
    .code;

const join_ = (code: string, name = 'Bench phone') =>
  fetch(`${shop.there}/pair`, {
    method: 'POST',
    redirect: 'manual',
    body: new URLSearchParams({ code, name }),
  });

const codeOf = async (answer: Response): Promise<string> => ((await answer.json()) as { code: string }).code;

/** The key a device was given, as its browser sends it. */
const keyOf = (answer: Response): string => (answer.headers.get('set-cookie') ?? '').split(';')[0] ?? '';

const ask = (path: string, cookie?: string, init: RequestInit = {}) =>
  fetch(`${shop.there}${path}`, {
    redirect: 'manual',
    ...init,
    headers: { ...(init.headers as Record<string, string>), ...(cookie !== undefined && { cookie }) },
  });

test('until it is opened nobody is answered from the network', async () => {
  await expect(ask('/api/health')).rejects.toThrow();
  expect(await open()).toMatchObject({ open: true, devices: [], urls: [shop.there] });
  expect((await ask('/api/health')).status).toBe(401);
  await fetch(`${shop.here}/api/network`, json('PUT', { open: false }));
  await expect(ask('/api/health')).rejects.toThrow();
});

test('a device that was not let in reaches the pairing page and nothing else', async () => {
  await open();
  for (const path of [
    '/api/health',
    `/api/setups/${SETUP}`,
    '/api/network',
    '/api/openapi.json',
    '/api/shop/copy.json',
  ]) {
    const answer = await ask(path);
    expect([path, answer.status, await codeOf(answer)]).toEqual([path, 401, 'not-paired']);
  }
  const page = await ask('/', undefined, { headers: { accept: 'text/html' } });
  expect([page.status, page.headers.get('location')]).toEqual([303, '/pair']);
  expect((await ask('/index.html')).status).not.toBe(200);
  const write = await ask(`/api/setups/${SETUP}/readings`, undefined, json('POST', leftFace()));
  expect(write.status).toBe(401);
  expect(await (await ask('/pair')).text()).toMatch(/Join the shop/);
  expect((await ask('/pair/../api/health')).status).toBe(401);
});

test('a phone joins once by its code, and works from then on; this machine needs none', async () => {
  await open();
  const code = await newCode();
  expect(code).toMatch(/^[A-HJ-NP-Z2-9]{4}-[A-HJ-NP-Z2-9]{4}$/);
  const joined = await join_(code.toLowerCase().replace('-', ' '));
  expect([joined.status, joined.headers.get('location')]).toEqual([303, '/']);
  expect(joined.headers.get('set-cookie')).toMatch(/HttpOnly/);
  expect(joined.headers.get('set-cookie')).toMatch(/SameSite=Strict/);
  const key = keyOf(joined);
  expect((await ask('/api/health', key)).status).toBe(200);
  expect(await (await ask('/', key, { headers: { accept: 'text/html' } })).text()).toMatch(/the app/);
  const stored = await ask(`/api/setups/${SETUP}/readings`, key, json('POST', leftFace()));
  expect(stored.status).toBe(201);
  // The code is used up.
  expect((await join_(code)).status).toBe(403);
  expect((await fetch(`${shop.here}/api/health`)).status).toBe(200);
});

test('a code is good for ten minutes, and a new one ends the one before', async () => {
  await open();
  const first = await newCode();
  const second = await newCode();
  expect((await join_(first)).status).toBe(403);
  shop.later(11);
  const late = await join_(second);
  expect(late.status).toBe(403);
  expect(await late.text()).toMatch(/its ten minutes are over/);
});

test('guessing is stopped after a few tries, for the right code too', async () => {
  await open();
  const code = await newCode();
  const tries: number[] = [];
  for (let i = 0; i < 7; i += 1) tries.push((await join_('AAAA-AAAA')).status);
  expect(tries).toEqual([403, 403, 403, 403, 403, 403, 429]);
  expect((await join_(code)).status).toBe(429);
});

test('devices are listed with when they were seen, and a dismissed one is out at its next request', async () => {
  await open();
  const key = keyOf(await join_(await newCode(), 'Bench phone'));
  const other = keyOf(await join_(await newCode(), ''));
  shop.later(5);
  await ask('/api/health', key);
  const listed = (await (await fetch(`${shop.here}/api/network`)).json()) as {
    devices: { id: string; name: string; seenAt: string }[];
  };
  expect(listed.devices.map(({ name, seenAt }) => [name, seenAt])).toEqual([
    ['Bench phone', '2026-11-26T10:05:00.000Z'],
    ['A device', '2026-11-26T10:00:00.000Z'],
  ]);
  const [phone] = listed.devices;
  await fetch(`${shop.here}/api/network/devices/${phone?.id}`, { method: 'DELETE' });
  expect((await ask('/api/health', key)).status).toBe(401);
  expect((await ask('/api/health', other)).status).toBe(200);
  expect((await fetch(`${shop.here}/api/network/devices/nobody`, { method: 'DELETE' })).status).toBe(404);
});

test('a device that was away for a month joins again; one that is used is not asked', async () => {
  await open();
  const key = keyOf(await join_(await newCode()));
  const DAY = 24 * 60;
  shop.later(29 * DAY);
  expect((await ask('/api/health', key)).status).toBe(200);
  shop.later(29 * DAY);
  expect((await ask('/api/health', key)).status).toBe(200);
  shop.later(31 * DAY);
  expect((await ask('/api/health', key)).status).toBe(401);
});

test('what a device was listening to ends when it is dismissed', async () => {
  await open();
  const key = keyOf(await join_(await newCode()));
  const stream = await ask('/api/events', key);
  expect(stream.status).toBe(200);
  const reader = stream.body?.getReader();
  const { devices } = (await (await fetch(`${shop.here}/api/network`)).json()) as { devices: { id: string }[] };
  await fetch(`${shop.here}/api/network/devices/${devices[0]?.id}`, { method: 'DELETE' });
  const ended = async (): Promise<string> => {
    for (;;) {
      const part = await reader?.read().catch(() => ({ done: true }));
      if (part?.done !== false) return 'ended';
    }
  };
  expect(await ended()).toBe('ended');
});

test('who is let in is decided here alone, whatever a device claims to be', async () => {
  await open();
  const key = keyOf(await join_(await newCode()));
  for (const init of [{}, json('PUT', { open: true }), { headers: { 'x-forwarded-for': '127.0.0.1' } }]) {
    const answer = await ask('/api/network', key, init);
    expect([answer.status, await codeOf(answer)]).toEqual([403, 'only-here']);
  }
  const forged = [`${key.slice(0, -3)}AAA`, 'zero-point-device=', 'zero-point-device=a.b', key.replace(/=.*\./, '=x.')];
  for (const one of forged) expect((await ask('/api/health', one)).status).toBe(401);
});

test('a foreign page cannot write by a paired phone’s key, nor under a foreign name', async () => {
  await open();
  const key = keyOf(await join_(await newCode()));
  const foreign = json('POST', leftFace());
  const answer = await ask(`/api/setups/${SETUP}/readings`, key, {
    ...foreign,
    headers: { ...foreign.headers, origin: 'http://evil.example' },
  });
  expect([answer.status, await codeOf(answer)]).toEqual([403, 'foreign-origin']);
});

test('a device’s name keeps no signs that are not seen or that turn it round', async () => {
  await open();
  await join_(await newCode(), 'Bench\u202E\u2066 pho\u0000ne\u200F');
  const { devices } = (await (await fetch(`${shop.here}/api/network`)).json()) as { devices: { name: string }[] };
  expect(devices.map(({ name }) => name)).toEqual(['Bench phone']);
});

/** Asks over TLS, trusting one authority alone; the status, or why it was not believed. */
const securely = (path: string, authority: string | undefined, cookie = ''): Promise<number | string> =>
  new Promise((resolve) => {
    const [url = ''] = shop.network.secureUrls();
    const asked = get(`${url}${path}`, { ca: authority, headers: { cookie } }, (answer) => {
      answer.resume();
      resolve(answer.statusCode ?? 0);
    });
    asked.on('error', (error: NodeJS.ErrnoException) => resolve(error.code ?? error.message));
  });

test('over TLS nothing older than 1.3 is spoken', async () => {
  await open();
  const [url = ''] = shop.network.secureUrls();
  const older = new Promise((resolve) => {
    const asked = get(`${url}/api/health`, { ca: shop.network.authority(), maxVersion: 'TLSv1.2' }, (answer) => {
      answer.resume();
      resolve('spoken');
    });
    asked.on('error', (error: NodeJS.ErrnoException) => resolve(error.code));
  });
  expect(await older).toMatch(/PROTOCOL_VERSION|EPROTO/);
  expect(await securely('/api/health', shop.network.authority())).toBe(401);
});

test('over TLS a device that trusts the shop’s own authority is served; others are not even asked', async () => {
  await open();
  const key = keyOf(await join_(await newCode()));
  const trust = await ask('/trust', key);
  expect(await trust.text()).toContain(shop.network.secureUrls()[0]);
  const certificate = await (await ask('/trust/authority.crt', key)).text();
  expect(certificate).toMatch(/^-----BEGIN CERTIFICATE-----/);
  expect(await securely('/api/health', certificate, key)).toBe(200);
  expect(await securely('/api/health', certificate)).toBe(401);
  expect(await securely('/api/health', undefined, key)).toMatch(/SELF_SIGNED|UNABLE_TO_VERIFY/);
  // The certificate is for those that were let in.
  expect((await ask('/trust/authority.crt')).headers.get('location')).toBe('/pair');
});

/** Joins over TLS; what the browser is told to keep. */
const joinSecurely = (code: string, authority: string): Promise<string> =>
  new Promise((resolve, reject) => {
    const [url = ''] = shop.network.secureUrls();
    const headers = { 'content-type': 'application/x-www-form-urlencoded', origin: url };
    const asked = requestSecurely(`${url}/pair`, { method: 'POST', ca: authority, headers }, (answer) => {
      answer.resume();
      resolve(String(answer.headers['set-cookie']));
    });
    asked.on('error', reject);
    asked.end(new URLSearchParams({ code, name: 'Bench phone' }).toString());
  });

test('a key that was given over TLS is never sent over a plain connection', async () => {
  await open();
  const cookie = await joinSecurely(await newCode(), shop.network.authority() ?? '');
  expect(cookie).toMatch(/^__Host-zero-point-device=[^;]+;.*Path=\/;.*HttpOnly; Secure; SameSite=Strict$/);
  const key = cookie.split(';')[0] ?? '';
  expect(await securely('/api/health', shop.network.authority(), key)).toBe(200);
});

test('what was typed into the page comes back as words, never as a page of its own', async () => {
  await open();
  await newCode();
  const text = await (await join_('"><script>alert(1)</script>', '<b>me</b>')).text();
  expect(text).not.toMatch(/<script|<b>/);
  expect(await (await ask('/pair?code=%22%3E%3Cscript%3E')).text()).not.toMatch(/<script/);
});

test('a machine is called by its name only where that can stand in a certificate', () => {
  expect(namesOf(['192.168.1.20'], 'shop-pc')).toEqual(['192.168.1.20', 'shop-pc', 'shop-pc.local']);
  for (const name of ['', 'Küche', 'my computer', '-x'])
    expect(namesOf(['192.168.1.20'], name)).toEqual(['192.168.1.20']);
});

test('keys are kept as hashes alone', async () => {
  await open();
  const key = keyOf(await join_(await newCode()));
  const secret = key.split('.').at(-1) ?? '';
  expect(secret.length).toBeGreaterThan(40);
  const { hash } = shop.store.devices.key(key.replace('zero-point-device=', '').split('.')[0] ?? '') ?? {};
  expect(hash?.toString('base64url')).not.toContain(secret.slice(0, 10));
});

test('connections that say nothing: more than a door holds are turned away, the rest is dropped in seconds, the owner is answered', async () => {
  await open();
  const { hostname, port } = new URL(shop.there);
  const silent = Array.from({ length: 400 }, () => connect(Number(port), hostname));
  const gone = silent.map(
    (socket) =>
      new Promise<void>((resolve) => {
        socket.on('error', () => undefined);
        socket.on('data', () => undefined);
        socket.on('close', () => resolve());
      }),
  );
  let closed = 0;
  for (const one of gone) void one.then(() => (closed += 1));
  await until(() => closed >= 400 - MOST_CONNECTIONS);
  expect((await fetch(`${shop.here}/api/health`)).status).toBe(200);
  await Promise.all(gone);
  // There is room again for who has something to say.
  expect((await fetch(`${shop.there}/pair`)).status).toBe(200);
}, 30_000);
