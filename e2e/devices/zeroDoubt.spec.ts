import type { Page } from '@playwright/test';
import { expect, expectAccessible, logReading as log, press, test } from '../support/shop';

const ROUTER = '/setup/plinth-router';

/** The left face touched with a pin, and its work offset entered. */
async function setX(page: Page, url: string): Promise<void> {
  await page.goto(`${url}${ROUTER}/datum?f=face.left`);
  await press(page, /^with /);
  await page.getByRole('radio', { name: /^Gauge pin/ }).click();
  await log(page, /^X on the control/, '97');
  await press(page, 'Show the answer');
  await page.getByRole('radio', { name: /^Work offset X/ }).click();
  await press(page, /^Log X offset/);
  await press(page, 'Yes');
}

async function homed(page: Page): Promise<void> {
  await press(page, /^Scale/);
  await press(page, 'It was homed again');
}

test('homed again, the zero is in doubt: one touch proves it, kept through a kill, and counts in the ± after', async ({
  page,
  killableShop: shop,
}) => {
  await setX(page, shop.url);
  await homed(page);
  const doubt = page.getByText(/^▲ The machine was homed since X was set\./);
  await expect(doubt).toBeVisible();
  await expectAccessible(page);

  await shop.kill();
  await shop.start();
  await page.reload();
  await expect(doubt).toBeVisible();
  await press(page, 'Touch the left face');
  await expect(page.getByText(/^Raise the tool, go to zero, and look\. Then touch the left face again/)).toBeVisible();
  await log(page, /^X on the control/, '97.004');
  await expect(page.getByText(/^✓ The left face came back, off by \+0\.004 mm ±/)).toBeVisible();
  await expect(doubt).toHaveCount(0);
  await expectAccessible(page);
  await page.goto(`${shop.url}${ROUTER}/log`);
  await expect(page.getByText(/^X, left face once more/)).toBeVisible();
});

test('a face that comes back elsewhere: said by how much, and the zero is set again', async ({ page, shop }) => {
  await setX(page, shop.url);
  await homed(page);
  await press(page, 'Touch the left face');
  await log(page, /^X on the control/, '97.9');
  const alert = page.getByRole('alert').filter({ hasText: 'The left face is off by +0.900 mm' });
  await expect(alert).toContainText('the zero of X has moved');
  await press(page, 'Set it again');
  await expect(alert).toHaveCount(0);
  await expect(page.getByText(/^▲ The machine was homed/)).toHaveCount(0);
});

test('back after a night, nothing is driven to before people said whether it moved', async ({ page, shop }) => {
  await page.goto(`${shop.url}/setup/pivots-bench-mill/drive`);
  await expect(page.getByText(/^You were last here /)).toBeVisible();
  await expect(page.getByRole('button', { name: /^Log hole \d+ / })).toHaveCount(0);
  await expectAccessible(page);
  await press(page, 'Touch one face to check it');
  await expect(page.getByText(/^Check the zero or set it again first/)).toBeVisible();
  await press(page, 'Accept the zero without a touch');
  await expect(page.getByRole('button', { name: /^Log hole \d+ / })).toBeVisible();
});
