import { join } from 'node:path';
import { tmpdir } from 'node:os';
import { mkdtempSync, writeFileSync } from 'node:fs';
import type { Page } from '@playwright/test';
import { expect, expectAccessible, openReading, expectWholeOnPage, expectOpened, test } from '../support/shop';

const BASE = '/setup/base-plate-knee-mill';
const WHEEL = '/setup/calendar-wheel-rotary';

const press = (page: Page, name: string | RegExp) => page.getByRole('button', { name }).first().click();

/** Logs one reading after the other, each answering the question that stands there. */
async function read(page: Page, ...texts: string[]): Promise<void> {
  for (const text of texts) {
    const place = page.locator('[role=main]').getByText(/ · pass \d+ · \d+ of \d+/);
    const before = await place.textContent();
    const entry = page.getByRole('textbox', { name: /^Dial at | on the |^[XY], at / });
    await entry.fill(text);
    await entry.press('Enter');
    await expect(page.getByText(before ?? '', { exact: true })).toHaveCount(0);
  }
}

test('the vise: two readings, a tap, and proven in line on the second pass', async ({ page, killableShop: shop }) => {
  await page.goto(`${shop.url}${BASE}/alignment`);
  await expectOpened(page);
  await expectAccessible(page);
  await expectWholeOnPage(page);
  await press(page, 'Vise or fence');
  await expect(page.getByText(/Bring the stylus to the jaw from your side, 0.000 mm from its left end/)).toBeVisible();
  await expectAccessible(page);
  await expectWholeOnPage(page);
  await read(page, '0', '0.058');
  await expect(page.getByText('Tap the right end back, away from you.')).toBeVisible();
  const answer = page.locator('[role=main]');
  await expect(answer).toContainText('Tap the right end by0.058mm');
  await expect(answer).toContainText('Reading there now+0.058mm');
  await expect(answer).toContainText('Reading there when right0.000mm');
  await expect(answer).toContainText('Not yet: out by 0.058 mm');
  await press(page, /Show the working/);
  await expect(page.getByRole('group', { name: 'Working' })).toContainText('over the whole length');
  await expectAccessible(page);

  await press(page, 'Corrected: read all places again');
  await expect(page.getByText(/pass 2 · 1 of 2/)).toBeVisible();
  await read(page, '0', '0.004');
  await expect(page.getByText('The jaw runs true.')).toBeVisible();
  await expect(
    page.getByRole('img', { name: /^Left after each pass: pass 1 −0\.058 mm, pass 2 −0\.004 mm/ }),
  ).toBeVisible();
  await press(page, 'Log as aligned');
  await expect(page.getByRole('button', { name: /^Vise or fence: in line/ })).toBeVisible();

  await shop.kill();
  await shop.start();
  await page.evaluate(() => localStorage.clear());
  await page.reload();
  await expect(page.getByRole('button', { name: /^Vise or fence: in line/ })).toBeVisible();
});

test('the indicator is swept with a finger and by keys, and says which way is plus', async ({ page, shop }) => {
  await page.goto(`${shop.url}${BASE}/alignment?task=vise`);
  await page.getByRole('textbox').fill('0');
  await page.getByRole('textbox').press('Enter');
  const dial = page.getByRole('slider', { name: 'Indicator, pressed in is plus' });
  await expect(dial).toBeVisible();
  const box = await dial.boundingBox();
  if (!box) throw new Error('no dial');
  const [cx, cy, r] = [box.x + box.width / 2, box.y + box.height / 2, box.width * 0.4];
  await page.mouse.move(cx, cy - r);
  await page.mouse.down();
  for (let i = 1; i <= 9; i += 1)
    await page.mouse.move(cx + r * Math.sin((i * Math.PI) / 18), cy - r * Math.cos((i * Math.PI) / 18));
  await page.mouse.up();
  // A quarter turn of a dial of 1 mm a turn, on lines of 0.01.
  await expect(page.getByRole('textbox')).toHaveValue(/^\+0\.2[45]0$/);
  await page.getByRole('textbox').fill('0');
  await dial.focus();
  await page.keyboard.press('ArrowUp');
  await page.keyboard.press('ArrowUp');
  await expect(page.getByRole('textbox')).toHaveValue('+0.020');
  await press(page, 'Log this reading');
  await expect(page.getByText('Tap the right end back, away from you.')).toBeVisible();
});

