import { execFileSync } from 'node:child_process';
import { readdirSync } from 'node:fs';
import { join } from 'node:path';
import type { Page } from '@playwright/test';
import { doors, joinAs, trustingPhone } from '../support/network';
import { expect, logReading, ROOT, runShop, test } from '../support/shop';

const SETUP = 'feet-knee-mill';
const FIELD = /^X shows/;

interface Snapshot {
  setup: { units: string };
  part: { bar?: string };
  readings: { id: string; value: number }[];
}

/** Figures that nobody else logs: so many, each its own. */
const figures = (from: number, count: number) => Array.from({ length: count }, (_, i) => from - i / 1000);

async function logAll(page: Page, values: readonly number[]): Promise<void> {
  for (const value of values) await logReading(page, FIELD, value.toFixed(3));
}

test('two phones, one of them away for fifty readings and two changes of documents: one log, in order, once', async ({
  page,
  shop,
  browser,
}) => {
  test.slow();
  const { own, letIn, there, secure } = await doors(page.request, shop);
  const log = async () => (await own(`/setups/${SETUP}`, 'GET')) as Snapshot;
  const before = (await log()).readings.length;

  // One phone trusts the shop and joins over TLS; the other comes plainly, with neither worker nor locks.
  const trusting = await trustingPhone(shop);
  const away = await trusting.newPage();
  await joinAs(away, secure, await letIn());
  await away.goto(`${secure}/setup/${SETUP}/verify`);
  await expect(away.getByRole('textbox', { name: FIELD })).toBeVisible();
  await away.evaluate(() => navigator.serviceWorker.ready.then(() => undefined));
  const plain = await browser.newContext({ viewport: { width: 390, height: 664 } });
  // Of an address that is no loopback a browser gives a plain page no locks.
  await plain.addInitScript(() => delete (Navigator.prototype as { locks?: unknown }).locks);
  const near = await plain.newPage();
  await joinAs(near, there, await letIn());
  await near.goto(`${there}/setup/${SETUP}/verify`);
  await expect(near.getByRole('textbox', { name: FIELD })).toBeVisible();
  expect(await near.evaluate(() => 'locks' in navigator)).toBe(false);

  await trusting.setOffline(true);
  const far = figures(-4.9, 50);
  const close = figures(-6.9, 10);
  await Promise.all([logAll(away, far), logAll(near, close)]);
  await expect(away.getByText(/50 entries wait on this device/)).toBeVisible();
  await away.goto(`${secure}/setup/${SETUP}/plan`);
  await away
    .getByRole('button', { name: 'Inches' })
    .or(away.getByRole('radio', { name: 'Inches' }))
    .first()
    .click();
  await away.getByRole('radio', { name: 'a round bar along X' }).click();
  await expect(away.getByText(/52 entries wait on this device/)).toBeVisible();
  expect((await log()).readings).toHaveLength(before + close.length);

  await trusting.setOffline(false);
  await expect(away.getByText(/wait on this device/)).toBeHidden({ timeout: 60_000 });
  const { setup, part, readings } = await log();
  const values = readings.map(({ value }) => value);
  const of = (some: readonly number[]) => values.filter((value) => some.some((one) => Math.abs(one - value) < 1e-9));
  expect(values).toHaveLength(before + 60);
  expect(of(far).map((value) => value.toFixed(3))).toEqual(far.map((value) => value.toFixed(3)));
  expect(of(close).map((value) => value.toFixed(3))).toEqual(close.map((value) => value.toFixed(3)));
  expect([setup.units, part.bar]).toEqual(['in', 'x']);

  // Both screens have come to the same, without being asked to look again.
  await away.goto(`${secure}/setup/${SETUP}/verify`);
  for (const screen of [near, away]) {
    await expect(screen.getByText(`Log ${before + 60}`)).toBeVisible();
    await expect(screen.getByText(/Left face: .* in\b/).first()).toBeVisible();
  }
  await trusting.close();
  await plain.close();
});

