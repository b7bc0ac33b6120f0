import { readFileSync } from 'node:fs';
import type { Page } from '@playwright/test';
import { expect, expectAccessible, test } from '../support/shop';

const press = (page: Page, name: string | RegExp) => page.getByRole('button', { name }).first().click();

/** Ticks the caution that stands where the keypad will be, and logs Z. */
async function touch(page: Page, z: string): Promise<void> {
  await page.getByRole('checkbox', { name: /Never lower a tool onto a gauge/ }).click();
  await again(page, z);
}

/** Logs Z once more with the same tool on the gauge: the caution stays ticked. */
async function again(page: Page, z: string): Promise<void> {
  const field = page.getByRole('textbox', { name: /^Z with tool/ });
  await field.fill(z);
  await press(page, 'Log this reading');
  await expect(field).toHaveValue('');
}

/** Turns to another part of Heights. */
const show = (page: Page, name: RegExp) => page.getByRole('radio', { name }).click();

const heights = (url: string, setup: string, tool?: number) =>
  `${url}/setup/${setup}/heights${tool === undefined ? '' : `?tool=${tool}`}`;

/** Tool 1 at 37.42 and tool 2 at 25.11 on the 10 mm block. */
async function twoTools(page: Page, url: string): Promise<void> {
  await page.goto(heights(url, 'base-plate-knee-mill'));
  await touch(page, '37.42');
  await page.goto(heights(url, 'base-plate-knee-mill', 2));
  await touch(page, '25.11');
}

/** The table of two touched tools, kept the way asked for. */
async function keptAs(page: Page, url: string, school: string): Promise<ReturnType<Page['getByRole']>> {
  await twoTools(page, url);
  await show(page, /^tool table/);
  await press(page, /Store lengths another way/);
  await page.getByRole('radio', { name: school }).click();
  return page.getByRole('list', { name: 'Tool lengths' });
}

test('against a reference tool: shorter has a minus, and it must come back at the end', async ({ page, shop }) => {
  await twoTools(page, shop.url);
  await show(page, /^tool table/);
  const list = page.getByRole('list', { name: 'Tool lengths' });
  await expect(list).toContainText('−12.310 mm');
  await expect(list).toContainText('shorter than the reference tool, ±0.040 mm');
  await expectAccessible(page);
  await page.goto(heights(shop.url, 'base-plate-knee-mill', 1));
  await expect(
    page.getByText(/At the end touch the gauge with tool 1 again: Z must come back to 37\.420 mm ±/),
  ).toBeVisible();
  await touch(page, '37.92');
  await expect(page.getByText(/^✗ /).first()).toBeVisible();
});

test('touched off the part: lengths from the scale’s zero, the gauge taken off once; back again unchanged', async ({
  page,
  shop,
}) => {
  const list = await keptAs(page, shop.url, 'touched off the part');
  await expect(list).toContainText('+27.420 mm');
  await expect(list).toContainText('+15.110 mm');
  await expect(page.getByText(/already taken off every number here/)).toBeVisible();
  await page.getByRole('radio', { name: 'against a reference tool' }).click();
  await expect(list).toContainText('−12.310 mm');
});

test('true length: a master tool says where the gauge line is', async ({ page, shop }) => {
  const list = await keptAs(page, shop.url, 'true length, from a master');
  await expect(page.getByText(/Touch it with a master tool of known length/)).toBeVisible();
  const master = page.getByRole('textbox', { name: /^Z with Master tool 100/ });
  await master.fill('50');
  await master.press('Enter');
  // The master of 99.998 at 50 puts the gauge line at -49.998.
  await expect(list).toContainText('87.418 mm');
  await expect(list).toContainText('75.108 mm');
});

test('touched again at every change: no lengths are kept, the page leads to the spot instead', async ({
  page,
  shop,
}) => {
  await keptAs(page, shop.url, 'touched again at every change');
  // Z was not set yet: the tool that sets it comes first.
  await expect(page.getByText('Set Z with T1 or the probe first.')).toBeVisible();
  await expect(page.getByRole('list', { name: 'Tool lengths' })).toHaveCount(0);
  await expectAccessible(page);
  await press(page, 'Set Z with tool 1');
  await page.getByRole('checkbox', { name: /Never lower a tool onto a gauge/ }).click();
  await press(page, 'Show the answer');
  await press(page, /^Log Z set to/);
  await expect(page.getByText('Where do all tools touch off?')).toBeVisible();
  await expectAccessible(page);
  // Set on the block that lies on the part: where nothing is cut there, that is the spot's figure already.
  await page.getByRole('radio', { name: 'on the part, not cut' }).click();
  await press(page, 'Use this spot');
  await press(page, 'Still where Z was set: log +10.000 mm');
  await expect(page.getByText(/^On the spot: Z \+10\.000 mm ±/)).toBeVisible();
  await expectAccessible(page);
});

