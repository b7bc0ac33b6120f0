import type {} from '../../apps/app/src/boot/boot';
import type { Page } from '@playwright/test';
import { expect, expectAccessible, test } from '../support/shop';

const DATUM = '/setup/base-plate-knee-mill/datum?f=face.back';

async function log(page: Page, text: string): Promise<void> {
  await page.getByRole('textbox').fill(text);
  await page.getByRole('textbox').press('Enter');
  await expect(page.getByRole('textbox')).toHaveValue('');
}

/** Presses while the server is still away: once it is back the page asks by itself within seconds, and the button is gone. */
async function askAgain(page: Page): Promise<void> {
  const asked = page.waitForRequest('**/api/**');
  await page.getByRole('button', { name: 'Try again' }).click();
  await asked;
}

interface Stored {
  readings: { id: string; source: { text: string }; subject: { face?: string } }[];
}

async function backReadings(page: Page, url: string): Promise<string[]> {
  const snapshot = (await (await page.request.get(`${url}/api/setups/base-plate-knee-mill`)).json()) as Stored;
  return snapshot.readings.filter(({ subject }) => subject.face === 'back').map(({ source }) => source.text);
}

test('a reading the server acknowledged survives kill -9', async ({ page, killableShop: shop }) => {
  await page.goto(`${shop.url}${DATUM}`);
  const acknowledged = page.waitForResponse(
    (response) => response.url().endsWith('/readings') && response.status() === 201,
  );
  await log(page, '121.005');
  await acknowledged;
  await shop.kill();
  await shop.start();
  expect(await backReadings(page, shop.url)).toEqual(['121.005']);
});

test('five readings with the server away are kept, shown, and delivered in order, once', async ({
  page,
  killableShop: shop,
}) => {
  const texts = ['121.005', '121.010', '121.000', '121.005', '121.015'];
  await page.goto(`${shop.url}${DATUM}`);
  await expect(page.getByRole('textbox')).toBeVisible();
  await shop.kill();
  for (const text of texts) await log(page, text);
  await expect(
    page.getByText('The server is away. 5 entries wait on this device, safe, and will be sent when it is back.'),
  ).toBeVisible();
  await expect(page.getByText('5 readings give')).toBeVisible();
  await page.getByRole('button', { name: 'Show the answer' }).click();
  await expect(page.getByText('waiting to be sent')).toHaveCount(5);
  await expectAccessible(page);

  await shop.start();
  await expect(page.getByText(/The server is away/)).toBeHidden();
  await expect(page.getByText('waiting to be sent')).toHaveCount(0);
  expect(await backReadings(page, shop.url)).toEqual(texts);
});

test('readings logged while away survive a reload', async ({ page, shop, context }) => {
  await page.goto(`${shop.url}${DATUM}`);
  await expect(page.getByRole('textbox')).toBeVisible();
  await context.route('**/api/**', (route) => route.abort());
  await log(page, '121.005');
  await log(page, '121.010');
  await page.reload();
  await expect(page.getByText('2 readings give')).toBeVisible();
  await expect(page.getByText(/2 entries wait on this device/)).toBeVisible();
  await context.unroute('**/api/**');
  await expect(page.getByText(/The server is away/)).toBeHidden();
  expect(await backReadings(page, shop.url)).toEqual(['121.005', '121.010']);
});

test('an answer lost on the way back stores nothing twice', async ({ page, shop, context }) => {
  await page.goto(`${shop.url}${DATUM}`);
  let lost = 0;
  await context.route('**/readings', async (route) => {
    if (lost < 2) {
      lost += 1;
      await route.fetch();
      await route.abort();
    } else await route.continue();
  });
  await log(page, '121.005');
  await expect(page.getByText(/The server is away/)).toBeVisible();
  await expect(page.getByText(/The server is away/)).toBeHidden();
  expect(lost).toBe(2);
  expect(await backReadings(page, shop.url)).toEqual(['121.005']);
});

