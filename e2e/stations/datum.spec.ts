import type { Page } from '@playwright/test';
import { expect, expectAccessible, expectWholeOnPage, test } from '../support/shop';

const press = (page: Page, name: string | RegExp) => page.getByRole('button', { name }).first().click();
const choose = (page: Page, name: string | RegExp) => page.getByRole('radio', { name }).first().click();

/** Taps a feature on the drawing: by its whole name, since mends name faces too. */
const tap = (page: Page, name: string | RegExp) => page.getByRole('button', { name, exact: true }).click();

/** Types what the scale shows, and where the other axis stands where that is asked. */
async function log(page: Page, value: string, across?: string): Promise<void> {
  const dock = page.getByRole('textbox');
  await dock.nth(0).fill(value);
  if (across !== undefined) await dock.nth(1).fill(across);
  await press(page, 'Log this reading');
  await expect(dock.nth(0)).toHaveValue('');
}

const datum = (url: string, setup: string, feature = '') =>
  `${url}/setup/${setup}/datum${feature === '' ? '' : `?f=${feature}`}`;

/** Sets X by the left and Y by the front face. */
async function setAtCorner(page: Page, url: string): Promise<void> {
  for (const feature of ['face.left', 'face.front']) {
    await page.goto(datum(url, 'base-plate-knee-mill', feature));
    await log(page, '-5.000');
    await press(page, 'Show the answer');
    await press(page, /^Log [XY] set to/);
  }
}

test('a corner by cutter and paper on the router', async ({ page, shop }) => {
  await page.goto(datum(shop.url, 'plinth-router'));
  await tap(page, 'front left corner');
  await press(page, /^with Touch plate/);
  await choose(page, /^Paper strip/);
  await expect(
    page.getByText(/with Paper strip: T1 End mill 10, three flutes, 10.000 mm, with 0.090 mm between/),
  ).toBeVisible();
  await expectAccessible(page);
  await expectWholeOnPage(page);
  await expect(page.getByText('Touch the front face, coming from the front.')).toBeVisible();
  await log(page, '84.91');
  await expect(page.getByText('Touch the left face, coming from the left.')).toBeVisible();
  await log(page, '112.43');
  await press(page, 'Show the answer');
  // 112.43 + 5 + 0.09, and 84.91 + 5 + 0.09, in machine coordinates.
  const move = page.getByRole('radio', {
    name: /^Raise the tool, move to X 117\.520, Y 90\.000 mm, then zero X and Y/,
  });
  await expect(move).toBeChecked();
  await expect(page.getByRole('radio', { name: /^Work offset X and Y X 117\.520, Y 90\.000/ })).toBeVisible();
  await expectAccessible(page);
  await press(page, 'Log X and Y set at the corner');
  await expect(page.getByText(/X and Y are set/)).toBeVisible();
});

test('the centre of the stock by halving', async ({ page, shop }) => {
  await page.goto(datum(shop.url, 'base-plate-knee-mill', 'middle.y'));
  await log(page, '-5.010');
  await expect(page.getByText('Touch the back face, coming from the back.')).toBeVisible();
  await log(page, '121.010');
  await expect(page.getByText(/Front and back are 116\.020 mm apart/)).toBeVisible();
  await press(page, 'Show the answer');
  await expect(
    page.getByText(/By halving: zero Y at the front touch, and the middle reads \+63\.010 mm/),
  ).toBeVisible();
  await expect(
    page.getByRole('radio', { name: /^Raise the tool, move Y to 58\.000 mm, then set Y to 58\.000 mm/ }),
  ).toBeChecked();
  await press(page, 'Log Y set at the middle');
  await expect(page.getByText('Y is set. Now X: tap the left or the right face.')).toBeVisible();
});

