import type { Page } from '@playwright/test';
import { go, shown, step, until } from '../support/mill';
import { expect, expectAccessible, press, takeByKey, test } from '../support/shop';

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
  page.getByRole('radiogroup', { name: 'Spindle, rpm' }).getByText(rpm, { exact: true }).click();

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
  await expect(page.getByText('Head stopped, slide locked.')).toBeVisible();
  await expectAccessible(page);
  const start = await measured(page);
  await go(page, 'Notebook');
  await logged(page, 'Diameter now', start);
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
  await page.getByRole('textbox', { name: /^Set to, on diameter/ }).fill((Number(start) + 2 * locked).toFixed(3));
  await logged(page, 'Diameter then', bored);
  await press(page, 'Mark it');
  const marks = page.getByRole('dialog');
  await expect(marks.getByText(/^✗ The bore is 25\.\d{3} mm\. Your result: 25\.\d{3} mm/)).toBeVisible();
  await expect(marks.getByText('No mistakes.')).toBeVisible();
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
  await takeByKey(page, /^In the spindle/, 'Lever indicator');
  const by = (step: string) =>
    page.getByRole('radiogroup', { name: 'One press moves, mm' }).getByText(step, { exact: true }).click();
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
  await expect(marks.getByText(/^[✓✗] The jaw is out by \d\.\d{3} mm\. Your result: \d\.\d{3} mm ±/)).toBeVisible();
  await expect(marks.getByText(/The bolts were left loose/)).toBeVisible();
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
  await expect(page.getByText('Saved. Mark it, or do it again.')).toBeVisible();
  await press(page, 'Mark it');
  await expect(page.getByText(/^✗ The setter answers a tool of no length at Z −\d+\.\d{3} mm\./)).toBeVisible();
  expect(await kept()).toBe(before);
});

test('in inches: the scales, the steps, what is set and what is marked', async ({ page, shop }) => {
  await page.setViewportSize({ width: 390, height: 664 });
  await page.goto(`${shop.url}/practice`);
  await page.getByText('inches', { exact: true }).click();
  await page.getByRole('link', { name: /^The left edge, by an edge finder/ }).click();
  await expect(page.getByLabel('X shows 0.0000 in')).toBeVisible();
  await page.getByRole('button', { name: 'X right by .05 in' }).click();
  // The play in the screw is used up first.
  await expect(page.getByLabel('X shows 0.0484 in')).toBeVisible();
  await press(page, 'Set X');
  await page.getByRole('textbox', { name: 'X must show, in' }).fill('-0.1969');
  await page.getByRole('dialog').getByRole('button', { name: 'Set X' }).click();
  await expect(page.getByLabel('X shows −0.1969 in')).toBeVisible();
  await press(page, 'Mark it');
  await expect(page.getByText(/^✗ X is off by [+−]\d\.\d{4} in\./)).toBeVisible();
});

/** Toward the left face until the probe's light is on, and what X shows there. */
async function probed(page: Page): Promise<string> {
  await until(page, '0.1', 'X right', 'Its light is on: it has tripped.', 40);
  return shown(page, 'X');
}

test('a bad day at the router: a face comes back elsewhere, and homed once more it is where it was', async ({
  page,
  shop,
}) => {
  test.slow();
  await page.setViewportSize({ width: 390, height: 664 });
  // The same day for the same number: this one homed late along X.
  await page.goto(`${shop.url}/setup/practice-bad-day-router-32/verify`);
  await page.getByRole('button', { name: /^In the spindle/ }).click();
  await page.getByRole('menuitem', { name: 'Probe, 4 mm ball' }).click();
  await step(page, '10', 'X left', 5);
  await step(page, '10', 'Z down', 3);
  await step(page, '1', 'X right', 16);
  const before = await probed(page);
  await go(page, 'Notebook');
  await page.getByRole('textbox', { name: /^X shows/ }).fill(before);
  await press(page, 'Log this reading');
  await expect(page.getByText(/^✗ Left face: [+−]0\.[23]\d\d mm/)).toBeVisible();
  await go(page, 'Mill');
  await press(page, 'Home it');
  await step(page, '10', 'Y away', 4);
  await step(page, '10', 'Z down', 4);
  await step(page, '1', 'Z down', 7);
  await step(page, '1', 'X right', 17);
  const after = await probed(page);
  expect(Math.abs(Number(after) - Number(before))).toBeGreaterThan(0.15);
  await press(page, 'Identify it');
  await expectAccessible(page);
  await page.getByRole('checkbox', { name: 'It homed elsewhere: a switch answered late.' }).click();
  await press(page, 'Check my answer');
  await expect(page.getByRole('dialog', { name: 'All of it found' })).toBeVisible();
});