test('the head: caution ticked, four readings, and which way to turn and nod it', async ({ page, shop }) => {
  await page.goto(`${shop.url}${BASE}/alignment?task=head`);
  await expect(page.getByRole('textbox')).toHaveCount(0);
  await page.getByRole('checkbox', { name: /The head is heavy/ }).click();
  await read(page, '0', '0.10', '0', '-0.06');
  await expect(page.getByText(/Seen from the front, tram the head counter-clockwise/)).toContainText(
    'Nod the top of the head away from you',
  );
  const answer = page.locator('[role=main]');
  await expect(answer).toContainText('Tilt to the right+0.029°');
  await expect(answer).toContainText('per 100 mm+0.050mm');
  await expect(answer).toContainText('Per 6 in: +0.076 and −0.046 mm');
  await expectAccessible(page);
  await press(page, 'Corrected: read all places again');
  await read(page, '0', '0.002', '0', '-0.002');
  await expect(page.getByText('The head is square to the table.')).toBeVisible();
  await press(page, 'Log as aligned');
});

test('a part’s skew with an edge finder: it turns, so nobody is told to stop the spindle', async ({ page, shop }) => {
  await page.goto(`${shop.url}${BASE}/alignment?task=skew`);
  await expect(page.getByText(/Start the finder at 1000 rpm/)).toBeVisible();
  await expect(page.getByText(/Spindle stopped/)).toHaveCount(0);
});

test('a bore under the spindle by sweep, then by plug', async ({ page, shop }) => {
  await page.goto(`${shop.url}${WHEEL}/alignment?task=centre`);
  await read(page, '+0.06', '-0.02', '-0.04', '+0.04');
  const answer = page.locator('[role=main]');
  await expect(answer).toContainText('Move X by−0.050mm');
  await expect(answer).toContainText('Move Y by+0.030mm');
  await expect(answer).toContainText('Reading all round when right+0.010mm');
  await expectAccessible(page);
  await press(page, 'Corrected: read all places again');
  await read(page, '0.012', '0.010', '0.008', '0.010');
  await expect(page.getByText('The spindle is over the centre. Zero X and Y here.')).toBeVisible();

  await press(page, 'How it is read');
  await page.getByRole('radio', { name: 'Centring plug', exact: true }).click();
  await expect(page.getByText('Seat the plug in the bore, spindle stopped. What does X show?')).toBeVisible();
  await read(page, '62.010', '57.990');
  await expect(answer).toContainText('Centre X+62.010mm');
  await expect(page.getByText('Accepted without a check sweep.')).toBeVisible();
  // On a word it is not good enough for this job: the sweep is the next thing.
  await expect(page.getByRole('button', { name: 'Bolted, plug out: sweep it' })).toBeVisible();
  await expect(page.getByRole('button', { name: /^(Log as|Accept without|Rotate the)/ })).toHaveCount(0);
  await page.getByRole('radio', { name: 'A sweep afterwards' }).click();
  await expect(page.getByText('Confirmed by a sweep.')).toBeVisible();
  await expect(page.getByRole('button', { name: /sweep it/ })).toHaveCount(0);
});

test('a part in a chuck: flipped both ways, pushed, packed, and levelled', async ({ page, shop }) => {
  await page.goto(`${shop.url}${WHEEL}/alignment?task=chuck`);
  await read(page, '0', '-0.06', '-0.07', '0.01');
  const answer = page.locator('[role=main]');
  await expect(answer).toContainText('Mark 0° at the indicator: push away0.030mm');
  await expect(answer).toContainText('Mark 270° at the indicator: push away0.040mm');
  await expect(answer).toContainText('Off the axis by 0.050 mm, toward mark 307°');
  await press(page, 'How it is read');
  await page.getByRole('radio', { name: 'Three on a scroll' }).click();
  await expect(answer).toContainText('Shim0.075mm');
  await press(page, 'Corrected: read all places again');
  await read(page, '0', '0.002', '0', '0');
  await expect(page.getByText('The part runs true.')).toBeVisible();
  await press(page, 'Log as aligned');

  await press(page, 'Level on a rotary axis');
  await read(page, '0', '0.10');
  await expect(answer).toContainText('Turn the axis by+0.115°');
  await expect(page.getByText('Once it is level, make the rotary axis read zero.')).toBeVisible();
  await expectAccessible(page);
});

test('a part that lies turned: its angle is carried into every position', async ({ page, shop }) => {
  await page.goto(`${shop.url}${BASE}/alignment?task=skew`);
  await expect(page.getByText(/Touch the front face from the front, X 10.000 mm along it/)).toBeVisible();
  await read(page, '-3.812', '-2.811');
  const answer = page.locator('[role=main]');
  await expect(answer).toContainText('The part is rotated+0.350°');
  await expect(answer).toContainText('Tap the right end by1.123mm');
  await press(page, 'Carry +0.350° on');
  await press(page, 'Rotate the coordinates');
  await page.goto(`${shop.url}${BASE}/positions`);
  await expect(page.getByText(/The part is rotated \+0\.350°: these are carried with it/)).toBeVisible();
  await expect(page.getByRole('row').nth(1)).toContainText('84.789');
  await expectAccessible(page);
  const csv = await page.request.get(`${shop.url}/api/setups/base-plate-knee-mill/positions.csv`);
  expect(await csv.text()).toContain('Bearing screws,1,84.789,');
  await press(page, /Working of hole 1/);
  await expect(page.getByRole('group', { name: 'Working' })).toContainText('X on the turned part');
});

