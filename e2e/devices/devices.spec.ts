import type { Browser, Page } from '@playwright/test';
import { expect, expectAccessible, test } from '../support/shop';

const BASE = '/setup/base-plate-knee-mill';
const BACK = `${BASE}/datum?f=face.back`;

/** Another device: a browser that shares nothing with the first. */
async function another(browser: Browser, url: string): Promise<Page> {
  const context = await browser.newContext({ viewport: { width: 390, height: 844 } });
  const page = await context.newPage();
  await page.goto(url);
  return page;
}

async function log(page: Page, text: string): Promise<void> {
  await page.getByRole('textbox').fill(text);
  await page.getByRole('textbox').press('Enter');
  await expect(page.getByRole('textbox')).toHaveValue('');
}

async function tolerance(page: Page, text: string): Promise<void> {
  const field = page.getByRole('textbox', { name: /^Tolerance on positions/ });
  await field.fill(text);
  await field.press('Enter');
}

test('what one device logs the other shows as it comes, and the bench counts it', async ({ page, shop, browser }) => {
  const other = await another(browser, `${shop.url}${BACK}`);
  await expect(other.getByRole('textbox')).toBeVisible();
  const bench = await another(browser, shop.url);
  const card = bench.getByRole('link', { name: /^Base plate on the knee mill/ });
  await expect(card).toContainText('Nothing set yet.');
  const asked: string[] = [];
  other.on('request', (request) => asked.push(request.url()));
  await page.goto(`${shop.url}${BACK}`);
  await log(page, '121.005');
  await expect(other.getByText('1 reading gives')).toBeVisible();
  await log(page, '121.010');
  await expect(other.getByText('2 readings give')).toBeVisible();
  await page.getByRole('button', { name: 'Show the answer' }).click();
  await page.getByRole('button', { name: /^Log Y set to/ }).click();
  await expect(card).toContainText('Y set, X and Z not yet.');
  // It was told; it did not ask.
  expect(asked.filter((url) => url.includes('/api/setups'))).toEqual([]);
  await other.context().close();
  await bench.context().close();
});

test('two devices change the plan: neither is lost, and the person chooses', async ({
  page,
  shop,
  browser,
  context,
}) => {
  await page.goto(`${shop.url}${BASE}/plan`);
  await expect(page.getByRole('textbox', { name: /^Tolerance on positions/ })).toBeVisible();
  await context.route('**/api/**', (route) => route.abort());
  await tolerance(page, '0.05');
  await tolerance(page, '0.06');
  const other = await another(browser, `${shop.url}${BASE}/plan`);
  await tolerance(other, '0.2');
  await expect
    .poll(
      async () =>
        (await (await other.request.get(`${shop.url}/api/setups/base-plate-knee-mill`)).json()).setup.tolerance,
    )
    .toBe(0.2);
  await context.unroute('**/api/**');
  await expect(page.getByRole('alert')).toContainText('Two devices changed the plan');
  await expectAccessible(page);
  await page.getByRole('button', { name: 'See both' }).click();
  await expect(page.getByText('Tolerance', { exact: true })).toBeVisible();
  await expect(page.getByText('0.0600', { exact: true })).toBeVisible();
  await expect(page.getByText('0.2000', { exact: true })).toBeVisible();
  await expectAccessible(page);
  await page.getByRole('button', { name: 'This device’s' }).click();
  await expect(page.getByRole('alert')).toHaveCount(0);
  await expect(other.getByRole('textbox', { name: /^Tolerance on positions/ })).toHaveValue(/0\.06/);
  await other.context().close();
});

test('what is spoiled on the device is set aside and handed over, and the app opens', async ({ page, shop }) => {
  await page.goto(shop.url);
  await expect(page.getByRole('listitem').first()).toBeVisible();
  await page.evaluate(() => {
    localStorage.setItem('zero-point.outbox.0001', '{"format":2,"kind');
    localStorage.setItem('zero-point.copy-["setup","base-plate-knee-mill"]', 'not even JSON');
  });
  await page.goto(`${shop.url}${BACK}`);
  await expect(page.getByRole('alert')).toContainText('1 entry stored on this device could not be read');
  await expectAccessible(page);
  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Save to a file' }).click();
  expect((await download).suggestedFilename()).toBe('zero-point-set-aside.json');
  await expect(page.getByRole('alert')).toHaveCount(0);
  await log(page, '121.005');
  await expect(page.getByText('1 reading gives')).toBeVisible();
});

test('a browser that keeps nothing is told of, and what is logged still arrives', async ({ page, shop }) => {
  await page.addInitScript(() => {
    Object.defineProperty(window, 'localStorage', {
      get: () => {
        throw new DOMException('denied', 'SecurityError');
      },
    });
  });
  await page.goto(`${shop.url}${BACK}`);
  await expect(page.getByText(/This browser stores nothing for this page/)).toBeVisible();
  await log(page, '121.005');
  await expect(page.getByText('1 reading gives')).toBeVisible();
  await expect
    .poll(
      async () =>
        (await (await page.request.get(`${shop.url}/api/setups/base-plate-knee-mill`)).json()).readings.length,
    )
    .toBe(4);
});

test('a finder measured again moves nothing that was touched before, unless it was wrong from the start', async ({
  page,
  shop,
}) => {
  const answer = () => page.getByRole('radio', { name: /^Set Y to|^Work offset Y/ }).first();
  await page.goto(`${shop.url}${BACK}`);
  await log(page, '121.000');
  await page.getByRole('button', { name: 'Show the answer' }).click();
  const before = await answer().getAttribute('aria-label');
  const measure = async (from: RegExp, size: string) => {
    await page.goto(`${shop.url}/shop/gauges/spring-finder-10`);
    await page.getByRole('radio', { name: from }).click();
    const field = page.getByRole('textbox', { name: 'Measured size' });
    await field.fill(size);
    await field.press('Enter');
    await page.goto(`${shop.url}${BACK}`);
    await page.getByRole('button', { name: 'Show the answer' }).click();
  };
  await measure(/from now on/, '9.8');
  expect(await answer().getAttribute('aria-label')).toBe(before);
  await measure(/from the start/, '9.8');
  await expect.poll(() => answer().getAttribute('aria-label')).not.toBe(before);
});