test('what the server refuses is said, with nothing else held up', async ({ page, shop, context }) => {
  await page.goto(`${shop.url}${DATUM}`);
  await context.route(
    '**/readings',
    (route) =>
      route.fulfill({
        status: 422,
        contentType: 'application/problem+json',
        body: JSON.stringify({ code: 'invalid', detail: 'The gauge is gone.' }),
      }),
    { times: 1 },
  );
  await log(page, '121.005');
  await expect(page.getByRole('alert')).toContainText('Not stored: reading “121.005”. The gauge is gone.');
  await expectAccessible(page);
  await page.getByRole('button', { name: 'Discard it' }).click();
  await log(page, '121.010');
  await expect(page.getByText('1 reading gives')).toBeVisible();
  await expect.poll(() => backReadings(page, shop.url)).toEqual(['121.010']);
});

test('a setup begun with the server away is worked in, survives a reload, and is handed over with all of it', async ({
  page,
  shop,
  context,
}) => {
  await page.goto(shop.url);
  await expect(page.getByRole('link', { name: /^Base plate/ }).first()).toBeVisible();
  await page.getByRole('button', { name: 'Start a setup' }).click();
  await expect(page.getByRole('button', { name: 'Knee mill', exact: true })).toBeVisible();
  await context.route('**/api/**', (route) => route.abort());
  await page.reload();
  await expect(page.getByText(/^The server is away\. Your setup and its log wait on this device/)).toBeVisible();
  await expectAccessible(page);
  await page.getByRole('button', { name: 'Knee mill', exact: true }).click();
  await page.getByRole('button', { name: 'left face', exact: true }).click();
  await expect(page.getByText('Touch the left face, coming from the left.')).toBeVisible();
  await log(page, '-5.010');
  await expect(page.getByText('Set X to')).toBeVisible();
  await expectAccessible(page);
  const [, id = ''] = /setup\/([^/]+)/.exec(page.url()) ?? [];

  // The device alone has it: it is on its bench, and as it was after a reload.
  await page.goto(shop.url);
  await expect(page.getByRole('link', { name: /^Base plate/ }).first()).toBeVisible();
  await page.getByRole('link', { name: /^Part on the knee mill/ }).click();
  await page.goto(`${shop.url}/setup/${id}/datum?f=face.left`);
  await expect(page.getByText('1 reading gives')).toBeVisible();
  await expect(page.getByText(/entries wait on this device/)).toBeVisible();

  await context.unroute('**/api/**');
  await expect(page.getByText(/wait on this device/)).toBeHidden({ timeout: 20_000 });
  const stored = (await (await page.request.get(`${shop.url}/api/setups/${id}`)).json()) as Stored & {
    setup: { machineId: string; name: string };
    seq: number;
  };
  expect(stored.readings.map(({ source }) => source.text)).toEqual(['-5.010']);
  expect(stored.setup).toMatchObject({ machineId: 'knee-mill', name: 'Part on the knee mill' });
  // From here it is a setup as any other: what the next touch says is told by the server.
  await log(page, '-5.008');
  await expect(page.getByText('2 readings give')).toBeVisible();
  await page.reload();
  await expect(page.getByText('2 readings give')).toBeVisible();
  await expect(page.getByText(/wait on this device/)).toBeHidden();
});

test('a device that never saw the shop says what it takes to begin', async ({ page, shop, context }) => {
  await context.route('**/api/**', (route) => route.abort());
  await page.goto(`${shop.url}/new`);
  await expect(page.getByText(/This device has not yet loaded the shop/)).toBeVisible();
  await expectAccessible(page);
  await askAgain(page);
  await context.unroute('**/api/**');
  await expect(page.getByRole('button', { name: 'Knee mill', exact: true })).toBeVisible();
});

test('with the server away the bench says so, and carries on when it is back', async ({ page, shop, context }) => {
  await context.route('**/api/**', (route) => route.abort());
  await page.goto(shop.url);
  await expect(page.getByRole('alert')).toContainText('The server is away');
  await expectAccessible(page);
  await askAgain(page);
  await context.unroute('**/api/**');
  await expect(page.getByRole('listitem')).toHaveCount(5);
});

