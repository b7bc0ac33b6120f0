import { readFileSync } from 'node:fs';
import type { Page } from '@playwright/test';
import { expect, expectAccessible, openReading, expectWholeOnPage, test } from '../support/shop';

const press = (page: Page, name: string | RegExp) => page.getByRole('button', { name }).click();

/** Types with the app's own keypad, as a thumb does. */
async function key(page: Page, text: string): Promise<void> {
  const names: Record<string, string> = { '-': 'change the sign', '.': 'point' };
  const pad = page.getByRole('group', { name: 'Keypad' });
  for (const character of text.startsWith('-') ? `${text.slice(1)}-` : text) {
    await pad.getByRole('button', { name: names[character] ?? character, exact: true }).click();
  }
}

async function logReadings(page: Page, ...texts: string[]): Promise<void> {
  for (const text of texts) {
    await key(page, text);
    await press(page, 'Log this reading');
    await expect(page.getByRole('textbox')).toHaveValue('');
  }
}

test('from the first touch to the last hole, and through a power cut', async ({ page, killableShop: shop }) => {
  await page.goto(shop.url);

  await test.step('the bench shows the orrery shop', async () => {
    await expect(page.getByText('Your setups')).toBeVisible();
    await expect(page.getByRole('listitem')).toHaveCount(5);
    await expectAccessible(page);
    await expectWholeOnPage(page);
    await page.getByRole('link', { name: /Base plate on the knee mill/ }).click();
  });

  await test.step('the left face presets X to -5.000', async () => {
    await page.getByRole('link', { name: 'Datum' }).click();
    await expectAccessible(page);
    await press(page, 'left face');
    await expect(page.getByText('Touch the left face, coming from the left.')).toBeVisible();
    await expectAccessible(page);
    await expectWholeOnPage(page);
    await logReadings(page, '-5.012', '-5.008', '-5.010');
    await expect(page.getByText('3 readings give')).toBeVisible();
    await press(page, 'Show the answer');
    await expect(page.getByRole('radio', { name: 'Set X to −5.000 mm, while the finder still touches' })).toBeChecked();
    await expect(page.getByRole('radio', { name: 'Raise the tool, then move X +5.000 mm, then zero X' })).toBeVisible();
    await expect(page.getByRole('radio', { name: /^Work offset X −0\.010/ })).toBeVisible();
    await expect(
      page.getByText('Good enough: ±0.013 mm is within a quarter of the ±0.100 mm this job allows.'),
    ).toBeVisible();
    await press(page, /Show the working/);
    await expect(page.getByRole('group', { name: 'Working' })).toContainText('mean of the readings−5.010');
    await press(page, /What makes up/);
    await expectAccessible(page);
    await press(page, /^Log X set to/);
    await expect(page.getByText('X is set. Now Y: tap the front or the back face.')).toBeVisible();
  });

  await test.step('the front face likewise, with a wild reading struck out', async () => {
    await press(page, 'front face');
    await logReadings(page, '-5.005', '-5.010', '-4.005', '-5.005');
    await expect(page.getByText('▲ far', { exact: true })).toBeVisible();
    await press(page, 'Show the answer');
    const offset = page.getByRole('radio', { name: /^Work offset Y/ });
    await expect(offset).toHaveAccessibleName(/^Work offset Y 0\.244/);
    await openReading(page, 'Strike out', '−4.005');
    await expectAccessible(page);
    await press(page, 'misread');
    await expect(offset).toHaveAccessibleName(/^Work offset Y −0\.007/);
    await expect(page.getByText('struck out: misread')).toBeVisible();
    await press(page, /^Log Y set to/);
    await expect(page.getByText(/X and Y are set/)).toBeVisible();
    await press(page, 'Go to Z & tools');
  });

  await test.step('Z is set on the gauge block, the caution ticked first', async () => {
    await expect(page.getByText(/10.000 mm gauge block beside tool 1, the reference/)).toBeVisible();
    await expect(page.getByRole('group', { name: 'Keypad' })).toBeHidden();
    const caution = page.getByRole('checkbox', { name: /Never lower a tool onto a gauge/ });
    await expect(caution).not.toBeChecked();
    await expectAccessible(page);
    await caution.click();
    await logReadings(page, '37.420');
    await press(page, 'Show the answer');
    await expect(page.getByRole('radio', { name: /^Set Z to 10\.000/ })).toBeChecked();
    await press(page, /^Log Z set to/);
  });

  await test.step('tool 2 is 12.310 shorter', async () => {
    await expect(page.getByText(/Change to tool 2/)).toBeVisible();
    await page.getByRole('checkbox').click();
    await logReadings(page, '-2.310');
    await press(page, 'Show the answer');
    await expect(page.getByRole('radio', { name: /^Tool 2 is shorter: offset −12\.310/ })).toBeVisible();
    await expectAccessible(page);
  });

  await test.step('the bolt circle is turned and driven hole by hole', async () => {
    await page.getByRole('link', { name: /^Holes/ }).click();
    await expect(page.getByRole('row')).toHaveCount(7);
    await expect(page.getByRole('row').nth(1)).toContainText('85.182');
    // The shop's log has three more touches of the finder than when X was found.
    await expect(page.getByText(/good to X ±0.012 mm, Y ±0.012 mm/)).toBeVisible();
    await expectAccessible(page);
    await press(page, /Change this pattern/);
    const angle = page.getByRole('textbox', { name: 'First angle' });
    await angle.fill('quarter');
    await angle.press('Enter');
    await expect(page.getByText('Type the angle in degrees, as 15 or 22.5.')).toBeVisible();
    await expect(angle).toHaveValue('quarter');
    await angle.fill('30');
    await angle.press('Enter');
    await expect(page.getByRole('row').nth(1)).toContainText('82.785');
    await expect(page.getByRole('row').nth(1)).toContainText('70.000');

    await page.getByRole('radio', { name: 'Files' }).click();
    const saved = page.waitForEvent('download');
    await press(page, 'Save positions as CSV');
    const file = await saved;
    expect(file.suggestedFilename()).toBe('base-plate-knee-mill-positions.csv');
    expect(
      readFileSync(await file.path(), 'utf8')
        .split('\r\n')
        .slice(0, 2),
    ).toEqual([
      'pattern,hole,x,y,unit,angle_deg,diameter,depth,note',
      'Bearing screws,1,82.785,70.000,mm,30.000,4.200,9.500,',
    ]);

    await press(page, 'Go hole by hole');
    const toGo = page.getByRole('group', { name: 'Distance to go' });
    await expect(toGo).toHaveText('X+82.785Y+70.000');
    await expectAccessible(page);
    await expectWholeOnPage(page);
    await press(page, 'Next');
    await expect(toGo).toHaveText('X−20.785Y+12.000');
    await page.getByRole('button', { name: 'Back', exact: true }).click();
    await expect(toGo).toHaveText('X+82.785Y+70.000');
    for (let stop = 1; stop <= 12; stop += 1) {
      await expect(page.getByText(`Stop ${stop} of 12, ${stop - 1} done.`)).toBeVisible();
      await press(page, /^Log hole \d+ /);
    }
    await expect(page.getByText(/12 steps are marked done/)).toBeVisible();
    await expect(page.getByRole('row').nth(1)).toContainText('✓');
  });

  await test.step('after kill -9 all is there', async () => {
    await shop.kill();
    await shop.start();
    await page.evaluate(() => localStorage.clear());
    await page.goto(`${shop.url}/setup/base-plate-knee-mill/log`);
    await expect(page.getByText('12 readings, 1 struck out.')).toBeVisible();
    await expectAccessible(page);
    await page.goto(`${shop.url}/setup/base-plate-knee-mill/positions`);
    await expect(page.getByRole('row').nth(1)).toContainText('82.785');
    await page.goto(shop.url);
    await expect(page.getByRole('link', { name: /Base plate on the knee mill/ })).toContainText('X, Y and Z set.');
  });
});

