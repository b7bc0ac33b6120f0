import type { Page } from '@playwright/test';
import { feel, go, shown, step, until } from '../support/mill';
import { expect, expectAccessible, press, test } from '../support/shop';

const FIELD = /^X on the DRO/;

async function takeFinder(page: Page): Promise<void> {
  await page.getByRole('button', { name: /^In the spindle/ }).click();
  await page.getByRole('menuitem', { name: 'Edge finder 10' }).click();
  await page.getByRole('radiogroup', { name: 'Spindle, rpm' }).getByText('1000', { exact: true }).click();
  await expect(feel(page, 'Its end swings.')).toBeVisible();
}

test('a lesson with the thumb: the left edge found, set, read back, and marked without a slip', async ({
  page,
  shop,
}) => {
  test.slow();
  await page.setViewportSize({ width: 390, height: 664 });
  await page.goto(shop.url);
  await press(page, 'Practice');
  await expectAccessible(page);
  await page.goto(`${shop.url}/setup/practice-left-edge-7/datum?f=face.left`);
  await expect(feel(page, 'Nothing in the spindle.')).toBeVisible();
  await expectAccessible(page);
  await takeFinder(page);
  // Beside the middle of the left face, and down beside it.
  await step(page, '10', 'Y away', 4);
  await step(page, '10', 'Z down', 4);
  await step(page, '1', 'Z down', 12);
  await until(page, '1', 'X right', 'It runs truer and truer.');
  for (let touch = 0; touch < 2; touch += 1) {
    await until(page, '0.02', 'X right', /It jumped aside/);
    const value = await shown(page, 'X');
    await go(page, 'Notebook');
    await page.getByRole('textbox', { name: FIELD }).fill(value);
    await press(page, 'Log this reading');
    await expect(page.getByText(`Log ${touch + 1}`)).toBeVisible();
    await go(page, 'Mill');
    if (touch === 0) await step(page, '1', 'X left', 1);
  }
  await press(page, 'Set X');
  await page.getByRole('textbox', { name: 'X must show, mm' }).fill('-5');
  await page.getByRole('dialog').getByRole('button', { name: 'Set X' }).click();
  await expect(page.getByLabel('X shows −5.000 mm')).toBeVisible();
  await go(page, 'Notebook');
  await press(page, 'Show the answer');
  await press(page, /^Log X set to/);
  await expect(page.getByText('X was set. Does it show −5.000 mm there?')).toBeVisible();
  await press(page, /^Yes$/);
  await press(page, 'Mark it');
  await expect(page.getByRole('dialog', { name: 'Set correctly' })).toBeVisible();
  await expect(page.getByText(/^✓ X is off by [+−]0\.0\d\d mm\. Your ± was ±0\.0\d\d mm/)).toBeVisible();
  await expect(page.getByText('No mistakes.')).toBeVisible();
  await expectAccessible(page);

  // Nothing of it is in the shop; it stands again after a reload.
  await page.reload();
  await expect(page.getByLabel('X shows −5.000 mm')).toBeVisible();
  const summaries = (await (await page.request.get(`${shop.url}/api/setups`)).json()) as { name: string }[];
  expect(summaries.map(({ name }) => name)).not.toContain('The left edge');
  await page.goto(`${shop.url}/practice`);
  await expect(page.getByText(/✓ Set correctly, no mistakes\. Tried once\./)).toBeVisible();
});

test('slips at the mill are named with the habit that avoids them, and what is broken moves no more', async ({
  page,
  shop,
}) => {
  await page.goto(`${shop.url}/setup/practice-left-edge-7/datum?f=face.left`);
  await expect(feel(page, 'Nothing in the spindle.')).toBeVisible();
  await page.getByRole('button', { name: /^In the spindle/ }).click();
  await page.getByRole('menuitem', { name: 'Edge finder 10' }).click();
  await page.getByRole('radiogroup', { name: 'Spindle, rpm' }).getByText('2500', { exact: true }).click();
  await step(page, '10', 'Y away', 4);
  await step(page, '10', 'Z down', 4);
  await step(page, '1', 'Z down', 12);
  await step(page, '10', 'X right', 3);
  await expect(feel(page, /It is bent\. Begin again\./)).toBeVisible();
  await press(page, 'Hint');
  await expect(page.getByText(/^The finder must turn, about 1000 rpm/)).toBeVisible();
  await page.getByRole('button', { name: 'Close', exact: true }).click();
  await press(page, 'Mark it');
  await expect(page.getByRole('dialog', { name: 'Not yet' })).toBeVisible();
  await expect(page.getByText('▲ The finder turned faster than it may.')).toBeVisible();
  await expect(page.getByText('▲ It was moved on after it had touched.')).toBeVisible();
  await expect(page.getByText('✗ X was not set.')).toBeVisible();
  await press(page, 'Again with another part');
  await expect(feel(page, 'Nothing in the spindle.')).toBeVisible();
});