test('the bench as it was last seen stands while the server is away', async ({ page, shop, context }) => {
  await page.goto(shop.url);
  await expect(page.getByRole('link', { name: /^Base plate/ }).first()).toBeVisible();
  await context.route('**/api/**', (route) => route.abort());
  await page.reload();
  await expect(page.getByText(/^The server is away\. These are the setups as this device last saw them/)).toBeVisible();
  await expect(page.getByRole('link', { name: /^Base plate/ }).first()).toBeVisible();
  await expectAccessible(page);
});

test('while the first script is on its way the page’s own shape stands there', async ({ page, shop }) => {
  await page.route('**/entry-*.js', (route) => route.abort());
  await page.goto(shop.url);
  const shape = page.getByRole('main', { name: 'Loading the page' });
  await expect(shape).toBeVisible();
  await expect(shape).toContainText('Zero Point');
  await expectAccessible(page);
});

test('over plain http every station starts with the server killed, once the page had fetched ahead', async ({
  page,
  killableShop: shop,
}) => {
  // Off loopback and without TLS a browser has no worker.
  await page.addInitScript(() => Object.defineProperty(navigator, 'serviceWorker', { value: undefined }));
  await page.goto(`${shop.url}${DATUM}`);
  await expect(page.getByRole('textbox')).toBeVisible();
  // As many scripts have come as there are.
  await page.waitForFunction(() => {
    const files = window.zeroPointFiles ?? [];
    const come = new Set(performance.getEntriesByType('resource').map(({ name }) => new URL(name).pathname));
    return files.length > 10 && files.every((file) => come.has(file));
  });
  await shop.kill();
  for (const [station, slug] of [
    ['Verify', 'verify'],
    ['Z & tools', 'heights'],
  ] as const) {
    await page.getByRole('link', { name: station, exact: true }).click();
    await expect(page).toHaveURL(new RegExp(`/${slug}`));
    await expect(page.getByText('A part of the app is missing.')).toHaveCount(0);
    await expect(page.getByRole('main').getByRole('button').first()).toBeVisible();
  }
  await expect(page.getByRole('checkbox').first()).toBeVisible();
});

/** Shapes that something else might have left under any name. */
const DAMAGE = [
  '{"a":1}',
  '{"half',
  '[1,null]',
  '"text"',
  '{"state":{"drafts":7,"mode":"pink","people":3},"version":0}',
];

test('whatever the device kept, of whatever shape: every page opens, and what waits is delivered', async ({
  page,
  shop,
  context,
}) => {
  await page.goto(`${shop.url}/practice`);
  await page.goto(shop.url);
  await expect(page.getByRole('link', { name: /^Base plate on the knee mill/ })).toBeVisible();
  await page.goto(`${shop.url}${DATUM}`);
  await expect(page.getByRole('textbox')).toBeVisible();
  await context.route('**/api/**', (route) => route.abort());
  await log(page, '121.005');
  for (const [n, text] of DAMAGE.entries()) {
    const damaged = await page.evaluate((damage) => {
      const names = [
        ...Object.keys(localStorage),
        ...['settings', 'routines', 'practised', 'practised-by', 'practised-in', 'practice.practice-left-edge-3'].map(
          (name) => `zero-point.${name}`,
        ),
        ...['bench', 'standings', 'shop'].map((name) => `zero-point.copy.last.${name}`),
      ].filter((key) => key.startsWith('zero-point.') && !/^zero-point\.(outbox|line|device|aside)/.test(key));
      for (const name of names) localStorage.setItem(name, damage);
      return names.length;
    }, text);
    expect(damaged).toBeGreaterThan(6);
    if (n === DAMAGE.length - 1) await context.unroute('**/api/**');
    for (const path of ['/', '/practice', '/settings']) {
      await page.goto(`${shop.url}${path}`);
      await expect(page.getByRole('main').or(page.getByRole('alert')).first()).toBeVisible();
      // The page itself, and not the blank of one that fell over.
      await expect(page.getByText(/Settings|Practi[cs]e|Your setups|bench|server is away/i).first()).toBeVisible();
    }
  }
  await page.goto(`${shop.url}${DATUM}`);
  await expect(page.getByText('waiting to be sent')).toHaveCount(0);
  await expect.poll(() => backReadings(page, shop.url)).toEqual(['121.005']);
});
