/**
 * How heavy the app is to open, as a ratio to the least this stack can be (bench/floor), both served by
 * our server and measured in turns in the same run: initial JavaScript after brotli, first contentful
 * paint, and time until the bench can be tapped, at 4 x CPU slow-down.
 */
import { chromium } from '@playwright/test';
import { CHROMIUM } from '../scripts/lib/steps.mjs';
import { goal } from './lib/goal.mjs';
import { median, startServer } from './lib/server.mjs';

const ROUNDS = 9;
const SLOWDOWN = 4;

/** Runs in the page: notes when what can be tapped is first laid out. */
const watch = (selector) => {
  const look = () => {
    const found = document.querySelector(selector);
    if (found && found.getBoundingClientRect().height > 0) window.tapAt = performance.now();
    else requestAnimationFrame(look);
  };
  requestAnimationFrame(look);
};

async function open(browser, url, selector) {
  const context = await browser.newContext({ viewport: { width: 390, height: 844 } });
  const page = await context.newPage();
  const session = await context.newCDPSession(page);
  await session.send('Network.enable');
  await session.send('Emulation.setCPUThrottlingRate', { rate: SLOWDOWN });
  const scripts = new Map();
  let bytes = 0;
  session.on('Network.responseReceived', ({ requestId, type }) => type === 'Script' && scripts.set(requestId, true));
  session.on('Network.loadingFinished', ({ requestId, encodedDataLength }) => {
    if (scripts.has(requestId)) bytes += encodedDataLength;
  });
  await page.addInitScript(watch, selector);
  await page.goto(url);
  await page.waitForFunction(() => window.tapAt !== undefined);
  const script = bytes;
  const { paint, tap } = await page.evaluate(() => ({
    paint: performance.getEntriesByName('first-contentful-paint')[0].startTime,
    tap: window.tapAt,
  }));
  await context.close();
  return { script, paint, tap };
}

export async function benchOpening() {
  const app = await startServer('apps/app/dist');
  const floor = await startServer('bench/floor/dist');
  const browser = await chromium.launch({
    executablePath: CHROMIUM,
    args: ['--no-sandbox', '--disable-gpu', '--disable-quic', '--no-first-run'],
  });
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
  const tap = row('until the bench can be tapped', (run) => run.tap, 'ms');
  goal('first script against the floor', script, { most: 1.15 });
  goal('first tap against the floor', tap, { most: 1.2 });
}
