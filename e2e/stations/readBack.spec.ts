import { expect, expectAccessible, logReading as log, press, test } from '../support/shop';

test('after a setting the machine is looked at: the sign is named, the mend proven, kept through a kill', async ({
  page,
  killableShop: shop,
}) => {
  await page.goto(`${shop.url}/setup/base-plate-knee-mill/datum?f=face.left`);
  await log(page, /^X on the DRO/, '31.2');
  await press(page, 'Show the answer');
  await press(page, /^Log X set to/);
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
  await expect(alert).toContainText('wrong sign');
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
  // Two touches typed as the scale shows them stand in the log: the ball comes off those, and off this no second time.
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

test('a bore by the control’s cycle: its centre as it is, both axes set and read back', async ({ page, shop }) => {
  await page.goto(`${shop.url}/setup/arm-bracket-trunnion/datum?f=round.hole-1`);
  await page.getByRole('radio', { name: 'the control’s cycle' }).click();
  await expect(
    page.getByText(/^Run the control’s cycle in .*, and log what it gives for X of the centre\./),
  ).toBeVisible();
  for (const [axis, text] of [
    ['X', '-287.204'],
    ['Y', '-152.001'],
  ] as const) {
    await page.getByRole('textbox', { name: `${axis}, the control’s result` }).fill(text);
    await press(page, 'Log this reading');
  }
  await press(page, 'Show the answer');
  await expect(page.getByRole('radio', { name: /^Work offset X and Y X −262\.204, Y −152\.001/ })).toBeVisible();
  await expectAccessible(page);
});

test('the tool table is read back row by row, and the plate’s thickness held against the control’s', async ({
  page,
  shop,
}) => {
  await page.goto(`${shop.url}/setup/plinth-router/heights`);
  await page.getByRole('textbox', { name: /by caliper/ }).fill('12.42');
  await page.getByRole('textbox', { name: /by caliper/ }).press('Enter');
  await page.getByRole('textbox', { name: /Entered in the control as/ }).fill('12.7');
  await page.getByRole('textbox', { name: /Entered in the control as/ }).press('Enter');
  await expect(page.getByText(/▼ Every tool would dig in 0\.280 mm\. Enter 12\.420 mm\./)).toBeVisible();
  await expectAccessible(page);

  await page.goto(`${shop.url}/setup/arm-bracket-trunnion/heights`);
  const touch = async (tool: number, text: string) => {
    await page.goto(`${shop.url}/setup/arm-bracket-trunnion/heights?tool=${tool}`);
    await page.getByRole('checkbox', { name: /^Spindle stopped/ }).click();
    await log(page, /^Z with tool/, text);
  };
  // Tool 5 is the reference there.
  await touch(5, '-100');
  await touch(2, '-112.31');
  await page.goto(`${shop.url}/setup/arm-bracket-trunnion/heights?show=table`);
  await press(page, 'Read them back, row by row');
  await press(page, 'Tool 2 reads something else in the control');
  await page.getByRole('textbox', { name: 'Tool 2 reads' }).fill('12.31');
  await press(page, 'It shows this');
  const alert = page.getByRole('alert').filter({ hasText: 'wrong sign' });
  await expect(alert).toBeVisible();
  await expectAccessible(page);
  await press(page, 'Tool 2 reads the same in the control');
  await expect(alert).toHaveCount(0);
  await expect(page.getByText('✓ Read back: the control has it so.')).toBeVisible();
});
