import type { Page } from '@playwright/test';
import { expect, expectAccessible, expectWholeOnPage, test } from '../support/shop';

const PLATE = '/setup/base-plate-knee-mill';

const press = (page: Page, name: string | RegExp) => page.getByRole('button', { name }).first().click();

/** Touches the gauge with a tool, its caution ticked. */
async function touchOff(page: Page, url: string, tool: number, z: string): Promise<void> {
  await page.goto(`${url}${PLATE}/heights?tool=${tool}`);
  await page.getByRole('checkbox').first().click();
  const field = page.getByRole('textbox').first();
  await field.fill(z);
  await press(page, 'Log this reading');
  await expect(field).toHaveValue('');
}

test('depth for the tool in the spindle: Z set with T1, T3 is 5.400 longer: 2.250 deep is at +3.150', async ({
  page,
  shop,
}) => {
  const depth = page.getByRole('group', { name: 'Depth' });
  await page.goto(`${shop.url}${PLATE}/drive?stop=1`);
  await expect(depth).toContainText('No depth for T3. Z is not set. Set Z first.');
  await touchOff(page, shop.url, 1, '10');
  await press(page, 'Show the answer');
  await press(page, /^Log Z set to/);
  await page.getByRole('button', { name: 'Yes' }).click();
  // Without a length there is no figure, and the way to one.
  await page.goto(`${shop.url}${PLATE}/drive?stop=1`);
  await expect(depth).toContainText('Z was set with T1, and T3 has no length. Touch off T3 first.');
  await expect(depth).not.toContainText('2.250');
  await press(page, 'Touch off T3');
  await expect(page).toHaveURL(/heights\?tool=3$/);
  await touchOff(page, shop.url, 3, '15.4');
  await page.goto(`${shop.url}${PLATE}/drive?stop=1`);
  await expect(depth).toContainText('+3.150 mm');
  await expect(depth).toContainText(/full depth with T3, ±0\.0\d\d mm/);
  await expect(page.getByText('The tip is at the part’s top where Z shows +5.400 mm.')).toBeVisible();
  const changed = page.getByText(
    /T3 is 5\.400 mm longer than T1, which set Z: at the same depth Z shows 5\.400 mm more/,
  );
  await expect(changed).toBeVisible();
  await expectAccessible(page);
  await expectWholeOnPage(page);
  await press(page, 'T3 is in the spindle');
  await expect(changed).toHaveCount(0);
  await page.reload();
  await expect(depth).toContainText('+3.150 mm');
  await expect(changed).toHaveCount(0);
  // The sheet has the same figure.
  await page.goto(`${shop.url}${PLATE}/sheet`);
  await expect(page.getByText(/\+3\.150 mm ±0\.0\d\d mm/).first()).toBeVisible();
});

test('the knee locked, the quill drills: the figure for its stop, and what is wrong with the knee', async ({
  page,
  shop,
}) => {
  const path = `${shop.url}/api/setups/base-plate-knee-mill`;
  const { datumPlan, machine, versions } = await (await page.request.get(path)).json();
  const heights = { surface: 0, lift: 0, ...datumPlan.heights, moves: 'knee' };
  const kept = await page.request.put(`${path}/datum`, {
    data: { version: 'by-knee', began: versions.datumPlan ?? 'first', body: { ...datumPlan, heights } },
  });
  expect(kept.ok()).toBe(true);
  const limits = { ...machine.limits, quillTravel: 60 };
  const told = await page.request.put(`${shop.url}/api/machines/${machine.id}`, {
    data: { version: 'quill', began: versions[`machine.${machine.id}`], body: { ...machine, limits } },
  });
  expect(told.ok()).toBe(true);
  await touchOff(page, shop.url, 1, '10');
  await press(page, 'Show the answer');
  await press(page, /^Log Z set to/);
  await page.getByRole('button', { name: 'Yes' }).click();
  await touchOff(page, shop.url, 3, '15.4');
  await page.goto(`${shop.url}${PLATE}/drive?stop=1`);
  const stop = page.getByRole('group', { name: 'Quill stop' });
  await expect(stop).toContainText('lock the knee, then enter what Z shows.');
  const locked = async (z: string) => {
    const field = stop.getByRole('textbox', { name: /^Z shows, knee locked/ });
    await field.fill(z);
    await field.press('Enter');
  };
  // Full depth is at +3.150: from +12.500 the quill has 9.350 to go.
  await locked('12.5');
  await expect(stop).toContainText('Quill stop: 9.350 mm down, from where the quill was when Z was set.');
  await expectAccessible(page);
  await locked('2');
  await expect(stop).toContainText('Wind the knee down until Z shows more than +3.150 mm');
  await locked('80');
  await expect(stop).toContainText('needs 76.850 mm of quill, 16.850 mm more than it has.');
});
