import { expect, expectAccessible, expectWholeOnPage, test } from '../support/shop';

test('an empty shop starts its first setup, in inches, on a machine of its own', async ({ page, ownShop }) => {
  await page.goto(`${ownShop.url}/settings`);
  await page.getByRole('radio', { name: 'Inches' }).click();
  await page.getByRole('button', { name: 'Back to Home' }).click();
  await expect(page.getByText(/No setups yet/)).toBeVisible();
  await expectAccessible(page);
  await page.getByRole('button', { name: 'Start a setup' }).click();
  await expect(page.getByText(/Which machine\?/)).toBeVisible();
  await expectAccessible(page);
  await page.getByRole('button', { name: 'New: Manual mill with DRO' }).click();

  await page.getByRole('link', { name: 'Plan' }).click();
  await expect(
    page.getByText('Part, stock: not entered × not entered × not entered. On the manual mill with DRO.'),
  ).toBeVisible();
  await expectAccessible(page);
  for (const [field, text] of [
    ['Length X', '3 1/2'],
    ['Depth Y', '1.5'],
    ['Height Z', '0'],
    ['Height Z', '1/4'],
  ] as const) {
    await page.getByRole('textbox', { name: field }).fill(text);
    await page.getByRole('textbox', { name: field }).press('Enter');
    if (text === '0') await expect(page.getByText('It must be greater than zero.')).toBeVisible();
  }
  await expect(page.getByText(/Part, stock: 3\.5000 in × 1\.5000 in × 0\.2500 in/)).toBeVisible();
  await page.getByRole('button', { name: 'Zero at the centre' }).click();
  await expect(page.getByText(/Zero is the centre/)).toBeVisible();
  await page.getByRole('button', { name: 'Go to Workholding' }).click();
  await expect(page.getByText(/Vise with parallels · 0 of/)).toBeVisible();
  await page.getByRole('link', { name: 'Alignment' }).click();
  await page
    .getByRole('button', { name: /^Vise or fence/ })
    .first()
    .click();
  await expect(page.getByText(/Vise or fence needs an indicator, and the shop has none yet/)).toBeVisible();
  await expectAccessible(page);
  await page.getByRole('button', { name: 'Go to Datum' }).click();
  await page.getByRole('button', { name: 'right face' }).click();
  await page.getByRole('textbox').fill('1 15/16');
  await page.getByRole('textbox').press('Enter');
  await page.getByRole('button', { name: 'Show the answer' }).click();
  await expect(page.getByRole('radio', { name: /^Set X to 1\.9375/ })).toBeVisible();
  await expect(page.getByText('typed “1 15/16”')).toBeVisible();

  await page.getByRole('link', { name: /^Holes/ }).click();
  await expect(page.getByText('No holes yet. Add a pattern, or read holes from a file.')).toBeVisible();
  await expectAccessible(page);
  await page.getByRole('button', { name: 'Add: Bolt circle' }).click();
  await expect(page.getByRole('row')).toHaveCount(7);
  await expectWholeOnPage(page);
});

test('bolt circles that cannot be are refused by field and the good one stays', async ({ page, shop }) => {
  await page.goto(`${shop.url}/setup/base-plate-knee-mill/positions`);
  await page.getByRole('button', { name: /Change this pattern/ }).click();
  for (const [field, text, why] of [
    ['Holes', '0', 'at least 1 hole'],
    ['Holes', '10001', 'At most 10000 holes'],
    ['Holes', '2.5', 'whole number'],
    ['Circle diameter', '0', 'greater than zero'],
    ['Circle diameter', '-48', 'greater than zero'],
    ['Circle diameter', '1,234.5', 'Two decimal marks'],
  ] as const) {
    const box = page.getByRole('textbox', { name: field });
    await box.fill(text);
    await box.press('Enter');
    await expect(page.getByRole('alert')).toContainText(why);
    await expect(box).toHaveValue(text);
    await box.fill(field === 'Holes' ? '6' : '48');
    await box.press('Enter');
    await expect(page.getByRole('alert')).toBeHidden();
  }
  await expect(page.getByRole('row').nth(1)).toContainText('85.182');
});

test('ten thousand holes stay quick to drive', async ({ page, shop }) => {
  await page.goto(`${shop.url}/setup/base-plate-knee-mill/positions`);
  await page.getByRole('button', { name: /Change this pattern/ }).click();
  await page.getByRole('textbox', { name: 'Holes' }).fill('10000');
  await page.getByRole('textbox', { name: 'Holes' }).press('Enter');
  await expect(page.getByText('Bearing screws: 10000 holes, counter-clockwise.')).toBeVisible();
  expect(await page.getByRole('row').count()).toBeLessThan(100);
  await page.getByRole('button', { name: 'Go hole by hole' }).click();
  await expect(page.getByText(/^Stop 1 of 20000/)).toBeVisible();
});

test('addresses that lead nowhere say so and lead back', async ({ page, shop }) => {
  await page.goto(`${shop.url}/setup/nowhere/datum`);
  await expect(page.getByRole('alert')).toContainText('Setup not found');
  await expectAccessible(page);
  await page.goto(`${shop.url}/setup/base-plate-knee-mill/nonsense`);
  await expect(page.getByRole('alert')).toContainText('No such station');
  await page.goto(`${shop.url}/no/such/page`);
  await page.getByRole('link', { name: 'Go to Home' }).click();
  await expect(page.getByRole('listitem')).toHaveCount(5);
});
