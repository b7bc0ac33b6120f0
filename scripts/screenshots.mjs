/**
 * One current picture of each main view, from the demo shop on a database of its own.
 * `npm run screenshots` takes all; `npm run screenshots -- datum heights /tmp/look` takes those whose name
 * begins so, into another folder.
 */
import { chromium } from '@playwright/test';
import { mkdirSync, mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { startServer } from '../bench/lib/server.mjs';
import { SHOTS } from './lib/shots.mjs';
import { build } from './lib/build.mjs';
import { startDevices } from './lib/devices.mjs';
import { CHROMIUM, ensureChromium, ensureInstalled, must, ROOT } from './lib/steps.mjs';

/** `low` is what a phone's browser leaves of the page. */
const SIZES = {
  phone: { width: 390, height: 844 },
  low: { width: 390, height: 664 },
  wide: { width: 1280, height: 800 },
};

/** The first page of a PDF as a picture. */
function firstPage(pdf, picture) {
  const file = join(mkdtempSync(join(tmpdir(), 'zero-point-pdf-')), 'sheet.pdf');
  writeFileSync(file, pdf);
  must('pdftoppm', ['-singlefile', '-r', '90', '-png', file, picture]);
}

ensureInstalled();
ensureChromium();
build();

const words = process.argv.slice(2);
const folder = words.find((word) => word.startsWith('/')) ?? join(ROOT, 'docs/screenshots');
const wanted = words.filter((word) => !word.startsWith('/'));
mkdirSync(folder, { recursive: true });

const devices = await startDevices();
const server = await startServer('apps/app/dist', undefined, {
  SIMULATION_KEY: devices.environment.SIMULATION_KEY,
});

/** What a person does beside the app: links a simulated device, and turns its wheels. */
const hands = (page) => ({
  link: (machine, kind) =>
    page.request.put(`${server.url}/api/machines/${machine}/link`, {
      data: { address: kind === undefined ? null : { over: 'tcp', host: '127.0.0.1', port: devices.ports[kind] } },
    }),
  tell: (machine, data) => page.request.post(`${server.url}/api/machines/${machine}/link/told`, { data }),
});

const browser = await chromium.launch({
  executablePath: CHROMIUM,
  args: ['--no-sandbox', '--disable-gpu', '--disable-quic', '--no-first-run'],
});
try {
  for (const {
    name,
    size,
    path,
    mode = 'day',
    act = async () => undefined,
    after = async () => undefined,
    shown = true,
    pdf,
  } of SHOTS) {
    const context = await browser.newContext({
      viewport: SIZES[size],
      hasTouch: size !== 'wide',
      isMobile: size !== 'wide',
      locale: 'en-GB',
      timezoneId: 'UTC',
    });
    const page = await context.newPage();
    await page.addInitScript(
      (chosen) => localStorage.setItem('zero-point.settings', JSON.stringify({ state: { mode: chosen }, version: 0 })),
      mode,
    );
    await page.goto(`${server.url}${path}`);
    await page.locator('[role=main]').first().waitFor();
    await page.getByText(/^(Getting|Laying out) /).waitFor({ state: 'hidden' });
    await page.evaluate(() => document.fonts.ready);
    await act(page, hands(page));
    // Paper lets a field's unit and a box come up over a fifth of a second.
    await page.waitForTimeout(400);
    if (shown && (wanted.length === 0 || wanted.some((word) => name.startsWith(word)))) {
      if (pdf === undefined) await page.screenshot({ path: join(folder, `${name}.png`) });
      else firstPage(await (await page.request.get(`${server.url}${pdf}`)).body(), join(folder, name));
      console.log(`${name}.png`);
    }
    await after(page, hands(page));
    await context.close();
  }
} finally {
  await browser.close();
  await server.stop();
  devices.stop();
}
