import type { Page } from '@playwright/test';
import { expect, expectAccessible, test } from './shop';

const press = (page: Page, name: string | RegExp) => page.getByRole('button', { name }).first().click();

/** Logs what is typed for the touch in hand. */
async function log(page: Page, name: RegExp, text: string): Promise<void> {
  const field = page.getByRole('textbox', { name }).first();
  await field.fill(text);
  await press(page, 'Log this reading');
  await expect(field).toHaveValue('');
}

test('after a setting the machine is looked at: the sign is named, the mend proven, kept through a kill', async ({
  page,
  shop,
}) => {
  await page.goto(`${shop.url}/setup/base-plate-knee-mill/datum?f=face.left`);
  await log(page, /^X on the readout/, '31.2');
  await press(page, 'Show the answer');
  await press(page, 'Done: X is preset');
  const question = page.getByText('X was set. Does it show −5.000 mm there?');
  await expect(question).toBeVisible();
  await expectAccessible(page);
  await press(page, /^No$/);
  const shown = page.getByRole('textbox', { name: 'X shows' });
  await shown.fill('five');
  await press(page, 'It shows this');
  await expect(page.getByText(/place 1/)).toBeVisible();
  await shown.fill('5');
  await press(page, 'It shows this');
  const alert = page.getByRole('alert').filter({ hasText: 'X shows 5.000 mm, not −5.000 mm' });
  await expect(alert).toContainText('the sign is the other one');
  await expectAccessible(page);

  await shop.kill();
  await shop.start();
  await page.evaluate(() => localStorage.clear());
  await page.reload();
  await expect(alert).toBeVisible();
  await press(page, 'Now it does');
  await expect(alert).toHaveCount(0);
  await expect(question).toHaveCount(0);
});

test('the control did it: its result is taken as it is, its zero read back, and a second touch proves the ball', async ({
  page,
  shop,
}) => {
  await page.goto(`${shop.url}/setup/arm-bracket-trunnion/datum?f=face.left`);
  await press(page, /^with /);
  await page.getByRole('radio', { name: /^Probe, 4 mm ball/ }).click();
  await press(page, /^with /);
  await page.getByRole('radio', { name: 'the control’s result, ball already off' }).click();
  await log(page, /^X, the control’s result/, '-299.205');
  await expect(page.getByText(/^The control took the ball off itself/)).toContainText(
    'the spindle stood at X −301.203 mm at the touch',
  );
  // Two touches typed as the scale shows them stand in the ledger: the ball comes off those, and off this no second time.
  await expect(page.getByRole('alert')).toHaveCount(0);
  await press(page, 'Show the answer');
  await expect(page.getByRole('radio', { name: /^Work offset X −262\.205/ })).toBeVisible();
  await expect(page.getByRole('radio', { name: /^Preset X/ })).toHaveCount(0);
  await expectAccessible(page);
  await press(page, 'Take another reading');
  await press(page, /^with /);
  await page.getByRole('radio', { name: 'the zero its cycle has set' }).click();
  await log(page, /^X, the zero its cycle has set/, '-262.205');
  // What was typed is what it shows: nothing more to ask.
  await expect(page.getByText(/was entered\. Does it read/)).toHaveCount(0);
});
