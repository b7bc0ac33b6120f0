import type { Page } from '@playwright/test';
import { expect, expectAccessible, press, test } from './shop';

const go = (page: Page, to: 'Mill' | 'Notebook') => page.getByRole('radio', { name: to, exact: true }).click();

/** The figure in what a hand is told: `The dial shows −0.118 mm.` */
async function dial(page: Page): Promise<number> {
  const text =
    (await page
      .getByText(/^The dial shows/)
      .first()
      .textContent()) ?? '';
  return Number(/[-−+]?\d*\.\d+/.exec(text)?.[0].replace('−', '-'));
}

async function measured(page: Page): Promise<string> {
  await press(page, 'Measure the bore');
  const text =
    (await page
      .getByRole('status')
      .filter({ hasText: /^\d\d\.\d{3} mm$/ })
      .textContent()) ?? '';
  return text.replace(' mm', '');
}

const spin = (page: Page, rpm: string) =>
  page.getByRole('radiogroup', { name: 'Spindle, rev/min' }).getByText(rpm, { exact: true }).click();

const logged = async (page: Page, label: string, text: string) => {
  await page.getByRole('textbox', { name: label }).fill(text);
  await press(page, 'Log this reading');
};

test('a bore to size with the thumb: set by the indicator, locked, read again, cut and measured', async ({
  page,
  shop,
}) => {
  test.slow();
  await page.setViewportSize({ width: 390, height: 664 });
  await page.goto(`${shop.url}/setup/practice-bore-to-size-7/size`);
  await expect(page.getByText('The head stands, its slide locked.')).toBeVisible();
  await expectAccessible(page);
  const start = await measured(page);
  await go(page, 'Notebook');
  await logged(page, 'Diameter measured now', start);
  await expect(page.getByText(/^Dial or indicator, on the radius: \+0\.\d{3} mm/)).toBeVisible();

  // A tenth on the radius, and what locking makes of it: that is what was set.
  await go(page, 'Mill');
  await page.getByRole('checkbox', { name: 'Indicator on the head' }).click();
  await press(page, 'Zero the dial');
  await press(page, 'Slide out');
  const loose = await dial(page);
  expect(loose).toBeCloseTo(0.1, 1);
  await press(page, 'Lock it');
  const locked = await dial(page);
  expect(Math.abs(locked - loose)).toBeGreaterThan(0.007);
  await page.getByRole('checkbox', { name: 'Indicator on the head' }).click();
  await spin(page, '100');
  await press(page, 'Feed through');
  await spin(page, 'off');
  const bored = await measured(page);
  expect(Number(bored)).toBeGreaterThan(Number(start) + 0.08);

  await go(page, 'Notebook');
  await page.getByRole('checkbox', { name: /indicator and keys off the head/ }).click();
  await page.getByRole('textbox', { name: /^Set to, on the diameter/ }).fill((Number(start) + 2 * locked).toFixed(3));
  await logged(page, 'Diameter measured then', bored);
  await press(page, 'Mark it');
  const marks = page.getByRole('dialog');
  await expect(marks.getByText(/^✗ The bore is 25\.\d{3} mm\. Your reckoning said 25\.\d{3} mm/)).toBeVisible();
  await expect(marks.getByText('No slip was made.')).toBeVisible();
});

test('an indicator left on the head is thrown, and the marking says what that does', async ({ page, shop }) => {
  await page.goto(`${shop.url}/setup/practice-bore-to-size-9/size`);
  await page.getByRole('checkbox', { name: 'Indicator on the head' }).click();
  await spin(page, '100');
  await expect(page.getByText('✗ The indicator was thrown. Begin again.')).toBeVisible();
  await press(page, 'Mark it');
  await expect(page.getByText(/The spindle was started with the indicator on the boring head/)).toBeVisible();
  await expect(page.getByText('It is thrown, and it kills.')).toBeVisible();
});