test('a bore by the probe, wall by wall and by points', async ({ page, shop }) => {
  await page.goto(datum(shop.url, 'arm-bracket-trunnion'));
  await tap(page, 'bore, hole 1');
  await expect(page.getByText(/In hole 1, touch the right wall/)).toBeVisible();
  await expectAccessible(page);
  await log(page, '-285.202');
  await log(page, '-289.206');
  await expect(page.getByText(/First move X to its centre, −287\.204 mm/)).toBeVisible();
  await log(page, '-150.000');
  await log(page, '-154.002');
  await press(page, 'Show the answer');
  await expect(page.getByText(/Diameter 7\.998 mm ±/)).toBeVisible();
  // Hole 1 is at X -25, Y 0 of a part zeroed at its centre.
  await expect(page.getByRole('radio', { name: /^Work offset X and Y X −262\.204, Y −152\.001 mm/ })).toBeChecked();
  await press(page, 'Take another reading');
  await choose(page, 'three points or more');
  await expect(page.getByText(/Point 1: in hole 1/)).toBeVisible();
  await log(page, '-285.202', '-152.001');
  await log(page, '-149.999', '-287.204');
  await log(page, '-289.206', '-152.001');
  await press(page, 'Show the answer');
  await expect(page.getByRole('radio', { name: /^Work offset X and Y X −262\.204, Y −152\.00/ })).toBeChecked();
});

test('a corner with the part’s skew, which is carried into every position', async ({ page, shop }) => {
  await page.goto(datum(shop.url, 'base-plate-knee-mill', 'corner.front-left'));
  await choose(page, /^two and one/);
  await expect(page.getByText(/near its left end/)).toBeVisible();
  await page.getByRole('textbox').nth(0).fill('-6.8121');
  await press(page, 'Enter X where it is');
  await press(page, 'Log this reading');
  await expect(page.getByRole('alert')).toContainText('Type what X shows');
  await log(page, '-6.8121', '15');
  await expect(page.getByText(/near its right end/)).toBeVisible();
  await log(page, '-5.9568', '155');
  await log(page, '-1.9167', '20');
  await press(page, 'Show the answer');
  await expect(page.getByText(/The part is rotated 0\.350°|The part is rotated \+0\.350°/)).toBeVisible();
  await expectAccessible(page);
  await press(page, /^Rotate the coordinates/);
  await expect(page.getByText(/every position is turned 0\.350° with the part/)).toBeVisible();
  await press(page, 'Log X and Y set at the corner');
  await page.getByRole('link', { name: /^Holes/ }).click();
  await expect(page.getByText(/The part is rotated \+0\.350°/)).toBeVisible();
});

test('the planted slip of the demo is named, and put right in the log by one press', async ({ page, shop }) => {
  await page.goto(datum(shop.url, 'base-plate-knee-mill'));
  const alert = page.getByRole('alert');
  await expect(alert).toContainText('One reading of the right face is 189.995 mm');
  await expect(alert).toContainText('One figure may be misread: it is off by 1 mm');
  await expectAccessible(page);
  await press(page, 'Right face: strike out 189.995, log 188.995 mm');
  await expect(alert).toHaveCount(0);
  await page.reload();
  await expect(page.getByText('Found so far')).toBeVisible();
  await expect(page.getByRole('alert')).toHaveCount(0);
  await page.goto(`${shop.url}/setup/base-plate-knee-mill/log`);
  await expect(page.getByText('4 readings, 1 struck out.')).toBeVisible();
  await expect(page.getByText('struck out: one figure misread')).toBeVisible();
});

test('a mend that is not wanted is left, and the log is as it was', async ({ page, shop }) => {
  await page.goto(datum(shop.url, 'base-plate-knee-mill'));
  await press(page, 'Leave it as it is');
  await expect(page.getByRole('button', { name: /strike out/ })).toHaveCount(0);
  await expect(page.getByRole('link', { name: 'Log 3' })).toBeVisible();
});

