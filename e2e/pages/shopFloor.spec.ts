import type { Page } from '@playwright/test';
import { expect, expectAccessible, expectWholeOnPage, expectOpened, logReading, test } from '../support/shop';

const press = (page: Page, name: string | RegExp) => page.getByRole('button', { name }).first().click();

/** Types into a field and leaves it, which keeps it. */
async function fill(page: Page, name: string, text: string): Promise<void> {
  const field = page.getByRole('textbox', { name, exact: true });
  await field.fill(text);
  await field.press('Enter');
}

test('workholding: step by step, a skipped one with its reason, the hurting ones ticked by hand', async ({
  page,
  shop,
}) => {
  await page.goto(`${shop.url}/setup/base-plate-knee-mill/workholding`);
  await expectOpened(page);
  await expect(page.getByText('Vise with parallels · 0 of 10 done')).toBeVisible();
  await expectAccessible(page);
  await expectWholeOnPage(page);
  await press(page, 'Log this step done');
  await press(page, 'Skip with a reason');
  await page.getByRole('textbox', { name: 'Another reason' }).fill('cast edges stay');
  await page.getByRole('button', { name: 'Skip', exact: true }).last().click();
  await expect(page.getByText('skipped: cast edges stay')).toBeVisible();
  for (let i = 0; i < 4; i += 1) await press(page, 'Log this step done');
  for (const step of [
    /no cutter can reach a parallel/,
    /tighten the drawbar/,
    /Remove handles, keys, spanners/,
    /Guards closed, eye protection on/,
  ]) {
    await expect(page.getByRole('button', { name: 'Tick the box when it is done' })).toBeDisabled();
    await page.getByRole('checkbox', { name: step }).click();
  }
  await expect(page.getByText('The part is held. Now align it, or go to Datum.')).toBeVisible();
  await expect(page.getByRole('link', { name: 'Workholding, done' })).toBeVisible();
  await page.getByRole('button', { name: /^Open again: Seat the part/ }).click();
  await expect(page.getByRole('link', { name: 'Workholding', exact: true })).toBeVisible();
  await expectAccessible(page);

  await press(page, 'Held another way');
  await page.getByRole('radio', { name: 'Clamps on the table' }).click();
  await expect(page.getByText('Clamps on the table · 0 of 9 done')).toBeVisible();
  await page.goto(`${shop.url}/setup/plinth-router/workholding`);
  await expect(page.getByText(/Tape or screws on a spoil board · 0 of/)).toBeVisible();
  await expect(page.getByText(/drawbar/)).toHaveCount(0);
  await expect(page.getByText(/click it into its nut first/)).toBeVisible();
});

test('the shop words its own list, and setups follow it', async ({ page, shop }) => {
  await page.goto(`${shop.url}/shop/holdings/vise`);
  await expectOpened(page);
  await fill(page, 'Step 1', 'Blow nothing, brush everything.');
  await press(page, 'Take step 2 out');
  await press(page, 'Move step 2 down');
  await press(page, 'Add a step');
  await expect(page.getByRole('textbox', { name: 'Step 14' })).toHaveValue('Enter what to do.');
  await expectAccessible(page);
  await page.goto(`${shop.url}/setup/base-plate-knee-mill/workholding`);
  await expect(page.getByText('Blow nothing, brush everything.').first()).toBeVisible();
  await expect(page.getByText(/Deburr/)).toHaveCount(0);
});

test('a new machine from a starting point: changed, copied, retired, and offered no more', async ({ page, shop }) => {
  await page.goto(shop.url);
  await page.getByRole('link', { name: 'Shop' }).click();
  await expect(page.getByText('Machines · 4')).toBeVisible();
  await expectAccessible(page);
  await page.getByRole('link', { name: /Machines/ }).click();
  await press(page, /Manual mill/);
  await fill(page, 'Name', 'Loft mill');
  await fill(page, 'One turn moves the axis', '0.1in');
  await expect(page.getByRole('textbox', { name: 'One turn moves the axis' })).toHaveValue('2.540');
  await fill(page, 'Lines on its dial', '1');
  await expect(page.getByText('A dial has 2 to 1000 lines.')).toBeVisible();
  await fill(page, 'Lines on its dial', '100');
  await expect(page.getByText(/One line is 0.0254 mm/)).toBeVisible();
  await expectAccessible(page);
  await page.reload();
  await expect(page.getByRole('textbox', { name: 'Name', exact: true })).toHaveValue('Loft mill');
  await expect(page.getByRole('textbox', { name: 'One turn moves the axis' })).toHaveValue('2.540');

  await press(page, 'Copy it');
  await expect(page.getByRole('textbox', { name: 'Name', exact: true })).toHaveValue('Loft mill, copy');
  await press(page, 'Retire it');
  await page.getByRole('button', { name: 'Back to Machines' }).click();
  await expect(page.getByRole('link', { name: /Loft mill, copy.*retired/ })).toBeVisible();
  await page.goto(`${shop.url}/new`);
  await expect(page.getByRole('button', { name: 'Loft mill', exact: true })).toBeVisible();
  await expect(page.getByRole('button', { name: 'Loft mill, copy' })).toHaveCount(0);
});