test('a struck reading is restored from the log and counts again', async ({ page, shop }) => {
  await page.goto(`${shop.url}/setup/base-plate-knee-mill/log`);
  await openReading(page, 'Strike out', '189.995');
  await press(page, 'typed wrongly');
  await expect(page.getByText('3 readings, 1 struck out.')).toBeVisible();
  await openReading(page, 'Restore', '189.995');
  await expect(page.getByText('3 readings, none struck out.')).toBeVisible();
});

test('what cannot be a length is refused where it was typed, and stays', async ({ page, shop }) => {
  await page.goto(`${shop.url}/setup/base-plate-knee-mill/datum?f=face.left`);
  const field = page.getByRole('textbox');
  for (const [text, why] of [
    ['', 'Type what it shows'],
    ['1000000000', 'more than 10 metres'],
    ['1,234.5', 'Two decimal marks'],
    ['5 furlongs', '“furlongs” is not a unit'],
  ] as const) {
    await field.fill(text);
    await press(page, 'Log this reading');
    await expect(page.getByRole('alert')).toContainText(why);
    await expect(field).toHaveValue(text);
  }
  await expect(page.getByRole('link', { name: 'Log 3' })).toBeVisible();
});

test('opposite faces are held against the part’s size, and the likely slip is named', async ({ page, shop }) => {
  await page.goto(`${shop.url}/setup/base-plate-knee-mill/datum?f=face.left`);
  await logReadings(page, '-5.010');
  await page.goto(`${shop.url}/setup/base-plate-knee-mill/datum?f=face.right`);
  // One reading stands apart: that comes first, and nothing is said of the width.
  await expect(page.getByText(/Left and right are/)).toHaveCount(0);
  await press(page, 'Show the answer');
  await openReading(page, 'Strike out', '189.995');
  await press(page, 'misread');
  await expect(
    page.getByText(
      /Left and right are 184\.00\d mm apart ±0\.\d+ mm, which agrees with the part’s 184\.000 mm within ±0\.0\d+ mm/,
    ),
  ).toBeVisible();

  await page.goto(`${shop.url}/setup/base-plate-knee-mill/datum?f=face.front`);
  await logReadings(page, '-5.005');
  await page.goto(`${shop.url}/setup/base-plate-knee-mill/datum?f=face.back`);
  await logReadings(page, '111.010');
  await expect(page.getByRole('alert')).toContainText('Front and back are 106.015 mm apart');
  await expect(page.getByRole('alert')).toContainText('off by the finder’s whole diameter');
  await expectAccessible(page);
});

test('a part whose zero is its centre is set at the middle of two faces', async ({ page, shop }) => {
  await page.goto(`${shop.url}/setup/arm-bracket-trunnion/datum`);
  await expect(page.getByText(/Both faces across X are touched/)).toBeVisible();
  await press(page, /^Middle of left and right/);
  await press(page, 'Show the answer');
  const offset = page.getByRole('radio', { name: /^Work offset X −262\.20\d mm/ });
  await expect(offset).toBeChecked();
  await expect(page.getByText(/By halving: zero X at the left touch, and the middle reads \+38\.999 mm/)).toBeVisible();
  await press(page, /Show the working/);
  await expect(page.getByRole('group', { name: 'Working' })).toContainText('the contact’s radius cancels');
  await expectAccessible(page);
  await expectAccessible(page);
  await press(page, /^Log X offset/);
  await expect(page.getByText('X is set. Now Y: tap the front or the back face.')).toBeVisible();
});
