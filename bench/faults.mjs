/**
 * Whether an acknowledged reading survives a power cut, and whether hostile requests bring the server down. Bounded, and on
 * this machine alone: `npm run bench -- faults [kills] [requests]`.
 */
import { goal } from './lib/goal.mjs';
import { gzipSync } from 'node:zlib';
import { HEAVY } from './lib/heavy.mjs';
import { memoryOf, quantile, startKillable } from './lib/killable.mjs';
import { freshDatabase } from './lib/server.mjs';
import { touch } from './lib/touch.mjs';

const SETUP = 'base-plate-knee-mill';

/** Devices that log at the same time; each is away for a third of the kills. */
const DEVICES = 3;

const post = (url, path, body, headers) =>
  fetch(`${url}${path}`, {
    method: 'POST',
    headers: { 'content-type': 'application/json', ...headers },
    body: JSON.stringify(body),
  });

/** A device's own queue, as the outbox has it: the front is sent until it is acknowledged, then the next. */
function device(name) {
  let made = 0;
  let front;
  return {
    acknowledged: [],
    async log(url, until) {
      while (!until()) {
        front ??= touch(`${name}-${(made += 1)}`);
        try {
          const answer = await post(url, `/api/setups/${SETUP}/readings`, front, {
            'zero-point-order': `${name} ${made}`,
          });
          if (answer.status !== 201) throw new Error(String(answer.status));
          await answer.arrayBuffer();
          this.acknowledged.push(front.id);
          front = undefined;
        } catch {
          return;
        }
      }
    },
  };
}

async function kills(times) {
  const file = freshDatabase();
  const devices = Array.from({ length: DEVICES }, (_, i) => device(`device-${i}`));
  for (let i = 0; i < times; i += 1) {
    const server = await startKillable(file);
    let over = false;
    const away = Math.floor((i * DEVICES) / times) % DEVICES;
    const logging = devices.flatMap((one, at) => (at === away ? [] : [one.log(server.url, () => over)]));
    await new Promise((resolve) => setTimeout(resolve, 10 + Math.random() * 90));
    await server.kill();
    over = true;
    await Promise.all(logging);
  }
  const server = await startKillable(file);
  let over = false;
  setTimeout(() => (over = true), 200);
  await Promise.all(devices.map((one) => one.log(server.url, () => over)));
  const { readings } = await (await fetch(`${server.url}/api/setups/${SETUP}`)).json();
  await server.kill();
  const there = readings.map(({ id }) => id).filter((id) => id.startsWith('device-'));
  const known = new Set(there);
  const acknowledged = devices.flatMap((one) => one.acknowledged);
  const inOrder = devices.every((one, i) => {
    const own = there.filter((id) => id.startsWith(`device-${i}-`)).map((id) => Number(id.split('-')[2]));
    return own.every((number, at) => at === 0 || number > own[at - 1]);
  });
  const lost = acknowledged.filter((id) => !known.has(id)).length;
  const doubled = there.length - known.size;
  console.log(
    `${times} kills, ${DEVICES} devices of which one is away for each third: ${acknowledged.length} acknowledged, ${lost} lost, ${doubled} double, each device’s in its order: ${inOrder ? 'yes' : 'no'} (goal 0, 0, yes)`,
  );
  goal('acknowledged readings lost in power cuts', lost, { most: 0 });
  goal('readings stored twice', doubled, { most: 0 });
  goal('devices whose readings came out of order', inOrder ? 0 : 1, { most: 0 });
}

/** Values that a field was never meant to have. */
const ODD = [
  null,
  '',
  ' ',
  0,
  -0,
  -1,
  1e308,
  '1e400',
  'NaN',
  [],
  {},
  [[[[]]]],
  true,
  '\u0000',
  '\uD800',
  '../../etc/passwd',
  "'; DROP TABLE readings; --",
  '<script>alert(1)</script>',
  'x'.repeat(10_000),
  '1'.repeat(40_000),
  '['.repeat(20_000),
  { __proto__: { polluted: true }, constructor: { prototype: {} } },
  '2026-13-45T99:99:99.999Z',
];