test('backlash is measured from both sides and kept with the machine', async ({ page, shop }) => {
  await page.goto(`${shop.url}/shop/machines/bench-mill`);
  await page.getByRole('link', { name: 'Measure backlash of X' }).click();
  await press(page, 'Begin');
  await expect(page.getByText(/Approach from minus\. Zero it at mid-travel/)).toBeVisible();
  await expectAccessible(page);
  await expectWholeOnPage(page);
  const readings = [
    '10.18',
    '10',
    '10.185',
    '10.005',
    '10.175',
    '9.995',
    '10.18',
    '10',
    '10.185',
    '10.005',
    '10.175',
    '9.995',
  ];
  for (const [i, text] of readings.entries()) {
    await page.getByRole('textbox').fill(text);
    await page.getByRole('textbox').press('Enter');
    if (i < 11) await expect(page.getByText(`Its backlash · X of Bench mill · ${i + 2} of 12`)).toBeVisible();
    // What is begun survives a reload.
    if (i === 4) await page.reload();
  }
  await expect(page.locator('[role=main]')).toContainText('Backlash0.180 mm±0.0');
  await expect(page.getByText(/^Backlash: It agrees with the 0\.180 mm in use/)).toBeVisible();
  await expectAccessible(page);
  await press(page, 'Keep it');
  await expect(page.getByText(/^Backlash 0\.180 mm ±0\.0\d+ mm, measured \d{4}-\d\d-\d\d\.$/).first()).toBeVisible();
});

test('gauges and tools: an indicator for an empty shop, a number that is taken', async ({ page, shop, ownShop }) => {
  await page.goto(`${ownShop.url}/shop/gauges`);
  await expect(page.getByText('Nothing here yet. Add the first below.')).toBeVisible();
  await press(page, 'Add a gauge: indicator');
  await fill(page, 'Range, either way', '-1');
  await expect(page.getByText('It must be greater than zero, or left empty.')).toBeVisible();
  await fill(page, 'Range, either way', '0.4');
  await expect(page.getByText(/has not been calibrated: using the usual ± for its type/)).toBeVisible();
  await expectAccessible(page);
  // A shop without a block says what is missing, and takes nothing for it.
  await page.getByRole('link', { name: /^What it reads at blocks/ }).click();
  await press(page, 'Begin');
  await logReading(page, /^With nothing between/, '0');
  await press(page, 'Show the result');
  await expect(page.getByRole('alert').filter({ hasText: /Add a gauge block of known size/ })).toBeVisible();
  await press(page, 'Back to the gauge');
  await expect(page.getByText(/has not been calibrated/)).toBeVisible();

  await page.goto(`${shop.url}/shop/cutters`);
  await page.getByRole('link', { name: /Drill 4.2/ }).click();
  await fill(page, 'Number in Knee mill', '1');
  await expect(page.getByText(/Number 1 is End mill 10, three flutes there/)).toBeVisible();
  await fill(page, 'Number in Knee mill', '12');
  // What is saved stands on the device first, and is delivered after.
  const kept = async () =>
    (await (await page.request.get(`${shop.url}/api/magazines/knee-mill`)).json()).tools as unknown;
  await expect.poll(kept).toContainEqual({ number: 12, cutterId: 'drill-4-2' });
  const router = await (await page.request.get(`${shop.url}/api/magazines/gantry-router`)).json();
  expect(router.tools).toContainEqual({ number: 2, cutterId: 'drill-4-2' });
  await expectAccessible(page);
  await page.goto(`${shop.url}/shop/nothing`);
  await expect(page.getByText('No such page')).toBeVisible();
});

test('the shop changed with the server away is kept and delivered', async ({ page, killableShop: shop }) => {
  await page.goto(`${shop.url}/shop/gauges/spring-finder-10`);
  await expectOpened(page);
  await shop.kill();
  await fill(page, 'Measured size', '9.996');
  await expect(page.getByText(/1 entry waits on this device/)).toBeVisible();
  await shop.start();
  await expect(page.getByText(/entry waits/)).toHaveCount(0, { timeout: 15_000 });
  const { calibrations } = (await (await page.request.get(`${shop.url}/api/shop`)).json()) as {
    calibrations: { of: { gaugeId?: string }; found: { what: string; value?: number } }[];
  };
  const found = calibrations.filter(({ of }) => of.gaugeId === 'spring-finder-10').map((one) => one.found);
  expect(found).toEqual([{ what: 'size', value: 9.996 }]);
});