test('every feature of the part and every method of the shop is at most three taps away', async ({ page, shop }) => {
  const url = datum(shop.url, 'base-plate-knee-mill');
  await page.goto(url);
  await expect(page.getByText(/Tap what you will touch/)).toBeVisible();
  const drawn = ['left face', 'right face', 'front face', 'back face', 'front left corner', 'front right corner'];
  for (const name of [...drawn, 'back left corner', 'back right corner', 'bore, hole 1']) {
    await tap(page, name);
    await expect(page, name).toHaveURL(/\?f=/);
    await page.goto(url);
  }
  // What has no room for a finger on the drawing is listed: open, tap.
  for (const name of ['middle of left and right', 'bore, hole 2']) {
    const onDrawing = page.getByRole('button', { name, exact: true });
    if ((await onDrawing.count()) === 0) await press(page, /^More for this part/);
    await tap(page, name);
    await expect(page).toHaveURL(/\?f=/);
    await page.goto(url);
  }
  // Feature, what touches, method: three taps for each of them.
  for (const [feature, methods] of [
    [
      'left face',
      [
        'Probe',
        'Edge finder',
        'Bearing edge finder',
        'Gauge pin',
        'Electronic edge finder',
        'Paper strip',
        'Touch plate',
        'Corner plate',
      ],
    ],
    ['bore, hole 1', ['Probe', 'Gauge pin', 'Lever indicator', 'Centring plug']],
  ] as const) {
    for (const method of methods) {
      await page.goto(url);
      await tap(page, feature);
      await press(page, /^with /);
      await choose(page, new RegExp(`^${method}`));
      await expect(page.getByRole('button', { name: new RegExp(`^with ${method}`) })).toBeVisible();
    }
  }
  await page.goto(url);
  await tap(page, 'bore, hole 1');
  await press(page, /^Align on two holes/);
  await expect(page.getByText(/Choose the other hole/)).toBeVisible();
  await page
    .getByRole('button', { name: /^bore, hole/ })
    .first()
    .click();
  await expect(page.getByText(/Find both holes first/)).toBeVisible();
});

test('a sweep and a plug find a bore, and a plug only once it is confirmed', async ({ page, shop }) => {
  await page.goto(datum(shop.url, 'calendar-wheel-rotary', 'round.hole-1'));
  await choose(page, 'indicator sweep');
  for (const reading of ['0.06', '-0.02', '-0.04', '0.04']) await log(page, reading);
  await press(page, 'Show the answer');
  await expect(page.getByRole('radio', { name: /^Move by X −0\.050, Y \+0\.030 mm/ })).toBeVisible();
  await expectAccessible(page);
  await press(page, 'Take another reading');
  await choose(page, 'centring plug');
  await log(page, '120.005');
  await log(page, '80.010');
  await press(page, 'Show the answer');
  await expect(page.getByRole('radio', { name: /^Work offset X and Y X 120\.005, Y 80\.010/ })).toBeVisible();
});

test('a zero that was lost shows what still stands, and asks for that axis again', async ({ page, shop }) => {
  await page.goto(datum(shop.url, 'base-plate-knee-mill', 'face.left'));
  await log(page, '-5.010');
  await page.goto(datum(shop.url, 'base-plate-knee-mill', 'face.front'));
  await log(page, '-5.005');
  await page.goto(datum(shop.url, 'base-plate-knee-mill'));
  await press(page, /Scale, or a lost zero/);
  const list = page.getByRole('list', { name: 'What is still good' });
  await expect(list).toContainText('✓ left face');
  await press(page, 'X was zeroed by mistake');
  await expect(list).toContainText('✗ left face: touch it again');
  await expect(list).toContainText('✓ front face');
  await expectAccessible(page);
  await choose(page, 'DRO, INC');
  await expect(list).toContainText('✗ front face');
  await choose(page, 'DRO, ABS');
  await expect(list).toContainText('✓ front face');
});

test('a second datum on the part, and back again', async ({ page, shop }) => {
  await setAtCorner(page, shop.url);
  await press(page, /A second datum on this part/);
  await press(page, 'Add a local datum');
  await page.getByRole('textbox', { name: 'Name' }).fill('Bearing bore');
  await page.getByRole('textbox', { name: 'Name' }).press('Enter');
  await press(page, 'Save this datum');
  await expect(
    page.getByText(
      /Bearing bore: raise the tool, move to X \+62\.000, Y \+58\.000 mm, switch the DRO to INC and zero both there/,
    ),
  ).toBeVisible();
  await expectAccessible(page);
  await press(page, 'Log Bearing bore active');
  await expect(page.getByText('Active now: Bearing bore.')).toBeVisible();
  await page.getByRole('link', { name: /^Holes/ }).click();
  // 85.182 from part zero is 23.182 from the bore.
  await expect(page.getByRole('row').nth(1)).toContainText('23.182');
  await expect(page.getByText(/From Bearing bore/)).toBeVisible();
  await page.getByRole('link', { name: 'Datum' }).click();
  await press(page, /A second datum on this part/);
  await press(page, 'Log part zero active');
  await expect(page.getByText('Active now: part zero.')).toBeVisible();
});