test('a backup made while readings pour in restores to the same answers', async ({ page, shop }) => {
  const url = `${shop.url}/api/setups/${SETUP}`;
  const first = (await (await page.request.get(url)).json()) as Snapshot;
  const [example] = first.readings as (Record<string, unknown> & { id: string })[];
  expect(example).toBeDefined();
  let stored = 0;
  let pouring = true;
  const pour = async (device: string) => {
    for (let i = 1; pouring; i += 1) {
      const {
        seq: _,
        receivedAt: _at,
        struckBy: _by,
        struckReason: _why,
        ...body
      } = example as Record<string, unknown>;
      const answer = await page.request.post(`${url}/readings`, {
        headers: { 'Zero-Point-Order': `${device} ${i}` },
        data: { ...body, id: `${device}-${i}` },
      });
      expect(answer.status()).toBe(201);
      stored += 1;
    }
  };
  const pouringIn = ['one', 'two', 'three'].map(pour);
  await expect.poll(() => stored).toBeGreaterThan(30);
  const copies = join(shop.folder, 'elsewhere');
  const command = (file: string, ...args: string[]) =>
    execFileSync(process.execPath, [join(ROOT, 'apps/server/dist/copies.mjs'), ...args], {
      env: { ...process.env, DATABASE: join(shop.folder, file) },
      encoding: 'utf8',
    });
  const download = page.request.get(`${shop.url}/api/shop/copy.json`);
  command('shop.sqlite', 'backup', copies);
  await download;
  const during = stored;
  await expect.poll(() => stored).toBeGreaterThan(during + 10);
  pouring = false;
  await Promise.all(pouringIn);

  const live = (await (await page.request.get(url)).json()) as Snapshot;
  for (const name of readdirSync(copies)) {
    command(`restored-${name}`, 'restore', join(copies, name), '--yes');
    const restored = await runShop(true, join(shop.folder, `restored-${name}`));
    await restored.start();
    const at = `${restored.url}/api/setups/${SETUP}`;
    const copy = (await (await page.request.get(at)).json()) as Snapshot;
    // What was stored when it was made, in the same order, and nothing else.
    expect(copy.readings.length).toBeGreaterThan(30);
    expect(copy.readings.length).toBeLessThan(live.readings.length);
    const bare = ({ readings }: Snapshot) => readings.map(({ id, value }) => `${id} ${value}`);
    expect(bare(copy)).toEqual(bare(live).slice(0, copy.readings.length));
    // And the same answers: a sheet of a setup that nobody touched meanwhile says the same to the last figure.
    const sheet = async (of: string) =>
      (await (await page.request.get(`${of}/api/setups/base-plate-knee-mill/sheet.html`)).text())
        .replaceAll(of, '')
        // What a phone scans: this machine's own address.
        .replace(/http:\/\/[\d.:]+\/setup/, '')
        .replace(/<svg[^]*?<\/svg>/g, '')
        .replace(/\d{1,2} [A-Z][a-z]{2} \d{4}, \d{2}:\d{2}/g, '');
    expect(await sheet(restored.url)).toBe(await sheet(shop.url));
    await restored.kill();
  }
});

test('a page that nobody sees does not listen, and has what was told meanwhile when it is seen', async ({
  page,
  shop,
  context,
}) => {
  const open = `${shop.url}/setup/${SETUP}/datum`;
  const see = (hidden: boolean) =>
    page.evaluate((to) => {
      Object.defineProperty(document, 'hidden', { configurable: true, value: to });
      document.dispatchEvent(new Event('visibilitychange'));
    }, hidden);
  await page.goto(open);
  const log = page.getByRole('link', { name: /^Log \d+$/ });
  const before = Number((await log.innerText()).replace('Log ', ''));
  await see(true);

  const other = await context.newPage();
  await other.goto(`${shop.url}/setup/${SETUP}/verify`);
  await logReading(other, FIELD, '-5.003');
  await expect(other.getByRole('link', { name: `Log ${before + 1}` })).toBeVisible();
  await expect(log).toHaveText(`Log ${before}`);
  await see(false);
  await expect(log).toHaveText(`Log ${before + 1}`);
});

test('twenty windows at once: each opens, hears of the others, and none is told that the server is away', async ({
  page,
  shop,
  context,
}) => {
  test.slow();
  const windows = [page];
  while (windows.length < 20) windows.push(await context.newPage());
  for (const [i, one] of windows.entries())
    await one.goto(`${shop.url}/setup/${SETUP}/${i % 2 === 0 ? 'verify' : 'log'}`, { waitUntil: 'commit' });
  const log = (one: Page) => one.getByRole('link', { name: /^Log \d+$/ });
  for (const one of windows) await expect(log(one)).toBeVisible();
  const before = Number((await log(page).innerText()).replace('Log ', ''));
  await logReading(page, FIELD, '-5.003');
  for (const one of windows) await expect(log(one)).toHaveText(`Log ${before + 1}`);
  for (const one of windows) await expect(one.getByText(/server is away/)).toHaveCount(0);
});
