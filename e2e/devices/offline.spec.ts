import { cpSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { expect, expectAccessible, logReading, ROOT, test } from '../support/shop';

test.describe('kept on the device', () => {
  test.use({ serviceWorkers: 'allow' });

  test('with the server stopped the app starts, the last setup works, and what is logged is handed over', async ({
    page,
    killableShop: shop,
  }) => {
    await page.goto(`${shop.url}/setup/feet-knee-mill/verify`);
    await expect(page.getByRole('textbox', { name: /^X shows/ })).toBeVisible();
    await page.evaluate(() => navigator.serviceWorker.ready.then(() => undefined));
    await expect
      .poll(() =>
        page.evaluate(async () => (await caches.keys()).length > 0 && navigator.serviceWorker.controller !== null),
      )
      .toBe(true);
    await shop.kill();

    // A new start, not only a page that was open.
    await page.close({ runBeforeUnload: false });
    const again = await page.context().newPage();
    await again.goto(`${shop.url}/setup/feet-knee-mill/verify`);
    await expect(again.getByText(/^Touch the left face again/)).toBeVisible();
    await logReading(again, /^X shows/, '-5.003');
    await expect(again.getByText(/✓ Left face: −0\.003 mm/)).toBeVisible();
    await expect(again.getByText(/The server is away\. 1 entry waits on this device/)).toBeVisible();
    // A station that was never opened starts too.
    await again.goto(`${shop.url}/setup/feet-knee-mill/heights`);
    await expect(again.getByText(/entry waits on this device/)).toBeVisible();

    await shop.start();
    await expect(again.getByText(/waits on this device/)).toBeHidden({ timeout: 20_000 });
    const snapshot = (await (await again.request.get(`${shop.url}/api/setups/feet-knee-mill`)).json()) as {
      readings: { value: number }[];
    };
    expect(snapshot.readings.filter(({ value }) => value === -5.003)).toHaveLength(1);
  });
});

/** The app as a newer build of it is handed out: told apart by its name alone. */
function newerApp(): string {
  const folder = mkdtempSync(join(tmpdir(), 'zero-point-newer-'));
  cpSync(join(ROOT, 'apps/app/dist'), folder, { recursive: true });
  const rewrite = (name: string, from: RegExp, to: string) => {
    const file = join(folder, name);
    const text = readFileSync(file, 'utf8');
    expect(text).toMatch(from);
    writeFileSync(file, text.replace(from, to));
    for (const end of ['.br', '.gz']) rmSync(file + end, { force: true });
  };
  rewrite('index.html', /<meta name="build" content="[^"]+"/, '<meta name="build" content="newer"');
  rewrite('sw.js', /(url:"index\.html",revision:")[^"]+/, '$1newer');
  return folder;
}

test.describe('kept on the device', () => {
  test.use({ serviceWorkers: 'allow' });

  test('a newer app is fetched while the older goes on, and taken when it is asked for', async ({
    page,
    killableShop: shop,
  }) => {
    const build = () => page.evaluate(() => document.querySelector<HTMLMetaElement>('meta[name=build]')?.content);
    await page.goto(`${shop.url}/setup/feet-knee-mill/verify`);
    await expect(page.getByRole('textbox', { name: /^X shows/ })).toBeVisible();
    await page.evaluate(() => navigator.serviceWorker.ready.then(() => undefined));
    await expect.poll(() => page.evaluate(() => navigator.serviceWorker.controller !== null)).toBe(true);
    await shop.kill();
    await logReading(page, /^X shows/, '-5.003');
    await expect(page.getByText(/1 entry waits on this device/)).toBeVisible();

    await shop.start({ STATIC: newerApp() });
    await expect(page.getByText(/^The server and this page have different versions/)).toBeVisible({ timeout: 20_000 });
    // Opened again it is still the older one, from the device, until the person takes the other.
    await page.reload();
    await expect(page.getByText(/✓ Left face: −0\.003 mm/)).toBeVisible();
    expect(await build()).not.toBe('newer');
    await page.getByRole('button', { name: 'Take the server’s version' }).click();
    await expect.poll(() => build().catch(() => undefined)).toBe('newer');
    await expect(page.getByText(/✓ Left face: −0\.003 mm/)).toBeVisible();
    await expect(page.getByText(/^The server and this page have different versions/)).toBeHidden();
  });
});

test('a page of another version than the server says so, and offers the one thing to do', async ({ page, shop }) => {
  // The page as a browser had it of yesterday; the server is today's.
  await page.route(
    `${shop.url}/`,
    async (route) => {
      const response = await route.fetch();
      const older = (await response.text()).replace(
        /<meta name="build" content="[^"]+"/,
        '<meta name="build" content="older"',
      );
      await route.fulfill({ response, body: older });
    },
    { times: 1 },
  );
  await page.goto(shop.url);
  await expect(page.getByText(/^The server and this page have different versions/)).toBeVisible();
  const loaded = page.waitForEvent('load');
  await page.getByRole('button', { name: 'Take the server’s version' }).click();
  await loaded;
  await expect(page.getByText(/^The server and this page have different versions/)).toBeHidden();
});