test('a lesson that is none is said', async ({ page, shop }) => {
  await page.goto(`${shop.url}/setup/practice-juggling-7/datum`);
  await expect(page.getByText('No such lesson')).toBeVisible();
});

test('by the keyboard on a wide screen: mill and notebook side by side', async ({ page, shop }) => {
  await page.setViewportSize({ width: 1280, height: 800 });
  await page.goto(`${shop.url}/setup/practice-left-edge-7/datum?f=face.left`);
  await expect(feel(page, 'Nothing in the spindle.')).toBeVisible();
  await takeFinder(page);
  await expectAccessible(page);
  const steps = page.getByRole('radiogroup', { name: 'One press moves, mm' });
  const keys = async (mm: string, key: string, times: number) => {
    await steps.getByText(mm, { exact: true }).click();
    for (let i = 0; i < times; i += 1) await page.keyboard.press(key);
  };
  await keys('10', 'ArrowUp', 4);
  await keys('10', 'PageDown', 4);
  await keys('1', 'PageDown', 12);
  await expect(page.getByLabel('Z shows −52.000 mm')).toBeVisible();
  const until = async (mm: string, says: RegExp) => {
    await steps.getByText(mm, { exact: true }).click();
    for (let i = 0; i < 80 && !(await feel(page, says).isVisible()); i += 1) await page.keyboard.press('ArrowRight');
    await expect(feel(page, says)).toBeVisible();
  };
  await until('1', /It runs truer and truer/);
  await until('0.02', /It jumped aside/);
  // In a field the keys are the field's own.
  const field = page.getByRole('textbox', { name: FIELD });
  await field.fill(await shown(page, 'X'));
  const stood = await shown(page, 'X');
  await field.press('ArrowLeft');
  await field.press('Enter');
  await expect(page.getByText('Log 1')).toBeVisible();
  expect(await shown(page, 'X')).toBe(stood);

  // A button held down goes on by itself, and stops where it is let go.
  await steps.getByText('1', { exact: true }).click();
  await page.getByRole('button', { name: /^Z up by/ }).hover();
  await page.mouse.down();
  await expect.poll(async () => Number(await shown(page, 'Z'))).toBeGreaterThan(-48);
  await page.mouse.up();
  const letGo = await shown(page, 'Z');
  await press(page, 'Hint');
  await page.getByRole('button', { name: 'Close', exact: true }).click();
  expect(await shown(page, 'Z')).toBe(letGo);
});

test('a bad day solved with the thumb: two faces come back elsewhere, and that is said', async ({ page, shop }) => {
  test.slow();
  await page.setViewportSize({ width: 390, height: 664 });
  await page.goto(`${shop.url}/practice`);
  await expect(page.getByRole('heading', { name: 'Next', exact: true })).toBeVisible();
  await expectAccessible(page);
  // The same day for the same number: this one moved the part along X and along Y.
  await page.goto(`${shop.url}/setup/practice-bad-day-29/verify`);
  await takeFinder(page);
  // Left: beside it, and down.
  await step(page, '10', 'X left', 5);
  await step(page, '10', 'Z down', 5);
  await until(page, '1', 'X right', 'It runs truer and truer.');
  await until(page, '0.02', 'X right', /It jumped aside/);
  const left = await shown(page, 'X');
  await go(page, 'Notebook');
  await page.getByRole('textbox', { name: /^X shows/ }).fill(left);
  await press(page, 'Log this reading');
  await expect(page.getByText(/^✗ Left face: [+−]0\.\d\d\d mm/)).toBeVisible();
  await page.getByText('Front', { exact: true }).click();
  await expect(page.getByText(/^Touch the front face again/)).toBeVisible();
  await go(page, 'Mill');
  await step(page, '1', 'X left', 1);
  await step(page, '10', 'Z up', 3);
  await step(page, '10', 'X right', 3);
  await step(page, '10', 'Y toward you', 4);
  await step(page, '10', 'Z down', 3);
  await until(page, '1', 'Y away', 'It runs truer and truer.');
  await until(page, '0.02', 'Y away', /It jumped aside/);
  const front = await shown(page, 'Y');
  await go(page, 'Notebook');
  await page.getByRole('textbox', { name: /^Y shows/ }).fill(front);
  await press(page, 'Log this reading');
  await expect(page.getByText(/^✗ Front face: [+−]0\.\d\d\d mm/)).toBeVisible();

  // The drawing is a strip here: what can be tapped on it lies apart.
  await expectAccessible(page);
  await press(page, 'Identify it');
  await expect(page.getByRole('checkbox', { name: 'The part moved along X.' })).toBeVisible();
  await expectAccessible(page);
  await page.getByRole('checkbox', { name: 'The part moved along X.' }).click();
  await page.getByRole('checkbox', { name: 'The part moved along Y.' }).click();
  await press(page, 'Check my answer');
  await expect(page.getByRole('dialog', { name: 'All of it found' })).toBeVisible();
  await expect(page.getByText('✓ The part moved along Y.')).toBeVisible();
  await page.getByRole('dialog').getByRole('button', { name: 'To the lessons' }).click();
  await expect(page.getByText(/✓ All of it found\. Tried once\./)).toBeVisible();
  // What the morning left is of the mill alone.
  const summaries = (await (await page.request.get(`${shop.url}/api/setups`)).json()) as { name: string }[];
  expect(summaries.map(({ name }) => name)).not.toContain('A bad day at the knee mill');
});