test('a probe of calibrated length finds Z for the reference tool', async ({ page, shop }) => {
  const path = `${shop.url}/api/setups/arm-bracket-trunnion`;
  const { setup, versions } = await (await page.request.get(path)).json();
  const body = { ...setup, heightGaugeId: 'probe-4' };
  await page.request.put(`${path}/plan`, { data: { version: 'by-probe', began: versions.plan, body } });
  await page.goto(heights(shop.url, 'arm-bracket-trunnion'));
  // Where it sits is asked before anything is logged.
  await expect(page.getByText('First say where the probe sits.').first()).toBeVisible();
  await page.getByRole('radio', { name: 'in the spindle' }).click();
  await expect(page.getByText(/^Touch the surface with the probe in the spindle/)).toBeVisible();
  await show(page, /air cut/);
  const longer = page.getByRole('textbox', { name: 'Longer than tool 5' });
  await longer.fill('12.5');
  await longer.press('Enter');
  await show(page, /^touching/);
  await page.getByRole('checkbox').first().click();
  await again(page, '-212.4');
  await press(page, 'Show the answer');
  await expect(page.getByRole('radio', { name: /12\.500/ }).first()).toBeVisible();
  await press(page, /Show the working/);
  await expect(page.getByRole('group', { name: 'Working' })).toContainText('probe longer than the reference tool');
});

test('a plate is asked for by caliper, and what its marking would have done is said', async ({ page, shop }) => {
  await page.goto(heights(shop.url, 'plinth-router'));
  await expect(page.getByText('Measure the plate by caliper. Do not trust its marking.')).toBeVisible();
  const field = page.getByRole('textbox', { name: /Touch plate.*by caliper/ });
  await field.fill('0');
  await field.press('Enter');
  await expect(page.getByText('The thickness must be greater than zero.')).toBeVisible();
  await field.fill('12.42');
  await field.press('Enter');
  await expect(page.getByText(/By its marking every tool would dig in 0\.280 mm/)).toBeVisible();
  await expect(page.getByText('digs in 0.280 mm by the marking')).toBeVisible();
  await expectAccessible(page);
});

test('another gauge is taken where heights are found, and the touch is told for that one', async ({ page, shop }) => {
  await page.goto(heights(shop.url, 'plinth-router'));
  await expect(page.getByText(/^Put the 12\.700 mm touch plate under tool 1/)).toBeVisible();
  await show(page, /^gauge, air cut/);
  await page.getByRole('radiogroup', { name: 'Gauge for heights' }).getByRole('radio', { name: /paper/i }).click();
  await expectAccessible(page);
  await show(page, /^touching/);
  await expect(page.getByText(/paper strip under tool 1, the reference/)).toBeVisible();
});

test('a pass in the air is marked on every screen until it is put back', async ({ page, shop }) => {
  await page.goto(heights(shop.url, 'base-plate-knee-mill'));
  await show(page, /air cut/);
  const lift = page.getByRole('textbox', { name: /Z offset for the air cut/ });
  await lift.fill('5');
  await lift.press('Enter');
  const banner = page.getByText(/Z zero raised by 5\.000 mm for the air cut/);
  // Asked for is not lifted: Z was set on paper only once it is logged as set.
  await expect(page.getByText(/Not raised yet: touch the gauge with tool 1, and\s+set Z/)).toBeVisible();
  await expect(banner).toHaveCount(0);
  await show(page, /^touching/);
  await touch(page, '37.42');
  await press(page, 'Show the answer');
  await expect(page.getByRole('radio', { name: /^Set Z to 5\.000/ })).toBeVisible();
  await expect(banner).toHaveCount(0);
  await press(page, /^Log Z set to/);
  await expect(banner).toBeVisible();
  await page.getByRole('link', { name: /^Holes/ }).click();
  await expect(banner).toBeVisible();
  await expectAccessible(page);
  await page.getByRole('link', { name: /^Z & tools/ }).click();
  await show(page, /air cut/);
  await lift.fill('0');
  await lift.press('Enter');
  await expect(
    page.getByText(/Z zero raised by 5\.000 mm for the air cut\. Touch the gauge and set Z to put it back/),
  ).toBeVisible();
  await page.goto(heights(shop.url, 'base-plate-knee-mill', 1));
  await touch(page, '5.005');
  await press(page, 'Show the answer');
  await press(page, /^Log Z set to/);
  await expect(page.getByText(/Z zero raised by/)).toHaveCount(0);
});

