import { mkdtempSync, readFileSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { Page } from '@playwright/test';
import { expect, expectAccessible, openReading, expectWholeOnPage, test } from '../support/shop';

const PIVOTS = '/setup/pivots-bench-mill';
const PLATE = '/setup/base-plate-knee-mill';

const press = (page: Page, name: string | RegExp) => page.getByRole('button', { name, exact: true }).first().click();

/** A file of that name for the browser to choose. */
function fileOf(name: string, text: string): string {
  const file = join(mkdtempSync(join(tmpdir(), 'zero-point-holes-')), name);
  writeFileSync(file, text);
  return file;
}

const choose = (page: Page, file: string) => page.getByLabel('A file of holes').setInputFiles(file);

async function saved(page: Page, name: string): Promise<{ name: string; text: string }> {
  const download = page.waitForEvent('download');
  await press(page, name);
  const file = await download;
  return { name: file.suggestedFilename(), text: readFileSync(await file.path(), 'utf8') };
}

test('a dial mill: the order with fewest reversals, then turns and lines, kept through a kill', async ({
  page,
  killableShop: shop,
}) => {
  await page.goto(`${shop.url}${PIVOTS}/positions?show=order`);
  await page.getByRole('checkbox', { name: 'Corner holes' }).click();
  await expect(page.getByText(/^This order: [1-9]\d* reversals/)).toBeVisible();
  await page.getByRole('radio', { name: 'Fewest reversals' }).click();
  await expect(page.getByText('Best order: every order was compared.')).toBeVisible();
  await expect(page.getByText(/^This order: 2 reversals/)).toBeVisible();
  await expectAccessible(page);

  await press(page, 'Go hole by hole');
  // The shop's own was left days ago.
  await press(page, /^Nothing moved/);
  await expect(page.getByText('Spot hole 1 of Corner holes')).toBeVisible();
  await expect(page.getByText(/tool 3, Spot drill 6 in the spindle/)).toBeVisible();
  await expect(page.getByText(/Mark your zero: both dials at 0/)).toBeVisible();
  await expect(page.getByRole('group', { name: 'Turn X' })).toContainText('2 turns clockwise, then on to line 80');
  await expectAccessible(page);
  await expectWholeOnPage(page);
  await press(page, /^Log hole \d+ /);
  await expect(page.getByText(/^Stop 2 of 29, 1 done/)).toBeVisible();

  // A hole passed over leaves the machine where it was.
  await press(page, 'Next');
  await expect(page.getByText(/^Turn, from hole/)).toBeVisible();
  await press(page, 'The machine is still at hole 1, marked done last');
  await expect(page.getByText('Turn, from where it is:')).toBeVisible();
  await press(page, 'Back');

  // Back to the first: against the approach, so past it and back.
  await press(page, /The machine is somewhere else/);
  await page.getByRole('textbox', { name: 'X shows' }).fill('60t 0');
  await page.getByRole('textbox', { name: 'Y shows' }).fill('nowhere');
  await press(page, 'Continue from there');
  await expect(page.getByRole('alert')).toContainText('Y: ');
  await page.getByRole('textbox', { name: 'Y shows' }).fill('8');
  await press(page, 'Continue from there');
  await expect(page.getByText('Turn, from where it is:')).toBeVisible();
  await expect(page.getByRole('group', { name: 'Turn X' })).toContainText('Go past it and come back');

  await shop.kill();
  await shop.start();
  await page.evaluate(() => localStorage.clear());
  await page.goto(`${shop.url}${PIVOTS}/drive`);
  await expect(page.getByText(/^Stop 2 of 29, 1 done/)).toBeVisible();
});

test('by hand: a hole is put later by its arrow and dragged by key, and the drive follows', async ({ page, shop }) => {
  await page.goto(`${shop.url}${PIVOTS}/positions?show=order`);
  await page.getByRole('radio', { name: 'By hand' }).click();
  const rows = page.getByRole('list', { name: 'Order by hand' }).getByRole('listitem');
  await press(page, 'Pivots, hole 1 later');
  await expect(rows.first()).toContainText('Pivots, hole 2');
  await page.getByLabel('Drag Pivots, hole 7').focus();
  await page.keyboard.press('Space');
  await page.keyboard.press('ArrowUp');
  await expect(page.getByText('Pivots, hole 7 is over place 6.')).toBeAttached();
  await page.keyboard.press('Space');
  await expect(rows.nth(5)).toContainText('Pivots, hole 7');
  await expectAccessible(page);
  await press(page, 'Go hole by hole');
  await press(page, /^Nothing moved/);
  await expect(page.getByText('Spot hole 2')).toBeVisible();
});

test('a controller: coordinates as they are typed, and the same as a program', async ({ page, shop }) => {
  await page.goto(`${shop.url}/setup/arm-bracket-trunnion/drive`);
  await expect(page.getByRole('group', { name: 'Coordinates' })).toContainText('X');
  await expect(
    page.getByText(/^First raise the tool above every clamp, rapid override low. Then type: G21 G90 G54 G0 X/),
  ).toBeVisible();
  await page.keyboard.press('ArrowRight');
  await expect(page.getByText(/^Stop 2 of 4/)).toBeVisible();
  await page.getByRole('radio', { name: 'DRO' }).click();
  await expect(page.getByRole('group', { name: 'Distance to go' })).toBeVisible();
  await page.keyboard.press('d');
  await expect(page.getByText(/^Stop 3 of 4, 1 done/)).toBeVisible();

  await page.goto(`${shop.url}/setup/arm-bracket-trunnion/positions?show=files`);
  await press(page, /A program for a control/);
  await press(page, 'Write the program');
  await expect(page.getByRole('alert')).toContainText('First enter the clear height');
  const clear = page.getByRole('textbox', { name: 'Clear height above the part' });
  await clear.fill('1');
  await clear.press('Enter');
  await expect(page.getByText('Not below the height where feeding begins.')).toBeVisible();
  await clear.fill('25');
  await clear.press('Enter');
  const { name, text } = await saved(page, 'Write the program');
  expect(name).toBe('arm-bracket-trunnion-drill.nc');
  const lines = text.split('\n');
  const [tool, length, across] = ['T4 M6', 'G0 G43 H4 Z25.000', 'G0 X'].map((start) =>
    lines.findIndex((line) => line.startsWith(start)),
  );
  expect(tool).toBeGreaterThan(0);
  expect(length).toBeGreaterThan(tool ?? Infinity);
  expect(across).toBeGreaterThan(length ?? Infinity);
  // Blind: 8 at full diameter and the point of a 2.5 drill, in pecks.
  expect(text).toMatch(/G98 G83 Z-8\.751 R2\.000 Q2\.500 F\d+ X/);
  await page.getByRole('radio', { name: 'Plain moves' }).click();
  await page.getByRole('radio', { name: 'Incremental' }).click();
  const plain = (await saved(page, 'Write the program')).text;
  expect(plain).not.toMatch(/G8[1-9]/);
  expect(plain).toContain('G91');
  await expectAccessible(page);
});

test('holes that come out underneath: what lies there is asked before a program is written', async ({ page, shop }) => {
  await page.goto(`${shop.url}/setup/arm-bracket-trunnion/positions`);
  await press(page, /^(Edit|Change|Pattern)/);
  await page.getByRole('radio', { name: 'Through' }).click();
  await page.goto(`${shop.url}/setup/arm-bracket-trunnion/positions?show=files`);
  await press(page, /A program for a control/);
  const clear = page.getByRole('textbox', { name: 'Clear height above the part' });
  await clear.fill('25');
  await clear.press('Enter');
  await press(page, 'Write the program');
  await expect(page.getByRole('alert')).toContainText('comes out 1.251 mm under the part. Say what lies there');
  await page.getByRole('radio', { name: 'The table, vise or parallels' }).click();
  await expect(page.getByText(/The tools would cut what is below/)).toBeVisible();
  await press(page, 'Write the program');
  await expect(page.getByRole('alert')).toContainText('there is room for 0.000 mm');
  await page.getByRole('radio', { name: 'A spoil board they may cut' }).click();
  // How deep is asked, never assumed.
  await press(page, 'Write the program');
  await expect(page.getByRole('alert')).toContainText('there is room for 0.000 mm');
  const room = page.getByRole('textbox', { name: 'Depth they may cut into the board' });
  await room.fill('3');
  await room.press('Enter');
  expect((await saved(page, 'Write the program')).text).toContain('Z-23.251');
  await page.goto(`${shop.url}${PLATE}/positions?show=files`);
  await press(page, /A program for a control/);
  await expect(page.getByText(/^The knee mill has no control that could run a program/)).toBeVisible();
});

test('from a drawing to the drive: the unit asked, a layer left out, blocks named, driven', async ({ page, shop }) => {
  const circle = (layer: string, x: number, y: number) => ['0', 'CIRCLE', '8', layer, '10', x, '20', y, '40', '1.5'];
  const text = [
    ['0', 'SECTION', '2', 'ENTITIES'],
    circle('holes', 20, 30),
    circle('holes', 60, 45),
    circle('scrap', 1, 1),
    ['0', 'INSERT', '8', 'holes', '2', 'screw', '10', '1', '20', '1'],
    ['0', 'ENDSEC', '0', 'EOF', ''],
  ]
    .flat()
    .join('\n');
  await page.goto(`${shop.url}${PLATE}/positions?show=files`);
  await choose(page, fileOf('cover.dxf', text.slice(0, 120)));
  await expect(page.getByRole('alert')).toContainText('cut off: its end is missing');
  await choose(page, fileOf('cover.dxf', text));
  await expect(page.getByText('cover.dxf has no unit. Which unit is it in?')).toBeVisible();
  await press(page, 'Millimetres');
  await expect(page.getByText('cover.dxf: 3 holes, in millimetres.')).toBeVisible();
  await expect(page.getByText('Left out, not holes: 1 × block.')).toBeVisible();
  await page.getByRole('checkbox', { name: 'scrap' }).click();
  await expectAccessible(page);
  await press(page, 'Take 2 holes over');
  await expect(page.getByText('cover: 2 holes, single points.')).toBeVisible();
  await press(page, 'Go hole by hole');
  await expect(page.getByRole('group', { name: 'Distance to go' })).toHaveText('X+20.000Y+30.000');
  await press(page, /^Log hole \d+ /);
  await expect(page.getByRole('group', { name: 'Distance to go' })).toHaveText('X+40.000Y+15.000');
});

test('files that cannot be are refused in words, and what was there stays', async ({ page, shop }) => {
  await page.goto(`${shop.url}${PLATE}/positions?show=files`);
  const tooMany = Array.from({ length: 20_001 }, (_, i) => `${i % 180},${i % 110}`).join('\n');
  for (const [name, text, why] of [
    ['holes.csv', 'x,y\n10,5,20', /Row 2, column “x”.*decimal comma/],
    ['holes.csv', `x_mm,y\n${tooMany}`, /20001 holes; at most 20000/],
    ['holes.json', '{"format":', 'not JSON, or it is cut off'],
    ['part.nc', 'G21\nG2 X1 Y1 I1 J0', /no holes; it has 1 × arc/],
    ['part.nc', 'G21\nG1 X[#1]', /Line 2 cannot be read/],
    ['part.step', 'solid', /.csv, .json, .dxf or .nc file/],
  ] as const) {
    await choose(page, fileOf(name, text));
    await expect(page.getByRole('alert')).toContainText(why);
  }
  await page.getByRole('radio', { name: 'Holes' }).click();
  await expect(page.getByRole('row').nth(1)).toContainText('85.182');
  for (const [label, end] of [
    ['CSV', 'csv'],
    ['JSON', 'json'],
    ['DXF', 'dxf'],
    ['SVG drawing', 'svg'],
  ] as const) {
    await page.getByRole('radio', { name: 'Files' }).click();
    const file = await saved(page, `Save positions as ${label}`);
    expect(file.name).toBe(`base-plate-knee-mill-positions.${end}`);
    if (end === 'svg') continue;
    await choose(page, fileOf(file.name, file.text));
    await expect(page.getByText('base-plate-knee-mill-positions.' + end + ': 11 holes, in millimetres.')).toBeVisible();
    await press(page, 'Leave it');
  }
});

test('two thousand holes: read, ordered in a worker that can be stopped, and smooth to look through', async ({
  page,
  shop,
}) => {
  await page.goto(`${shop.url}${PIVOTS}/positions?show=files`);
  const holes = Array.from(
    { length: 2000 },
    (_, i) => `${2 + ((i * 37) % 1800) / 10},${2 + ((i * 91) % 1120) / 10},0.5`,
  );
  await choose(page, fileOf('sieve.csv', ['x_mm,y_mm,diameter_mm', ...holes].join('\n')));
  await press(page, 'Take 2000 holes over');
  await expect(page.getByText('sieve: 2000 holes, single points.')).toBeVisible();
  await page.getByRole('radio', { name: 'Holes', exact: true }).click();
  expect(await page.getByRole('row').count()).toBeLessThan(100);
  await page.getByRole('radio', { name: 'Order' }).click();
  // A slow machine searches to the end before a press from outside comes: stopped as soon as that is offered.
  const stopped = page.evaluate(
    () =>
      new Promise<void>((done) => {
        const seen = new MutationObserver(() => {
          const stop = document.evaluate(
            '//*[@role="button"][starts-with(., "Stop the search")]',
            document,
            null,
            XPathResult.FIRST_ORDERED_NODE_TYPE,
          ).singleNodeValue as HTMLElement | null;
          if (!stop) return;
          seen.disconnect();
          stop.click();
          done();
        });
        seen.observe(document.body, { childList: true, subtree: true, characterData: true });
      }),
  );
  await page.getByRole('radio', { name: 'Shortest way' }).click();
  await stopped;
  await expect(page.getByRole('progressbar')).toBeHidden();
  await expect(page.getByRole('radio', { name: 'As numbered' })).toBeChecked();
  await page.getByRole('radio', { name: 'Shortest way' }).click();
  await expect(page.getByText('Best order found in the search time.')).toBeVisible({ timeout: 20_000 });
  await press(page, 'Go hole by hole');
  await press(page, /^Nothing moved/);
  await expect(page.getByText(/^Stop 1 of 2000, 0 done/)).toBeVisible();
});

test('what cannot be drilled is said before it is: a circle of 500 on a plate of 184, and two circles as one', async ({
  page,
  shop,
}) => {
  await page.goto(`${shop.url}${PLATE}/positions`);
  await press(page, /Change this pattern/);
  await page.getByRole('textbox', { name: 'Circle diameter' }).fill('500');
  await page.getByRole('textbox', { name: 'Circle diameter' }).press('Enter');
  await page.getByRole('radio', { name: 'Checks' }).click();
  const findings = page.getByRole('list', { name: 'Findings' });
  await expect(findings).toContainText('much more than the part. Check the decimal point and the unit.');
  await expect(findings).toContainText('Hole 1 of Bearing screws is');
  await expectAccessible(page);
  await page.getByRole('checkbox', { name: /Spindle stopped over hole 1/ }).click();
  await expect(page.getByRole('checkbox', { name: /Spindle stopped over hole 1/ })).toBeChecked();
});

test('every kind of pattern is added, moved as a whole, taken apart, laid aside and taken up again', async ({
  page,
  shop,
}) => {
  await page.goto(`${shop.url}/setup/plinth-router/positions`);
  for (const [kind, sentence] of [
    ['Row', '5 holes, row.'],
    ['Grid', '16 holes, grid.'],
    ['Frame', '4 holes, frame.'],
    ['Polar list', '1 hole, polar list.'],
    ['Single points', '1 hole, single points.'],
  ] as const) {
    if (kind !== 'Row') await press(page, /Add a pattern/);
    await press(page, `Add: ${kind}`);
    await expect(page.getByText(sentence)).toBeVisible();
    await press(page, /Add a pattern/);
  }
  await press(page, /Change this pattern/);
  const points = page.getByRole('textbox', { name: 'Points' });
  await points.fill('10; 20; 5; 8; deep\n30,5; abc');
  await press(page, 'Use this table');
  await expect(page.getByRole('alert')).toContainText('Row 3, column “y”: “abc” is not a length');
  await points.fill('10; 20; 5; 8; deep\n30,5; 40');
  await press(page, 'Use this table');
  await expect(page.getByRole('row').nth(2)).toContainText('30.500');
  await press(page, /Mirror, rotate or shift the pattern/);
  await page.getByRole('radio', { name: 'Left to right' }).click();
  await expect(page.getByRole('row').nth(1)).toContainText('−10.000');
  await press(page, 'Copy it');
  await expect(page.getByText('Single points 5 copy: 2 holes, single points.')).toBeVisible();
  await expect(page.getByRole('row').nth(1)).toContainText('−5.000');
  await expectAccessible(page);
  await press(page, 'Set it aside');
  await press(page, /Set aside: 1/);
  await press(page, 'Use again: Single points 5 copy');
  await expect(page.getByText('Single points 5 copy: 2 holes, single points.')).toBeVisible();
});

test('a bore is crept to 26 H7: spring learned, last pass set, in size; oversize says what can be done', async ({
  page,
  shop,
}) => {
  await page.goto(`${shop.url}${PLATE}/size`);
  await expect(page.getByText('Measure bearing bore as it is, and log its diameter.')).toBeVisible();
  await expectWholeOnPage(page);
  const log = async (size: string, set?: string) => {
    // Every setting asks again whether the indicator is off the head.
    const off = page.getByRole('checkbox', { name: /indicator and keys off the head/ });
    if ((await off.count()) > 0) await off.click();
    if (set !== undefined) await page.getByRole('textbox', { name: /^Set to, on diameter/ }).fill(set);
    await page.getByRole('textbox', { name: /^Diameter (now|then)/ }).fill(size);
    await press(page, 'Log this reading');
  };
  await log('25.4');
  await expect(page.getByText(/^3 passes to go: set 25\.600 mm on the diameter/)).toBeVisible();
  await expect(page.getByText(/^Dial or indicator, on the radius: \+0\.100 mm, that is 20 lines/)).toBeVisible();
  // Until that is ticked there is nothing to type into.
  await expect(page.getByRole('textbox', { name: /^Diameter (now|then)/ })).toHaveCount(0);
  await log('25.560', '25.6');
  await log('25.752', '25.8');
  await expect(page.getByText(/the bar cuts 80\.0 % of what is set/)).toBeVisible();
  await log('25.9104', '25.95');
  await expect(page.getByText(/^Last pass: set 26\.030 mm on the diameter/)).toBeVisible();
  await expectAccessible(page);
  await press(page, /Working of the next setting/);
  await expect(page.getByRole('group', { name: 'Working' })).toContainText('for what the bar springs back');
  await log('26.008');
  await expect(page.getByText('In size: 26.008 mm. Stop here.')).toBeVisible();
  await openReading(page, 'Strike out', '26.008');
  await press(page, 'typed wrongly');
  await log('26.03');
  await expect(page.getByText('Oversize: 26.030 mm is 0.009 mm above the upper limit.')).toBeVisible();
  await expect(page.getByRole('list', { name: 'What can be done' })).toContainText('Bush it');

  const fit = page.getByRole('textbox', { name: 'Fit' });
  await fit.fill('26 h7');
  await fit.press('Enter');
  await expect(page.getByRole('alert')).toContainText('small letters is a shaft');
  await fit.fill('26 H8');
  await fit.press('Enter');
  await expect(page.getByText(/limits 26\.000 to 26\.033 mm, 26 H8/)).toBeVisible();
  await expect(page.getByText('In size: 26.030 mm. Stop here.')).toBeVisible();
});

test('a face is brought down in equal passes at a speed this machine has', async ({ page, shop }) => {
  await page.goto(`${shop.url}${PLATE}/size`);
  await page.getByRole('radio', { name: 'Face to height' }).click();
  await expect(page.getByText('2 equal passes of 0.325 mm, then a finishing pass of 0.150 mm.')).toBeVisible();
  await expect(page.getByRole('group', { name: 'Speed and feed' })).toContainText('1751');
  const remove = page.getByRole('textbox', { name: 'To remove' });
  await remove.fill('2.3');
  await remove.press('Enter');
  await expect(page.getByText('7 equal passes of 0.307 mm, then a finishing pass of 0.150 mm.')).toBeVisible();
  await page.getByRole('radio', { name: 'Carbide' }).click();
  await expect(page.getByText('The fastest rpm this machine reaches is used instead.')).toBeVisible();
  await expect(page.getByText('Brass is cut dry.')).toBeVisible();
  await expectAccessible(page);
});