test('a part of the app that the server has no more: begun again once, then said', async ({ page, shop }) => {
  let pages = 0;
  page.on('load', () => {
    pages += 1;
  });
  await page.route(/\/_expo\/static\/js\/web\/StationPage-/, (route) => route.fulfill({ status: 404, body: '' }));
  await page.goto(`${shop.url}/setup/feet-knee-mill/verify`);
  await expect(page.getByText('A part of the app is missing.')).toBeVisible();
  expect(pages).toBe(2);
  await page.unroute(/\/_expo\/static\/js\/web\/StationPage-/);
  await page.getByRole('button', { name: 'Try again' }).click();
  await expect(page.getByText(/^Touch the left face again/)).toBeVisible();
});

test('a part asked for again while its pieces are still coming is not taken half: the page stays', async ({
  page,
  shop,
}) => {
  const parts = JSON.parse(readFileSync(join(ROOT, 'apps/app/.expo/parts.json'), 'utf8')) as Record<string, string[]>;
  const first = ['stations/StationPage.tsx', 'stations/log/Screen.tsx'].flatMap((part) => parts[part] ?? []);
  const done = parts['stations/doneStations.ts'] ?? [];
  const own = done.find((file) => file.includes('doneStations-'));
  const late = done.filter((file) => file !== own && !first.includes(file));
  expect([own !== undefined, late.length > 0]).toEqual([true, true]);
  let pages = 0;
  page.on('load', () => {
    pages += 1;
  });
  let release = () => {};
  const released = new Promise<void>((resolve) => (release = resolve));
  for (const file of late)
    await page.route(`**${file}`, async (route) => {
      await released;
      await route.continue();
    });
  const itself = page.waitForResponse((response) => response.url().endsWith(own ?? ''));
  await page.goto(`${shop.url}/setup/feet-knee-mill/log`);
  const log = page.getByRole('link', { name: /^Log \d+$/ });
  const before = Number((await log.innerText()).replace('Log ', ''));
  await itself;
  // A reading of another window: what is done is asked for again while half of what counts it is here.
  const other = await page.context().newPage();
  await other.goto(`${shop.url}/setup/feet-knee-mill/verify`);
  await logReading(other, /^X shows/, '-5.003');
  await expect(log).toHaveText(`Log ${before + 1}`);
  release();
  await expect(page.getByRole('link', { name: 'Datum, done' })).toBeVisible();
  expect(pages).toBe(1);
});