test('kept lengths catch the gauge that was forgotten; files go out and in with a preview', async ({ page, shop }) => {
  await twoTools(page, shop.url);
  await show(page, /^tool table/);
  await expect(page.getByText(/^Tools 3, 4, 6 have no length/)).toBeVisible();
  await press(page, 'Save these for the machine');
  await expect(page.getByText('Kept: −12.310 mm')).toBeVisible();

  // A readout has no table of its own that a program could fill.
  await expect(page.getByRole('button', { name: 'Program lines' })).toHaveCount(0);

  const file = page.getByLabel('A tool table as CSV');
  await file.setInputFiles({ name: 'bad.csv', mimeType: 'text/csv', buffer: Buffer.from('tool,length\n2,1\n2,3') });
  await expect(page.getByRole('alert')).toContainText('Row 3, column “tool”: tool 2 is already in row 2');
  await file.setInputFiles({
    name: 'new.csv',
    mimeType: 'text/csv',
    buffer: Buffer.from('tool,length\n2,-2.310\n4,6.5'),
  });
  await expect(page.getByText('new.csv would change 2 tools:')).toBeVisible();
  await expect(page.getByRole('row', { name: 'T2 −12.310 −2.310' })).toBeVisible();
  await expect(page.getByRole('row', { name: 'T4 new +6.500' })).toBeVisible();
  await expect(page.getByText('Kept: −12.310 mm')).toBeVisible();
  await press(page, 'Use these');
  // The kept length now lacks the gauge once: what was measured does not agree with it.
  await expect(page.getByRole('alert')).toContainText('off by the gauge’s thickness, once');
  await expectAccessible(page);
  await press(page, 'Tool 2 was re-clamped');
  await expect(page.getByRole('alert')).toHaveCount(0);
  await expect(page.getByText(/Tool 2 was re-clamped, ground or exchanged since its length was taken/)).toBeVisible();
});

test('a tool that was ground has no length in any machine until it is touched off again', async ({ page, shop }) => {
  await twoTools(page, shop.url);
  await show(page, /^tool table/);
  const list = page.getByRole('list', { name: 'Tool lengths' });
  await expect(list).toContainText('−12.310 mm');
  await press(page, 'Save these for the machine');
  await expect(page.getByText('Kept: −12.310 mm')).toBeVisible();
  await page.goto(`${shop.url}/shop/cutters/drill-4-2`);
  await press(page, 'It was damaged or changed');
  await press(page, 'Reground, or new inserts');
  await expect(page.getByText(/is not valid in any machine until it is touched off again/)).toBeVisible();
  await expectAccessible(page);
  await press(page, 'Yes, from now on');
  await page.goto(`${heights(shop.url, 'base-plate-knee-mill', 2)}&show=table`);
  await expect(page.getByText(/Tool 2 was re-clamped, ground or exchanged since its length was taken/)).toBeVisible();
  await expect(list).not.toContainText('−12.310 mm');
  await page.goto(`${shop.url}/setup/base-plate-knee-mill/drive`);
  // Six are spotted by tool 3 first.
  for (let stop = 2; stop <= 7; stop += 1) {
    await page.getByRole('button', { name: 'Next', exact: true }).click();
    await expect(page.getByText(new RegExp(`^Stop ${stop} of 12`))).toBeVisible();
  }
  await expect(
    page.getByText(/^✗ Tool 2 was re-clamped, ground or exchanged: touch it off again in Z & tools/),
  ).toBeVisible();
  await page.goto(`${shop.url}/setup/base-plate-knee-mill/sheet`);
  await expect(page.getByText('changed: touch again')).toBeVisible();
  await page.goto(heights(shop.url, 'base-plate-knee-mill', 2));
  await touch(page, '25.31');
  await show(page, /^tool table/);
  await expect(list).toContainText('−12.110 mm');
});

