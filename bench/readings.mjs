/** Readings stored per second over HTTP, as a ratio to a bare handler doing the same single insert, in turns. */
import { Agent, request } from 'node:http';
import { join } from 'node:path';
import { ROOT } from '../scripts/lib/steps.mjs';
import { goal } from './lib/goal.mjs';
import { demoDatabase, median, startProgram, startServer } from './lib/server.mjs';
import { touch } from './lib/touch.mjs';

const COUNT = 1500;
const ROUNDS = 9;
/** Rounds before counting, so that both are compiled and their files have grown. */
const WARM_UP = 3;

let made = 0;

function reading() {
  made += 1;
  return JSON.stringify(touch(`bench-${made}`));
}

function post(url, agent) {
  const body = reading();
  return new Promise((resolve, reject) => {
    const sent = request(
      url,
      {
        method: 'POST',
        agent,
        headers: { 'Content-Type': 'application/json', 'Content-Length': Buffer.byteLength(body) },
      },
      (answer) => {
        answer.resume();
        answer.on('end', () =>
          answer.statusCode === 201 ? resolve() : reject(new Error(`answered ${answer.statusCode}`)),
        );
      },
    );
    sent.on('error', reject);
    sent.end(body);
  });
}

/** Readings per second, over so many connections that each wait for their answer. */
async function rate(url, connections) {
  const agent = new Agent({ keepAlive: true, maxSockets: connections });
  const start = performance.now();
  let left = COUNT;
  await Promise.all(
    Array.from({ length: connections }, async () => {
      while (left > 0) {
        left -= 1;
        await post(url, agent);
      }
    }),
  );
  agent.destroy();
  return COUNT / ((performance.now() - start) / 1000);
}

async function compare(ours, bare, connections) {
  const runs = { ours: [], bare: [] };
  for (let i = 0; i < WARM_UP + ROUNDS; i += 1) {
    const a = await rate(`${ours.url}/api/setups/base-plate-knee-mill/readings`, connections);
    const b = await rate(`${bare.url}/`, connections);
    if (i < WARM_UP) continue;
    runs.ours.push(a);
    runs.bare.push(b);
  }
  const [a, b] = [median(runs.ours), median(runs.bare)];
  console.log(
    `${(connections === 1 ? 'one after the other' : `${connections} at once`).padEnd(22)} ours ${a.toFixed(0).padStart(5)} a second   bare handler ${b.toFixed(0).padStart(5)} a second   ratio ${(a / b).toFixed(2)}`,
  );
  goal(`readings stored, ${connections} at once, against a bare handler`, a / b, { least: 0.5 });
}

export async function benchReadings() {
  const ours = await startServer();
  const bare = await startProgram(join(ROOT, 'bench/bare.mjs'), { DATABASE: await demoDatabase() });
  console.log(
    `\nReadings stored over HTTP, median of ${ROUNDS} rounds of ${COUNT}, each durable on its own, target 0.50 or more`,
  );
  await compare(ours, bare, 1);
  await compare(ours, bare, 8);
  await ours.stop();
  await bare.stop();
}
