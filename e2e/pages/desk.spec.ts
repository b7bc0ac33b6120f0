import type { Page } from '@playwright/test';
import { goTo } from '../support/keys';
import { expect, expectAccessible, expectOpened, test } from '../support/shop';

/** Goes to what is called so, whatever it is. */
async function keysTo(page: Page, name: string | RegExp): Promise<void> {
  const wanted = page
    .getByRole('button', { name })
    .or(page.getByRole('link', { name }))
    .or(page.getByRole('checkbox', { name }))
    .or(page.getByRole('textbox', { name }))
    .or(page.getByRole('radio', { name }))
    .or(page.getByRole('row', { name }));
  await goTo(page, wanted);
}

async function enterAt(page: Page, name: string | RegExp): Promise<void> {
  await keysTo(page, name);
  await page.keyboard.press('Enter');
}

async function type(page: Page, field: string, ...texts: string[]): Promise<void> {
  await expect(page.getByRole('textbox', { name: field })).toBeFocused();
  for (const text of texts) {
    await page.keyboard.type(text);
    await page.keyboard.press('Enter');
    await expect(page.getByRole('textbox', { name: field })).toHaveValue('');
  }
}

test('the whole story by keyboard alone on a wide screen', async ({ page, shop }) => {
  await page.goto(shop.url);
  await expect(page.getByText('Your setups')).toBeVisible();
  await expectAccessible(page);
  await enterAt(page, /Base plate on the knee mill/);
  await enterAt(page, /^Datum/);

  await enterAt(page, 'left face');
  await type(page, 'X on the DRO', '-5.012', '-5.008', '-5.010');
  await expect(page.getByRole('radio', { name: /^Set X to −5\.000/ })).toBeChecked();
  await expect(page.getByText(/Good enough: ±0.013 mm/)).toBeVisible();
  await expect(page.getByRole('group', { name: 'Working' })).toBeVisible();
  await expectAccessible(page);
  await enterAt(page, /^Log X set to/);

  await enterAt(page, 'front face');
  await type(page, 'Y on the DRO', '-5.005', '-6.005', '-5.010');
  await expect(page.getByText(/Far from the others/)).toBeVisible();
  await enterAt(page, /−6\.005 mm: what can be done/);
  await enterAt(page, /^Strike out −6\.005/);
  await enterAt(page, 'typed wrongly');
  await expect(page.getByText('struck out: typed wrongly')).toBeVisible();
  await expect(page.getByRole('radio', { name: /^Work offset Y −0\.008/ })).toBeVisible();
  await enterAt(page, /^Log Y set to/);

  await enterAt(page, 'Go to Z & tools');
  await keysTo(page, /Never lower a tool onto a gauge/);
  await page.keyboard.press('Space');
  await type(page, 'Z with tool 1 on the gauge', '37.42');
  await expect(page.getByRole('radio', { name: /^Set Z to 10\.000/ })).toBeChecked();
  await expectAccessible(page);
  await enterAt(page, /^Log Z set to/);
  await keysTo(page, /Never lower a tool onto a gauge/);
  await page.keyboard.press('Space');
  await type(page, 'Z with tool 2 on the gauge', '-2.31');
  await expect(page.getByRole('radio', { name: /^Tool 2 is shorter: offset −12\.310/ })).toBeVisible();

  await enterAt(page, /^Holes/);
  await keysTo(page, 'First angle');
  await page.keyboard.type('30');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('row').nth(1)).toContainText('82.785');
  await expectAccessible(page);
  await keysTo(page, 'Files');
  await page.keyboard.press('Space');
  const saved = page.waitForEvent('download');
  await enterAt(page, 'Save positions as CSV');
  expect((await saved).suggestedFilename()).toMatch(/\.csv$/);
  await enterAt(page, 'Go hole by hole');
  const toGo = page.getByRole('group', { name: 'Distance to go' });
  await expect(toGo).toHaveText('X+82.785Y+70.000');
  await page.keyboard.press('ArrowRight');
  await expect(toGo).toHaveText('X−20.785Y+12.000');
  await page.keyboard.press('ArrowLeft');
  await expect(toGo).toHaveText('X+82.785Y+70.000');
  await expectAccessible(page);

  await page.keyboard.press('?');
  await expect(page.getByText('logs the reading, or presses the selected control')).toBeVisible();
  await page.keyboard.press('Escape');
  await expect(page.getByText('logs the reading, or presses the selected control')).toBeHidden();
});

/** Screens that between them show every kind of control and drawing. */
const SCREENS = [
  '',
  '/new',
  '/setup/base-plate-knee-mill/plan',
  '/setup/base-plate-knee-mill/datum?f=face.right',
  '/setup/base-plate-knee-mill/log',
  '/setup/base-plate-knee-mill/workholding',
  '/setup/base-plate-knee-mill/alignment',
  '/setup/base-plate-knee-mill/alignment?task=vise',
  '/shop/machines/trunnion-mill',
  '/shop/machines/trunnion-mill?axis=A',
  '/shop/gauges/contact-light-10',
  '/shop/gauges/probe-4?do=in-ring',
  '/setup/arm-bracket-trunnion/datum?index=1',
];

for (const light of ['Night', 'Shop: bold, bigger digits', 'Day'])
  test(`every screen keeps its contrast: ${light}`, async ({ page, shop }) => {
    await page.goto(`${shop.url}/settings`);
    await page.getByRole('radio', { name: light }).click();
    await expectAccessible(page);
    for (const path of SCREENS) {
      await page.goto(`${shop.url}${path}`);
      await expectOpened(page);
      await expectAccessible(page);
    }
  });