test('a sweep of 500 points from a file is fitted in a worker and kept', async ({ page, shop }) => {
  const file = join(mkdtempSync(join(tmpdir(), 'zero-point-sweep-')), 'wheel bore.csv');
  const lines = Array.from({ length: 500 }, (_, i) => {
    const t = (i * 2 * Math.PI) / 500;
    const reading = 0.05 * Math.cos(t) - 0.03 * Math.sin(t) + 0.003 * Math.cos(3 * t);
    return `${(i * 0.72).toFixed(2)},${reading.toFixed(4)}`;
  });
  writeFileSync(file, ['angle,reading_mm', ...lines].join('\r\n'));
  const wrong = join(tmpdir(), 'zero-point-wrong.csv');
  writeFileSync(wrong, 'angle,reading\n0,0.1\nninety,0.2\n');

  await page.goto(`${shop.url}${WHEEL}/alignment?task=centre`);
  await press(page, 'Read a sweep from a file');
  const choose = async (path: string) => {
    const chooser = page.waitForEvent('filechooser');
    await press(page, 'Choose a file');
    await (await chooser).setFiles(path);
  };
  await choose(wrong);
  await expect(page.getByRole('alert')).toContainText('Row 3, column angle: “ninety” is not an angle in degrees.');
  const worker = page.waitForEvent('worker');
  await choose(file);
  expect((await worker).url()).toMatch(/sweep-/);
  await expect(page.getByText('500 readings from wheel bore.csv. What the fit leaves:')).toBeVisible();
  await expect(page.getByRole('img', { name: /^Residuals of 500 readings, at most 0\.003/ })).toBeVisible();
  await press(page, 'Keep it as pass 1');
  const answer = page.locator('[role=main]');
  await expect(answer).toContainText('Move X by−0.050mm');
  await expect(answer).toContainText('Move Y by+0.030mm');
  await expectAccessible(page);
  await page.reload();
  await expect(answer).toContainText('Move X by−0.050mm');
});

test('what cannot be lined up is refused with the remedy, and nothing read is lost', async ({ page, shop }) => {
  await page.goto(`${shop.url}${BASE}/alignment?task=vise`);
  await press(page, 'How it is read');
  const last = page.getByRole('textbox', { name: 'Last place' });
  await last.fill('0');
  await last.press('Enter');
  await expect(page.getByText(/Both places are the same/)).toBeVisible();
  await expect(last).toHaveValue('0');
  await last.fill('120');
  await last.press('Enter');
  const pivot = page.getByRole('textbox', { name: 'Bolt that stays' });
  await pivot.fill('-40');
  await pivot.press('Enter');
  await expect(page.getByText(/That is outside the vise/)).toBeVisible();

  await page.goto(`${shop.url}${BASE}/alignment?task=vise`);
  await read(page, '0', '7');
  await expect(page.getByText(/beyond the indicator’s range/)).toBeVisible();
  await openReading(page, 'Strike out', '7.000');
  await press(page, 'misread');
  await expect(page.getByText(/pass 1 · 2 of 2/)).toBeVisible();

  await page.goto(`${shop.url}${WHEEL}/alignment?task=centre`);
  await press(page, 'How it is read');
  const angles = page.getByRole('textbox', { name: 'Angles read' });
  await angles.fill('2');
  await angles.press('Enter');
  await expect(page.getByText('Two angles do not fix the centre. Read at 3 or more.')).toBeVisible();
  const span = page.getByRole('textbox', { name: 'Spread over' });
  await span.fill('50');
  await span.press('Enter');
  await expect(page.getByText(/Angles within 60° do not fix the centre/)).toBeVisible();
});

test('a task that is not needed is skipped with a reason, which is kept', async ({ page, shop }) => {
  await page.goto(`${shop.url}${BASE}/alignment`);
  await press(page, 'Skip Head tram');
  await page.getByRole('button', { name: 'Skip', exact: true }).last().click();
  await expect(page.getByRole('alert')).toContainText('Type the reason');
  await expectAccessible(page);
  await press(page, 'indicated since it was last moved or bumped');
  await expect(page.getByText('skipped', { exact: true })).toBeVisible();
  await expect(page.getByRole('link', { name: 'Alignment, done' })).toBeVisible();
  const snapshot = (await (await page.request.get(`${shop.url}/api/setups/base-plate-knee-mill`)).json()) as {
    checks: unknown[];
  };
  expect(snapshot.checks).toMatchObject([
    { item: 'align-head', action: 'skip', reason: 'indicated since it was last moved or bumped' },
  ]);
});