test('a server that answers but cannot store is called that, with what to do, and nothing is lost', async ({
  page,
  shop,
}) => {
  await page.goto(`${shop.url}/setup/feet-knee-mill/verify`);
  await expect(page.getByRole('textbox', { name: /^X shows/ })).toBeVisible();
  const full = {
    type: 'urn:zero-point:problem:disk-full',
    title: 'Disk full',
    status: 507,
    detail: 'The disk with the shop’s file is full.',
    code: 'disk-full',
  };
  await page.route('**/readings', (route) => route.fulfill({ status: 507, json: full }));
  await logReading(page, /^X shows/, '-5.004');
  await logReading(page, /^X shows/, '-5.006');
  await expect(
    page.getByText(/^The server has a fault\. The disk with the shop’s file is full\. 2 entries wait/),
  ).toBeVisible();
  await page.unroute('**/readings');
  await expect(page.getByText(/^The server has a fault/)).toBeHidden({ timeout: 20_000 });
});

test('a refused entry is put right in its place: another gauge, another figure', async ({ page, shop }) => {
  await page.goto(`${shop.url}/setup/feet-knee-mill/verify`);
  await expect(page.getByRole('textbox', { name: /^X shows/ })).toBeVisible();
  // As another device's removal of the gauge would have it: the record itself says what is wrong.
  await page.route(
    '**/readings',
    async (route) => {
      const body = { ...(route.request().postDataJSON() as object), gaugeId: 'gone' };
      await route.fulfill({ response: await route.fetch({ postData: body }) });
    },
    { times: 1 },
  );
  await logReading(page, /^X shows/, '-5.4');
  await expect(page.getByText(/^Not stored: reading “-5\.4”\. gaugeId names no gauge of this shop/)).toBeVisible();
  await page.getByRole('button', { name: 'Correct it' }).click();
  const dialog = page.getByRole('dialog');
  await expectAccessible(page);
  // On a low page too, however many gauges there are to choose from.
  await page.setViewportSize({ width: 390, height: 664 });
  await expect(dialog.getByRole('button', { name: 'Send it so' })).toBeInViewport({ ratio: 1 });
  await expect(dialog.getByRole('button', { name: 'Leave it' })).toBeInViewport({ ratio: 1 });
  await dialog.getByRole('textbox', { name: 'Value, mm' }).fill('five');
  await dialog.getByRole('button', { name: 'Send it so' }).click();
  await expect(dialog.getByText(/is not part of a length/)).toBeVisible();
  await dialog.getByRole('textbox', { name: 'Value, mm' }).fill('-5.004');
  await dialog.getByRole('radio', { name: 'Edge finder 10' }).click();
  await dialog.getByRole('button', { name: 'Send it so' }).click();
  await expect(page.getByText(/^Not stored/)).toBeHidden();
  await expect(page.getByText(/✓ Left face: −0\.004 mm/)).toBeVisible();
});

test('a refused entry is shown with its value, sent again once it may be, or saved to a file', async ({
  page,
  shop,
}) => {
  await page.goto(`${shop.url}/setup/feet-knee-mill/verify`);
  await expect(page.getByRole('textbox', { name: /^X shows/ })).toBeVisible();
  const refused = {
    type: 'urn:zero-point:problem:invalid',
    title: 'Not as it should be',
    status: 422,
    detail: 'gaugeId names no gauge of this shop; add it to the shop first. Nothing was stored.',
    code: 'invalid',
  };
  await page.route('**/readings', (route) => route.fulfill({ status: 422, json: refused }));
  await logReading(page, /^X shows/, '-5.004');
  await expect(page.getByText(/^Not stored: reading “-5\.004”\. gaugeId names no gauge/)).toBeVisible();
  const saved = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Save to a file' }).click();
  expect((await saved).suggestedFilename()).toBe('zero-point-not-stored.json');
  await page.unroute('**/readings');
  await page.getByRole('button', { name: 'Send again' }).click();
  await expect(page.getByText(/^Not stored/)).toBeHidden();
  await expect(page.getByText(/✓ Left face: −0\.004 mm/)).toBeVisible();
});