test('a bore touched as a second zero never takes the first by a press in passing', async ({ page, shop }) => {
  await setAtCorner(page, shop.url);
  // What will stand above the working is fetched before a reading is logged: arriving later it would push down what is pressed.
  const more = page.waitForRequest(/FeatureMore/);
  await page.goto(datum(shop.url, 'base-plate-knee-mill', 'round.hole-1'));
  await more;
  // A bore of 26 with a 10 mm finder, its middle 0.010 off in X.
  for (const reading of ['70.010', '54.010', '66.000', '50.000']) await log(page, reading);
  await press(page, 'Show the answer');
  await press(page, /^Log X|^Log Y/);
  const dialog = page.getByRole('dialog', { name: 'Part zero is already set' });
  await expect(dialog).toContainText('X was set by the left face, Y was set by the front face.');
  await expect(dialog).toContainText('saved at X +62.010, Y +58.000 mm from part zero');
  await expectAccessible(page);
  await dialog.getByRole('button', { name: 'Keep it as a second zero' }).click();
  await expect(dialog).toHaveCount(0);
  await press(page, /A second datum on this part/);
  await expect(page.getByText(/move to X \+62\.010, Y \+58\.000 mm, switch the DRO to INC/)).toBeVisible();
  await expect(page.getByText('Active now: part zero.')).toBeVisible();
});

test('a hundred thousand trials bear the ± out', async ({ page, shop }) => {
  await page.goto(datum(shop.url, 'base-plate-knee-mill', 'face.left'));
  await log(page, '-5.010');
  await press(page, 'Show the answer');
  await press(page, /Where zero may be/);
  await press(page, 'Simulate 100,000 random cases');
  await expect(page.getByText(/Silver, 100,000 trials: X ±0\.0\d+ mm/)).toBeVisible();
  await expectAccessible(page);
});

test('a trial can be stopped while it runs', async ({ page, shop }) => {
  // A worker whose end never comes: the trial is under way for as long as the person lets it.
  await page.addInitScript(() => {
    const Real = window.Worker;
    window.Worker = class extends Real {
      // How far it is comes by a port of its own; only the answer comes this way.
      override addEventListener(type: string, ...rest: [EventListenerOrEventListenerObject]) {
        if (type !== 'message') super.addEventListener(type, ...rest);
      }
    };
  });
  await page.goto(datum(shop.url, 'base-plate-knee-mill', 'face.left'));
  await log(page, '-5.010');
  await press(page, 'Show the answer');
  await press(page, /Where zero may be/);
  await press(page, 'Simulate 100,000 random cases');
  await expect(page.getByRole('progressbar', { name: 'Simulation done' })).toBeVisible();
  await expectAccessible(page);
  await press(page, /^Stop the simulation/);
  await expect(page.getByRole('progressbar')).toHaveCount(0);
  await expect(page.getByRole('button', { name: 'Simulate 100,000 random cases' })).toBeVisible();
});

test('what is not drawn is drawn: a slot, found by its middle', async ({ page, shop }) => {
  await page.goto(datum(shop.url, 'base-plate-knee-mill'));
  await press(page, /Add a bore/);
  await press(page, 'Draw something on the part');
  await choose(page, 'slot or pocket');
  const name = page.getByRole('textbox', { name: 'Name' });
  await name.fill('key slot');
  await name.press('Enter');
  await press(page, 'Draw it on the part');
  await page.goto(datum(shop.url, 'base-plate-knee-mill'));
  await press(page, /^More for this part/);
  await press(page, /^left face of key slot/);
  await expect(page.getByText('Touch the left wall of key slot, from inside.')).toBeVisible();
});
