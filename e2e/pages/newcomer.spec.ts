import { expect, expectAccessible, test } from '../support/shop';

/** What a newcomer may need until the first reading is logged, beside its digits. */
const MOST_TAPS = 6;
const MOST_SECONDS = 30;

test('from an empty bench to the first logged reading: a machine’s kind, a face, the digits', async ({
  page,
  ownShop,
}) => {
  await page.goto(ownShop.url);
  await expect(page.getByText(/No setups yet/)).toBeVisible();
  await expectAccessible(page);
  const began = Date.now();
  let taps = 0;
  const tap = async (role: 'button' | 'link', name: string | RegExp) => {
    await page.getByRole(role, { name, exact: true }).first().click();
    taps += 1;
  };
  await tap('button', 'Start a setup');
  await tap('button', 'New: Manual mill with DRO');
  await tap('button', 'left face');
  await expect(page.getByText('Touch the left face, coming from the left.')).toBeVisible();
  const pad = page.getByRole('group', { name: 'Keypad' });
  for (const key of ['5', 'point', '0', '1', 'change the sign']) {
    await pad.getByRole('button', { name: key, exact: true }).click();
  }
  await tap('button', 'Log this reading');
  await expect(page.getByText('Set X to')).toBeVisible();
  await expect(page.getByText('−5.000', { exact: true })).toBeVisible();
  expect(taps).toBeLessThanOrEqual(MOST_TAPS);
  expect((Date.now() - began) / 1000).toBeLessThan(MOST_SECONDS);
  await expect(page.getByRole('link', { name: 'Log 1' })).toBeVisible();
});

test('a first true answer at once: two taps to the first key, no machine, no part', async ({ page, ownShop }) => {
  await page.goto(ownShop.url);
  await page.getByRole('button', { name: 'Calculators' }).click();
  await page.getByRole('link', { name: /^A bolt circle/ }).click();
  const pad = page.getByRole('group', { name: 'Keypad' });
  for (const key of ['4', '8']) await pad.getByRole('button', { name: key, exact: true }).click();
  await expect(page.getByText('Hole 1, at 0.000°')).toBeVisible();
  await expect(page.getByText('X 24.000 Y 0.000')).toBeVisible();
  await expectAccessible(page);
  await page.getByRole('button', { name: 'Keep in the log' }).click();
  await expect(page.getByRole('button', { name: 'Kept in the log' })).toBeVisible();
  // What was used last comes first, and what was reckoned is there after a reload.
  await page.goto(`${ownShop.url}/at-once`);
  await expect(page.getByRole('listitem').first()).toContainText('A bolt circle');
  await page.getByRole('button', { name: 'Earlier results:  1' }).click();
  await expect(page.getByText(/Hole 1, at 0\.000° X 24\.000/)).toBeVisible();
});

test('sizes that nobody told are asked where a place hangs on them, and reckoned from only then', async ({
  page,
  ownShop,
}) => {
  await page.goto(`${ownShop.url}/new`);
  await page.getByRole('button', { name: 'New: Manual mill with DRO' }).click();
  await page.getByRole('button', { name: 'right face', exact: true }).click();
  await expect(page.getByText('How long is the part, left to right?')).toBeVisible();
  await expect(page.getByRole('group', { name: 'Keypad' })).toHaveCount(0);
  await expectAccessible(page);
  await page.getByRole('button', { name: 'Later: touch something else' }).click();
  await expect(page.getByText(/Tap what you will touch/)).toBeVisible();
  await page.getByRole('button', { name: 'right face', exact: true }).click();
  const size = page.getByRole('textbox', { name: 'Length X' });
  await size.fill('0');
  await size.press('Enter');
  await expect(page.getByText('It must be greater than zero.')).toBeVisible();
  await size.fill('120');
  await size.press('Enter');
  await page.getByRole('textbox', { name: 'X on the DRO' }).fill('125.02');
  await page.getByRole('textbox', { name: 'X on the DRO' }).press('Enter');
  await expect(page.getByText('Set X to')).toBeVisible();
  await expect(page.getByText('125.000', { exact: true })).toBeVisible();
  // How good it must be was taken as usual, and is asked where it first counts.
  await page.getByRole('button', { name: 'Show the answer' }).click();
  const allowed = page.getByRole('textbox', { name: 'How far off may positions be? ±' });
  await allowed.fill('0.02');
  await allowed.press('Enter');
  await expect(page.getByText(/the ±0\.020 mm this job allows/)).toBeVisible();
  await expect(allowed).toHaveCount(0);
});