test('the reference tool put back: every length held against it is open again, kept or touched', async ({
  page,
  shop,
}) => {
  await twoTools(page, shop.url);
  await show(page, /^tool table/);
  const list = page.getByRole('list', { name: 'Tool lengths' });
  // Nothing is kept yet: what was only touched here can be told of all the same.
  await press(page, 'Tool 1 was re-clamped');
  await expect(list).toContainText('Tool 1 was re-clamped, ground or exchanged since its length was taken.');
  await expect(list).not.toContainText('−12.310 mm');
  await page.goto(heights(shop.url, 'base-plate-knee-mill'));
  await touch(page, '37.62');
  await page.goto(heights(shop.url, 'base-plate-knee-mill', 2));
  await touch(page, '25.11');
  await show(page, /^tool table/);
  await press(page, 'Save these for the machine');
  await expect(list).toContainText('Kept: −12.510 mm');
  await press(page, 'Tool 1 was re-clamped');
  await expect(list).toContainText('Tool 2 was compared with the reference tool before it changed.');
  await page.goto(`${shop.url}/setup/base-plate-knee-mill/sheet`);
  await expect(page.getByText('reference changed')).toBeVisible();
  await expectAccessible(page);
});

test('rows of the table are written in the controller’s own words, and not where nobody said them', async ({
  page,
  shop,
}) => {
  await page.goto(`${heights(shop.url, 'arm-bracket-trunnion', 1)}&show=table`);
  const saved = page.waitForEvent('download');
  await press(page, 'Program lines');
  expect(readFileSync(await (await saved).path(), 'utf8')).toContain('(Lengths kept reference-tool)\nG21\nG90');
  await page.getByRole('radio', { name: 'Plain moves' }).click();
  await expect(page.getByText(/^No drilling cycles: every move is written out/)).toBeVisible();
  await expect(page.getByRole('button', { name: 'Program lines' })).toHaveCount(0);
  await expectAccessible(page);
});

test('a tool that runs out too far is an alarm, and what is kept of it stays', async ({ page, shop }) => {
  await twoTools(page, shop.url);
  await show(page, /^tool table/);
  await press(page, 'Save these for the machine');
  await expect(page.getByText('Kept: −12.310 mm')).toBeVisible();
  await show(page, /^run-out/);
  for (const [tooth, value] of [
    ['tooth 1, 2.000 mm up', '0.03'],
    ['tooth 2, 2.000 mm up', '-0.01'],
  ] as const) {
    const field = page.getByRole('textbox', { name: tooth });
    await field.fill(value);
    await field.press('Enter');
  }
  const alarm = page.getByRole('alert');
  await expect(alarm).toContainText('Tool 2 runs out 0.040 mm');
  await expect(alarm).toContainText('its stored length and size are kept');
  await expectAccessible(page);
  // Measured again a millimetre shorter: the alarm keeps the machine's number as it was.
  await show(page, /^touching/);
  await again(page, '24.11');
  await again(page, '24.11');
  await show(page, /^tool table/);
  await press(page, 'Save these for the machine');
  await expect(page.getByText('Kept: −12.310 mm')).toBeVisible();
  await show(page, /^run-out/);
  await page.getByRole('checkbox', { name: /Measure only/ }).click();
  await show(page, /^tool table/);
  await press(page, 'Save these for the machine');
  await expect(page.getByText('Kept: −12.310 mm')).toHaveCount(0);
});

test('two hundred tools in the table: the last is as near as the first', async ({ page, shop }) => {
  const { tools } = (await (await page.request.get(`${shop.url}/api/magazines/knee-mill`)).json()) as {
    tools: { number: number; cutterId: string }[];
  };
  const save = async (path: string, body: object) => {
    const answer = await page.request.put(`${shop.url}/api/${path}`, {
      data: { version: 'more', began: 'first', body },
    });
    expect(answer.ok()).toBe(true);
  };
  for (let number = 7; number <= 200; number += 1) {
    await save(`cutters/tool-${number}`, { id: `tool-${number}`, name: `Tool ${number}`, diameter: 6 });
    tools.push({ number, cutterId: `tool-${number}` });
  }
  await save('magazines/knee-mill', { id: 'knee-mill', tools });
  await page.goto(`${heights(shop.url, 'base-plate-knee-mill', 200)}&show=table`);
  await expect(page.getByRole('button', { name: 'Tool 200, Tool 200' })).toBeVisible();
  const list = page.getByRole('list', { name: 'Tool lengths' });
  await expect(list.getByText('T1 End mill 10, three flutes')).toBeVisible();
  await list.evaluate((element) => {
    element.scrollTop = element.scrollHeight;
  });
  await expect
    .poll(async () => {
      await list.evaluate((element) => {
        element.scrollTop = element.scrollHeight;
      });
      return list.getByText('T200 Tool 200').count();
    })
    .toBe(1);
  await expectAccessible(page);
});