/** Bodies that unpack to far more than they are. */
const BOMBS = [
  '['.repeat(4_000_000),
  '{"a":'.repeat(900_000),
  `[${'[],'.repeat(900_000)}[]]`,
  `"${'9'.repeat(3_900_000)}"`,
].map((text) => gzipSync(text));

const pick = (list) => list[Math.floor(Math.random() * list.length)];

/** A value like what the schema asks for, or nothing like it. */
function like(schema, root, depth = 0) {
  if (Math.random() < 0.06 || depth > 8) return pick(ODD);
  if (schema.$ref) return like(root.components.schemas[schema.$ref.split('/').pop()] ?? {}, root, depth + 1);
  const several = schema.oneOf ?? schema.anyOf ?? schema.allOf;
  if (several) return like(pick(several), root, depth + 1);
  if (schema.const !== undefined) return schema.const;
  if (schema.enum) return pick(schema.enum);
  switch (Array.isArray(schema.type) ? pick(schema.type) : schema.type) {
    case 'object': {
      const keys = Object.keys(schema.properties ?? {}).filter(
        (key) => schema.required?.includes(key) || Math.random() < 0.5,
      );
      return Object.fromEntries(keys.map((key) => [key, like(schema.properties[key], root, depth + 1)]));
    }
    case 'array':
      return Array.from({ length: Math.floor(Math.random() * 4) }, () => like(schema.items ?? {}, root, depth + 1));
    case 'number':
    case 'integer':
      return pick([0, 1, 7, -3.25, 10_000, 1e21, schema.minimum ?? 2, schema.maximum ?? 3]);
    case 'string':
      return pick(['left', SETUP, 'spring-finder-10', 'x', `id-${Math.random()}`, new Date().toISOString()]);
    case 'boolean':
      return Math.random() < 0.5;
    default:
      return pick(ODD);
  }
}

const HEADERS = [
  {},
  { 'content-type': 'text/plain' },
  { 'content-encoding': 'gzip' },
  { 'content-encoding': 'none' },
  { 'if-match': '"x"' },
  { range: 'bytes=9-1' },
  { accept: 'nothing/at-all' },
  { 'zero-point-order': 'a-line 12' },
  { 'zero-point-order': 'a-line twelve' },
  { 'content-type': 'application/json; charset=utf-7' },
];

async function hostile(requests) {
  const server = await startKillable(freshDatabase());
  const root = await (await fetch(`${server.url}/api/openapi.json`)).json();
  const routes = Object.entries(root.paths).flatMap(([path, methods]) =>
    Object.entries(methods).map(([method, { requestBody }]) => ({
      path,
      method: method.toUpperCase(),
      schema: requestBody?.content?.['application/json']?.schema,
    })),
  );
  /** Paths of work that takes long by its nature. */
  const LONG = /sheet|copy|check$|setup-files/;
  const tally = { sent: 0, faults: [], broken: 0, slowest: 0, at: '' };
  const memories = [];
  const one = async () => {
    const route = pick(routes);
    const method = Math.random() < 0.9 ? route.method : pick(['PUT', 'POST', 'DELETE', 'PATCH', 'OPTIONS', 'HEAD']);
    const path = route.path.replaceAll(/\{\w+\}/g, () =>
      encodeURIComponent(pick([SETUP, 'nowhere', 'knee-mill', '..', '%', 'x'.repeat(500), '𝟙'])),
    );
    const text = JSON.stringify(like(route.schema ?? {}, root) ?? null);
    const cut = Math.random() < 0.05 ? text.slice(0, Math.floor(Math.random() * text.length)) : text;
    const bomb = Math.random() < 0.002 ? pick(BOMBS) : undefined;
    const began = performance.now();
    try {
      const answer = await fetch(`${server.url}${path}`, {
        method,
        signal: AbortSignal.timeout(10_000),
        headers: {
          'content-type': 'application/json',
          ...(Math.random() < 0.1 && pick(HEADERS)),
          ...(bomb && { 'content-encoding': 'gzip' }),
        },
        ...(method !== 'GET' && method !== 'HEAD' && { body: bomb ?? cut }),
      });
      if (!/\/(events|stream)$/.test(route.path)) await answer.arrayBuffer();
      else await answer.body?.cancel();
      if (answer.status >= 500)
        tally.faults.push(`${answer.status} ${method} ${path.slice(0, 80)} ${cut.slice(0, 160)}`);
    } catch {
      tally.broken += 1;
    }
    const ms = performance.now() - began;
    // What is told to take long is held against others below.
    if (ms > tally.slowest && !LONG.test(route.path))
      Object.assign(tally, { slowest: ms, at: `${method} ${route.path}` });
    tally.sent += 1;
    if (tally.sent % Math.ceil(requests / 10) === 0) memories.push(memoryOf(server.pid).own);
  };
  const worker = async () => {
    while (tally.sent < requests && !server.ended()) await one();
  };
  await Promise.all(Array.from({ length: 4 }, worker));
  const crashed = server.ended();
  if (!crashed) await server.kill();
  for (const fault of tally.faults.slice(0, 5)) console.log(`  ${fault}`);
  console.log(
    `${tally.sent} hostile requests: ${tally.faults.length} answered 5xx, ${crashed ? 1 : 0} crashes, ${tally.broken} not answered, slowest ${tally.slowest.toFixed(0)} ms (${tally.at}) (goal 0, 0, 0, under 1000)`,
  );
  goal('hostile requests answered by a fault of ours', tally.faults.length + tally.broken + (crashed ? 1 : 0), {
    most: 0,
  });
  goal('slowest answer to a hostile request', tally.slowest, { most: 1000, unit: ' ms' });
  console.log(`  memory by tenths: ${memories.map((mb) => mb.toFixed(0)).join(' ')} MB`);
  goal('memory under hostile requests', Math.max(...memories), { most: 400, unit: ' MB' });
}