test('a mill with dials is asked for travel and lines by a picture of its dial', async ({ page, ownShop }) => {
  await page.goto(`${ownShop.url}/new`);
  await page.getByRole('button', { name: 'New: Manual mill', exact: true }).click();
  const lines = page.getByRole('textbox', { name: 'Lines of the dial' });
  await lines.fill('many');
  await page.getByRole('button', { name: 'Go to the first touch' }).click();
  await expect(page.getByText('Count the lines of the dial once round, and type the number.')).toBeVisible();
  await expect(lines).toHaveValue('many');
  await lines.fill('120');
  await page.getByRole('textbox', { name: 'Travel of one turn' }).fill('3');
  await expect(page.getByText('One line is 0.025 mm.')).toBeVisible();
  await expect(page.getByRole('img', { name: 'A handwheel’s dial with 120 lines' })).toBeVisible();
  await expectAccessible(page);
  await page.getByRole('button', { name: 'Go to the first touch' }).click();
  await page.getByRole('button', { name: 'left face', exact: true }).click();
  await page.getByRole('textbox').first().fill('1t 80');
  await page.getByRole('textbox').first().press('Enter');
  await expect(page.getByText(/1 reading gives/)).toBeVisible();
});

test('what was reckoned at once is carried into a setup', async ({ page, shop }) => {
  await page.goto(`${shop.url}/at-once/edge`);
  await page.getByRole('textbox').first().fill('-5.01');
  await page.getByRole('button', { name: 'Use in a setup' }).click();
  await page.getByRole('button', { name: 'Base plate on the knee mill, Knee mill' }).click();
  await expect(page.getByText('Touch the left face, coming from the left.')).toBeVisible();
  await expect(page.getByRole('textbox', { name: 'X on the DRO' })).toHaveValue('-5.01');
  await page.goto(`${shop.url}/at-once/bolt-circle`);
  await page.getByRole('textbox').first().fill('30');
  await page.getByRole('button', { name: 'Use in a setup' }).click();
  await page.getByRole('button', { name: 'Plinth on the gantry router, Gantry router' }).click();
  await expect(page.getByText(/Bolt circle: 6 holes/)).toBeVisible();
  await expect(page.getByRole('row').nth(1)).toContainText('15.000');
});

test('what is carried arrives before the setup does, and the setup is shown all the same', async ({ page, shop }) => {
  await page.goto(`${shop.url}/at-once/bolt-circle`);
  await page.getByRole('textbox').first().fill('30');
  await page.getByRole('button', { name: 'Use in a setup' }).click();
  // The worst order: it is sent once the setup was asked for, and answered before the setup is.
  const asked = page.waitForRequest('**/api/setups/plinth-router');
  await page.route('**/api/setups/plinth-router/patterns/*', async (route) => {
    await asked;
    await route.continue();
  });
  await page.route('**/api/setups/plinth-router', async (route) => {
    await page.waitForFunction(() => !Object.keys(localStorage).some((key) => key.startsWith('zero-point.outbox.')));
    await route.continue();
  });
  await page.getByRole('button', { name: 'Plinth on the gantry router, Gantry router' }).click();
  await expect(page.getByText(/Bolt circle: 6 holes/)).toBeVisible();
});