test('free play marks what was set, and asks nothing', async ({ page, shop }) => {
  await page.goto(`${shop.url}/setup/practice-free-knee-11/datum`);
  await expect(feel(page, 'Nothing in the spindle.')).toBeVisible();
  await press(page, 'Mark it');
  await expect(page.getByRole('dialog', { name: 'Nothing set yet' })).toBeVisible();
  await page.getByRole('button', { name: 'Continue' }).click();
  await press(page, 'Set X');
  await page.getByRole('textbox', { name: 'X must show, mm' }).fill('0');
  await page.getByRole('dialog').getByRole('button', { name: 'Set X' }).click();
  await press(page, 'Mark it');
  await expect(page.getByRole('dialog', { name: 'Not yet' })).toBeVisible();
  // Set where it stood, away from the part: off by where that lies, and told so.
  await expect(page.getByText(/^✗ X is off by \+\d\d\.\d\d\d mm\./)).toBeVisible();
  await expect(page.getByText(/^Y /)).toHaveCount(0);
});

test('a handwheel is turned by dragging round it, by the mouse wheel and by keys; one turn is three millimetres', async ({
  page,
  shop,
}) => {
  await page.setViewportSize({ width: 390, height: 664 });
  await page.goto(`${shop.url}/setup/practice-dials-7/datum?f=face.left`);
  const wheel = page.getByRole('slider', { name: /^Handwheel of X, clockwise goes right/ });
  await expect(wheel).toBeVisible();
  await expectAccessible(page);
  const { x = 0, y = 0, width = 0, height = 0 } = (await wheel.boundingBox()) ?? {};
  const [cx, cy, r] = [x + width / 2, y + height / 2, 38];
  const to = (degrees: number) => {
    const angle = ((degrees - 90) * Math.PI) / 180;
    return page.mouse.move(cx + r * Math.cos(angle), cy + r * Math.sin(angle));
  };
  await to(0);
  await page.mouse.down();
  for (let degrees = 10; degrees <= 360; degrees += 10) await to(degrees);
  await page.mouse.up();
  const value = async () => Number(await wheel.getAttribute('aria-valuenow'));
  // What the finger lost before the drag began is at most a few lines.
  expect(await value()).toBeGreaterThan(2.8);
  expect(await value()).toBeLessThan(3.01);
  const before = await value();
  await wheel.hover();
  await page.mouse.wheel(0, -100);
  await expect.poll(value).toBeCloseTo(before + 0.025, 6);
  await wheel.focus();
  await page.keyboard.press('ArrowLeft');
  await page.keyboard.press('ArrowLeft');
  await expect.poll(value).toBeCloseTo(before - 0.025, 6);
  // It stands where it was turned to after a reload, and the turning counts as one.
  await page.reload();
  await expect.poll(value).toBeCloseTo(before - 0.025, 6);
  await press(page, 'Mark it');
  await expect(page.getByText(/^[1-4] moves and settings/)).toBeVisible();
});
