/** Twenty devices that log, strike and read, forty that listen, for as long as asked: `npm run bench -- soak [minutes]`. */
import { goal } from './lib/goal.mjs';
import { memoryOf, quantile, startKillable } from './lib/killable.mjs';
import { freshDatabase } from './lib/server.mjs';
import { touch } from './lib/touch.mjs';

const SETUPS = ['base-plate-knee-mill', 'feet-knee-mill', 'pivots-bench-mill', 'plinth-router'];
const DEVICES = 20;
const STREAMS = 40;

/** A device does something so often, ms: quicker than any hand. */
const PAUSE = 250;

const wait = (ms) => new Promise((resolve) => setTimeout(resolve, ms));

async function listen(url, setup, until) {
  const gone = new AbortController();
  void until.then(() => gone.abort());
  let events = 0;
  try {
    const { body } = await fetch(`${url}/api/stream?of=shop&of=setup:${setup}:0`, { signal: gone.signal });
    for await (const part of body) events += Buffer.from(part).toString().split('\ndata:').length - 1;
  } catch (error) {
    if (error.name !== 'AbortError') throw error;
  }
  return events;
}

export async function benchSoak(minutes = 10) {
  const server = await startKillable(freshDatabase());
  const times = [];
  const memories = [];
  let failed = 0;
  let over = false;
  let end = () => undefined;
  const until = new Promise((resolve) => (end = resolve));
  const timed = async (path, init) => {
    const began = performance.now();
    const answer = await fetch(`${server.url}${path}`, init);
    await answer.arrayBuffer();
    times.push(performance.now() - began);
    if (answer.status >= 400) failed += 1;
  };
  const post = (path, body) =>
    timed(path, { method: 'POST', headers: { 'content-type': 'application/json' }, body: JSON.stringify(body) });
  const device = async (i) => {
    const setup = SETUPS[i % SETUPS.length];
    const scale = setup === 'pivots-bench-mill' ? 'dial' : setup === 'plinth-router' ? 'machine' : 'readout';
    for (let number = 0; !over; number += 1) {
      const id = `soak-${i}-${number}`;
      const at = new Date().toISOString();
      await post(`/api/setups/${setup}/readings`, { ...touch(id), place: { scale } });
      if (number % 5 === 4)
        await post(`/api/setups/${setup}/strikes`, {
          id: `strike-${id}`,
          readingId: id,
          action: 'strike',
          reason: '',
          at,
        });
      if (number % 10 === 7) await timed(`/api/setups/${setup}`);
      if (number % 10 === 3) await timed('/api/setups');
      await wait(PAUSE * (0.5 + Math.random()));
    }
  };
  const streams = Array.from({ length: STREAMS }, (_, i) => listen(server.url, SETUPS[i % SETUPS.length], until));
  const devices = Array.from({ length: DEVICES }, (_, i) => device(i));
  const started = Date.now();
  // What is read in and made ready at first is no growth.
  while (Date.now() - started < minutes * 60_000) {
    await wait(minutes * 600);
    memories.push(memoryOf(server.pid).own);
  }
  over = true;
  await Promise.all(devices);
  end();
  const events = (await Promise.all(streams)).reduce((sum, one) => sum + one, 0);
  await server.kill();
  times.sort((a, b) => a - b);
  const mean = (list) => list.reduce((sum, one) => sum + one, 0) / list.length;
  // The second tenth against the last: by then a server has warmed up.
  const [early, late] = [mean(memories.slice(10, 20)), mean(memories.slice(-10))];
  const growth = ((late - early) / early) * 100;
  console.log(
    `${DEVICES} devices and ${STREAMS} streams for ${minutes} minutes: ${times.length} requests, ${failed} failed, ${events} events; p50 ${quantile(times, 0.5).toFixed(1)} ms, p99 ${quantile(times, 0.99).toFixed(1)} ms, slowest ${times.at(-1).toFixed(0)} ms (goal 0, p99 250)`,
  );
  console.log(
    `memory ${early.toFixed(0)} MB in the second tenth, ${late.toFixed(0)} MB in the last: ${growth.toFixed(1)} % (goal 5)`,
  );
  goal('soak: requests that failed', failed, { most: 0 });
  goal('soak: 99th percentile of an answer', quantile(times, 0.99), { most: 250, unit: ' ms' });
  goal('soak: memory grown', growth, { most: 5, unit: ' %' });
}
