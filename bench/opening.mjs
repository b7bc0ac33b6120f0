/**
 * How heavy the app is to open, as a ratio to the least this stack can be (bench/floor), both served by
 * our server and measured in turns in the same run: initial JavaScript after brotli, first contentful
 * paint, and time until the bench can be tapped, at 4 x CPU slow-down.
 */
import { launch, newContext, SLOWDOWN, slowPage } from './lib/opening.mjs';
import { goal } from './lib/goal.mjs';
import { median, startServer } from './lib/server.mjs';

const ROUNDS = 9;

async function open(browser, url, selector) {
  const context = await newContext(browser);
  const { load } = await slowPage(context, selector);
  const opened = await load((page) => page.goto(url));
  await context.close();
  return opened;
}

export async function benchOpening() {
  const app = await startServer('apps/app/dist');
  const floor = await startServer('bench/floor/dist');
  const browser = await launch();
  const runs = { app: [], floor: [] };
  for (let i = 0; i <= ROUNDS; i += 1) {
    const a = await open(browser, `${app.url}/`, 'a[href^="/setup/"]');
    const f = await open(browser, `${floor.url}/`, 'button, [role=button]');
    // The first round warms the servers and the browser.
    if (i === 0) continue;
    runs.app.push(a);
    runs.floor.push(f);
  }
  await browser.close();
  await app.stop();
  await floor.stop();
  const row = (name, pick, unit, digits = 0) => {
    const ours = median(runs.app.map(pick));
    const least = median(runs.floor.map(pick));
    console.log(
      `${name.padEnd(38)} ${ours.toFixed(digits).padStart(8)} ${unit}   floor ${least.toFixed(digits).padStart(8)} ${unit}   ratio ${(ours / least).toFixed(2)}`,
    );
    return ours / least;
  };
  console.log(
    `\nOpening the app, median of ${ROUNDS}, ${SLOWDOWN} x CPU slow-down, targets 1.15 for the script, 1.20 for the first tap`,
  );
  const script = row('initial JavaScript, brotli', (run) => run.script / 1000, 'kB', 1);
  row('first contentful paint', ({ paint }) => paint, 'ms');
  const tap = row('until the bench can be tapped', ({ ready }) => ready, 'ms');
  goal('first script against the floor', script, { most: 1.15 });
  goal('first tap against the floor', tap, { most: 1.2 });
}
