/** Opening a page at a slowed-down processor: what both benches of it share. */
import { chromium } from '@playwright/test';
import { CHROMIUM } from '../../scripts/lib/steps.mjs';

export const SLOWDOWN = 4;

/** Runs in the page: notes when what can be tapped or typed into is first laid out. */
const watch = (selector) => {
  const look = () => {
    const found = document.querySelector(selector);
    if (found && found.getBoundingClientRect().height > 0) window.readyAt = performance.now();
    else requestAnimationFrame(look);
  };
  requestAnimationFrame(look);
};

export const launch = () =>
  chromium.launch({
    executablePath: CHROMIUM,
    args: ['--no-sandbox', '--disable-gpu', '--disable-quic', '--no-first-run'],
  });

export const newContext = (browser) => browser.newContext({ viewport: { width: 390, height: 844 } });

/** A page that is slow, and notes when `selector` is there; `load` gives what its last loading took. */
export async function slowPage(context, selector) {
  const page = await context.newPage();
  const session = await context.newCDPSession(page);
  await session.send('Network.enable');
  await session.send('Emulation.setCPUThrottlingRate', { rate: SLOWDOWN });
  const scripts = new Set();
  let bytes = 0;
  session.on('Network.responseReceived', ({ requestId, type }) => type === 'Script' && scripts.add(requestId));
  session.on('Network.loadingFinished', ({ requestId, encodedDataLength }) => {
    if (scripts.has(requestId)) bytes += encodedDataLength;
  });
  await page.addInitScript(watch, selector);
  return {
    page,
    /** @param go begins to load it */
    load: async (go) => {
      bytes = 0;
      await go(page);
      await page.waitForFunction(() => window.readyAt !== undefined);
      const script = bytes;
      const { paint, ready } = await page.evaluate(() => ({
        paint: performance.getEntriesByName('first-contentful-paint')[0].startTime,
        ready: window.readyAt,
      }));
      return { script, paint, ready };
    },
  };
}
