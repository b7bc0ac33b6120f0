/** What a long log costs: a setup, the bench and a reading with 200 000 readings behind them, against none. */
import { createServer } from 'node:http';
import { goal } from './lib/goal.mjs';
import { demoDatabase, median, startServer } from './lib/server.mjs';
import { touch } from './lib/touch.mjs';
import { fill } from './lib/fill.mjs';

const SETUP = 'base-plate-knee-mill';
const ROUNDS = 60;

let made = 0;

/** Opens a setup as the app does. */
let open = (snapshot) => snapshot;

const post = (url) => {
  made += 1;
  return fetch(`${url}/api/setups/${SETUP}/readings`, {
    method: 'POST',
    headers: { 'Content-Type': 'application/json' },
    body: JSON.stringify(touch(`grown-${made}`)),
  }).then((answer) => answer.arrayBuffer());
};

const get = (path) => (url) => fetch(`${url}${path}`).then((answer) => answer.json());

async function timed(work) {
  const start = performance.now();
  await work();
  return performance.now() - start;
}

/** Both in turns, so that whatever else the machine does falls on both. */
async function compare(what, long, short, act) {
  const times = { long: [], short: [] };
  for (let i = 0; i < ROUNDS + 10; i += 1) {
    const [a, b] = [await timed(() => act(long.url)), await timed(() => act(short.url))];
    if (i < 10) continue;
    times.long.push(a);
    times.short.push(b);
  }
  const [a, b] = [median(times.long), median(times.short)];
  console.log(
    `${what.padEnd(22)} ${a.toFixed(2).padStart(7)} ms   with an empty log ${b.toFixed(2).padStart(7)} ms   ratio ${(a / b).toFixed(2)}`,
  );
  goal(`${what} with 200 000 readings behind it, against none`, a / b, { most: 1.5 });
}

async function serverWith(filling) {
  const file = await demoDatabase();
  fill(file, filling);
  return startServer(undefined, file);
}

/** One setup of 20 000 readings, fetched, parsed and opened, against the same text sent and parsed bare. */
async function benchLong() {
  const server = await serverWith({ setups: 0, readings: 0, own: 20_000 });
  const text = await (await fetch(`${server.url}/api/setups/long`)).text();
  const bytes = Buffer.from(text);
  const bare = createServer((_request, response) =>
    response.writeHead(200, { 'Content-Type': 'application/json' }).end(bytes),
  );
  await new Promise((resolve) => bare.listen(0, '127.0.0.1', resolve));
  const bareUrl = `http://127.0.0.1:${bare.address().port}/`;
  const times = { ours: [], bare: [] };
  for (let i = 0; i < 25; i += 1) {
    const ours = await timed(async () => open(await (await fetch(`${server.url}/api/setups/long`)).json()));
    const floor = await timed(async () => (await fetch(bareUrl)).json());
    if (i < 5) continue;
    times.ours.push(ours);
    times.bare.push(floor);
  }
  const [a, b] = [median(times.ours), median(times.bare)];
  console.log(
    `\nA setup of 20 000 readings (${(bytes.length / 1e6).toFixed(1)} MB), fetched, parsed and opened, target 3.00 at most`,
  );
  console.log(
    `ours ${a.toFixed(0)} ms   the same JSON sent and parsed bare ${b.toFixed(0)} ms   ratio ${(a / b).toFixed(2)}`,
  );
  goal('a setup of 20 000 readings opened, against its JSON parsed', a / b, { most: 3 });
  bare.close();
  await server.stop();
}

/** @param openBook core's own, so that opening is what the app does */
export async function benchGrowth(openBook) {
  open = openBook;
  console.log('\nA log of 200 000 readings over 1000 setups, against none over as many, target 1.50 at most');
  const [long, short] = [
    await serverWith({ setups: 1000, readings: 200_000 }),
    await serverWith({ setups: 1000, readings: 0 }),
  ];
  await compare('a setup', long, short, get(`/api/setups/${SETUP}`));
  await compare('the bench', long, short, get('/api/setups'));
  await compare('a reading stored', long, short, post);
  await long.stop();
  await short.stop();
  await benchLong();
}