/** What one request can ask at the most, each while others look at the setup and log readings. */
async function heavy() {
  const server = await startKillable(freshDatabase());
  const made = {};
  let slowest = 0;
  let faults = 0;
  let most = 0;
  let number = 0;
  for (const { name, ready, run } of HEAVY) {
    await ready?.(server.url, made);
    const times = [];
    let over = false;
    const others = async () => {
      while (!over) {
        number += 1;
        const began = performance.now();
        const answer =
          number % 3 === 0
            ? await post(server.url, '/api/setups/feet-knee-mill/readings', touch(`heavy-${number}`))
            : await fetch(`${server.url}/api/${number % 3 === 1 ? 'health' : 'setups/feet-knee-mill?since=0'}`);
        await answer.arrayBuffer();
        times.push(performance.now() - began);
        const { own } = memoryOf(server.pid);
        most = Math.max(most, own);
        await new Promise((resolve) => setTimeout(resolve, 5));
      }
    };
    const meanwhile = others();
    const began = performance.now();
    const status = await run(server.url, made);
    const took = performance.now() - began;
    over = true;
    await meanwhile;
    times.sort((a, b) => a - b);
    slowest = Math.max(slowest, times.at(-1));
    if (status >= 500) faults += 1;
    console.log(
      `  ${name}: ${status} after ${took.toFixed(0)} ms; ${times.length} others p50 ${quantile(times, 0.5).toFixed(1)}, p99 ${quantile(times, 0.99).toFixed(1)}, slowest ${times.at(-1).toFixed(0)} ms (goal p99 200)`,
    );
    goal(`others during ${name}, 99th percentile`, quantile(times, 0.99), { most: 200, unit: ' ms' });
  }
  await server.kill();
  console.log(
    `heavy requests: ${faults} answered 5xx, slowest other ${slowest.toFixed(0)} ms, memory ${most.toFixed(0)} MB (goal 0, 1000, 400)`,
  );
  goal('heavy requests answered by a fault of ours', faults, { most: 0 });
  goal('slowest other request during heavy ones', slowest, { most: 1000, unit: ' ms' });
  goal('memory under heavy requests', most, { most: 400, unit: ' MB' });
}

export async function benchFaults(times = 50, requests = 10_000) {
  await kills(times);
  await hostile(requests);
  await heavy();
}