test('a jaw by keyboard, wide: both ends read, tapped by what the page says, and the loose bolts are seen', async ({
  page,
  shop,
}) => {
  test.slow();
  await page.setViewportSize({ width: 1280, height: 800 });
  await page.goto(`${shop.url}/setup/practice-vise-7/alignment?task=vise`);
  await page.getByRole('button', { name: /^In the spindle/ }).press('Enter');
  await page.getByRole('menuitem', { name: 'Lever indicator' }).press('Enter');
  const by = (step: string) =>
    page.getByRole('radiogroup', { name: 'One press goes, mm' }).getByText(step, { exact: true }).click();
  const keys = async (key: string, times: number) => {
    // A key pressed in a field belongs to it.
    await page.locator('body').evaluate(() => (document.activeElement as HTMLElement | null)?.blur());
    for (let i = 0; i < times; i += 1) await page.keyboard.press(key);
  };
  await by('10');
  await keys('ArrowRight', 3);
  await keys('PageDown', 4);
  await by('1');
  for (
    let i = 0;
    i < 30 &&
    !(await page
      .getByText(/^The dial shows|against its stop/)
      .first()
      .isVisible());
    i += 1
  ) {
    await keys('ArrowUp', 1);
  }
  await by('0.1');
  for (let i = 0; i < 12 && (await page.getByText(/against its stop/).isVisible()); i += 1) await keys('ArrowDown', 1);
  await press(page, 'Zero the dial');
  const read = async () => {
    const field = page.getByRole('textbox', { name: /^Dial/ });
    await field.fill(String(await dial(page)));
    await field.press('Enter');
  };
  await read();
  await by('10');
  await keys('ArrowRight', 12);
  await read();
  await expect(page.getByText(/^Tap the right end .* you\.$/)).toBeVisible();
  await press(page, 'Mark it');
  const marks = page.getByRole('dialog');
  await expect(
    marks.getByText(/^[✓✗] The jaw is out by \d\.\d{3} mm\. Your reckoning said \d\.\d{3} mm ±/),
  ).toBeVisible();
  await expect(marks.getByText(/The vise’s bolts were left loose/)).toBeVisible();
});

test('a setter by a master tool: kept in the lesson’s notebook, and not in the shop', async ({ page, shop }) => {
  test.slow();
  const kept = async () => {
    const { calibrations } = (await (await page.request.get(`${shop.url}/api/shop`)).json()) as {
      calibrations: unknown[];
    };
    return calibrations.length;
  };
  const before = await kept();
  await page.setViewportSize({ width: 390, height: 844 });
  await page.goto(`${shop.url}/setup/practice-setter-7/routine?of=tool-setter&do=setter-height`);
  await go(page, 'Notebook');
  await expectAccessible(page);
  await press(page, 'Begin');
  for (const z of ['-12.345', '-12.343', '-12.344', '-12.346', '-12.345']) await logged(page, 'Z as it answers', z);
  await press(page, 'Keep it');
  await expect(page.getByText('Kept in this notebook. Have it marked, or do it once more.')).toBeVisible();
  await press(page, 'Mark it');
  await expect(page.getByText(/^✗ The setter answers a tool of no length at Z −\d+\.\d{3} mm\./)).toBeVisible();
  expect(await kept()).toBe(before);
});

test('in inches: the scales, the steps, what is set and what is marked', async ({ page, shop }) => {
  await page.setViewportSize({ width: 390, height: 664 });
  await page.goto(`${shop.url}/practice`);
  await page.getByText('inches', { exact: true }).click();
  await page.getByRole('link', { name: /^The left edge, by a spring finder/ }).click();
  await expect(page.getByLabel('X shows 0.0000 in')).toBeVisible();
  await page.getByRole('button', { name: 'X right by .05 in' }).click();
  // The play in the screw is used up first.
  await expect(page.getByLabel('X shows 0.0484 in')).toBeVisible();
  await press(page, 'Set X');
  await page.getByRole('textbox', { name: 'X is to show, in' }).fill('-0.1969');
  await page.getByRole('dialog').getByRole('button', { name: 'Set X' }).click();
  await expect(page.getByLabel('X shows −0.1969 in')).toBeVisible();
  await press(page, 'Mark it');
  await expect(page.getByText(/^✗ X is off by [+−]\d\.\d{4} in\./)).toBeVisible();
});