test('a part off its parallels: Z set too soon is named, and what was kept is of the one who practised', async ({
  page,
  shop,
}) => {
  await page.setViewportSize({ width: 390, height: 664 });
  await page.goto(`${shop.url}/practice`);
  await press(page, 'Practise under a name');
  await page.getByRole('button', { name: 'Practise under this name' }).click();
  await expect(page.getByRole('dialog').getByText('must not be empty')).toBeVisible();
  await page.getByRole('textbox', { name: 'Name' }).fill('Ida');
  await page.getByRole('button', { name: 'Practise under this name' }).click();
  await page.getByRole('link', { name: /^Down onto the parallels/ }).click();
  await page.getByRole('checkbox', { name: 'Vise tightened' }).click();
  await press(page, 'Try the parallels');
  await expect(page.getByText('Both parallels slide.')).toBeVisible();
  await press(page, 'Set Z');
  await page.getByRole('textbox', { name: 'Z must show, mm' }).fill('10');
  await page.getByRole('dialog').getByRole('button', { name: 'Set Z' }).click();
  for (let i = 0; i < 5; i += 1) {
    await press(page, 'Tap down, left');
    await press(page, 'Tap down, right');
  }
  await press(page, 'Try the parallels');
  await expect(page.getByText('Neither parallel moves.')).toBeVisible();
  await press(page, 'Mark it');
  const marks = page.getByRole('dialog');
  await expect(
    marks.getByText(/^▲ Z: Z was set with the part off its parallels\. Off by \+0\.\d\d\d mm\./),
  ).toBeVisible();
  await marks.getByRole('button', { name: 'To the lessons' }).click();
  // Told again, by the same one and nobody else.
  await page.reload();
  await expect(page.getByRole('button', { name: /^Your recent mistakes/ })).toBeVisible();
  await page.getByRole('radiogroup', { name: 'Who is practising' }).getByText('No name').click();
  await expect(page.getByRole('button', { name: /^Your recent mistakes/ })).toHaveCount(0);
});

test('free play on a machine of the shop: its own collars, and nothing of it reaches the shop', async ({
  page,
  shop,
}) => {
  await page.setViewportSize({ width: 390, height: 664 });
  await page.goto(`${shop.url}/practice`);
  await page.getByRole('link', { name: /^Free, on Bench mill/ }).click();
  const wheel = page.getByRole('slider', { name: /^Handwheel of X, clockwise goes right/ });
  await wheel.focus();
  await page.keyboard.press('ArrowRight');
  await expect(wheel).toHaveAttribute('aria-valuetext', '0.025 mm');
  await page.reload();
  await expect(wheel).toHaveAttribute('aria-valuetext', '0.025 mm');
  await press(page, 'Mark it');
  await expect(page.getByRole('dialog', { name: 'Nothing set yet' })).toBeVisible();
  const summaries = (await (await page.request.get(`${shop.url}/api/setups`)).json()) as { name: string }[];
  expect(summaries.map(({ name }) => name)).not.toContain('Free, on Bench mill');
});

test('a table under a plug by keyboard, wide: drawn under, bolted, and swept again', async ({ page, shop }) => {
  test.slow();
  await page.setViewportSize({ width: 1280, height: 800 });
  await page.goto(`${shop.url}/setup/practice-plug-29/alignment?task=centre`);
  const take = (name: string) => takeByKey(page, /^In the spindle/, name);
  const by = (step: string) =>
    page.getByRole('radiogroup', { name: 'One press moves, mm' }).getByText(step, { exact: true }).click();
  const keys = async (step: string, key: string, times: number) => {
    await by(step);
    // A key pressed in a field belongs to it.
    await page.locator('body').evaluate(() => (document.activeElement as HTMLElement | null)?.blur());
    for (let i = 0; i < times; i += 1) await page.keyboard.press(key);
  };
  await take('Centring plug, in a collet');
  await keys('10', 'ArrowRight', 5);
  await keys('10', 'ArrowUp', 4);
  await keys('1', 'ArrowUp', 5);
  await keys('10', 'PageDown', 5);
  await keys('1', 'PageDown', 8);
  const sits = page.getByText('The plug sits, and no longer rocks.').first();
  await by('0.1');
  for (let i = 0; i < 40 && !(await sits.isVisible()); i += 1) await keys('0.1', 'PageDown', 1);
  await expect(sits).toBeVisible();
  await page.getByRole('checkbox', { name: 'Bolts tightened' }).press('Space');
  await expect(page.getByText('Bolted down: it cannot move.')).toBeVisible();
  await keys('10', 'PageUp', 3);
  await take('Lever indicator');
  await keys('1', 'PageDown', 10);
  await page.getByRole('button', { name: 'Zero the dial' }).press('Enter');
  for (let i = 0; i < 4; i += 1) {
    if (i > 0) await page.getByRole('button', { name: 'Turn it +90°' }).press('Enter');
    const field = page.getByRole('textbox', { name: /^Dial/ });
    await field.fill(String(await dial(page)));
    await field.press('Enter');
  }
  await press(page, 'Mark it');
  const marks = page.getByRole('dialog');
  // Nearly, and bolting moved it: swept, that is known to a few thousandths.
  await expect(
    marks.getByText(/^[✓✗] The spindle is off the middle by 0\.\d{3} mm\. Your result: 0\.\d{3} mm ±/),
  ).toBeVisible();
  await expect(marks.getByText('No mistakes.')).toBeVisible();
});
