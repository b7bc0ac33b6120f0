import type { Page } from '@playwright/test';
import { handAt, test } from '../support/linked';
import { expect, expectAccessible, expectWholeOnPage, press, type RunningShop } from '../support/shop';

const LEFT = '/setup/base-plate-knee-mill/datum?f=face.left';

interface Stored {
  readings: { value: number; source: { by: string; link?: string; line?: string }; subject: { face?: string } }[];
  readBacks: { shown: number; source: { by: string } }[];
  zeroings: { axis: string; value: number }[];
}

const stored = async (page: Page, shop: RunningShop, setup: string): Promise<Stored> =>
  (await (await page.request.get(`${shop.url}/api/setups/${setup}`)).json()) as Stored;

const leftReadings = async (page: Page, shop: RunningShop) =>
  (await stored(page, shop, 'base-plate-knee-mill')).readings.filter(({ subject }) => subject.face === 'left');

/** Presses a step of the stand-in's handwheels so many times. */
async function turn(page: Page, name: string, times: number): Promise<void> {
  for (let i = 0; i < times; i += 1) await page.getByRole('button', { name, exact: true }).click();
}

test.use({ viewport: { width: 390, height: 664 } });

test('a reading is taken, not typed: what the DRO shows, with who said so and in what line', async ({
  page,
  shop,
  readout,
}) => {
  expect(readout.port()).toBeGreaterThan(0);
  await page.goto(shop.url + LEFT);
  await expect(page.getByRole('button', { name: 'Take it' })).toBeVisible();
  await expectWholeOnPage(page);
  await expectAccessible(page);
  // Turn its handwheels, on the phone as it has none of metal: a finder in, spindle on, and toward the part.
  await press(page, 'Handwheels');
  await press(page, 'In the spindle: nothing');
  await page.getByRole('menuitem', { name: 'Edge finder 10' }).click();
  const dialog = page.getByRole('dialog', { name: 'Simulated DRO' });
  await expect(dialog.getByText('The finder is stopped.')).toBeVisible();
  await page.getByRole('radio', { name: '1000' }).click();
  await expect(dialog.getByText('Its end swings.')).toBeVisible();
  await turn(page, 'X right by 1 mm', 3);
  await expect(
    page
      .getByLabel('X shows 3.000 mm', { exact: true })
      .or(page.getByLabel(/^X shows 2\.9\d\d mm/))
      .first(),
  ).toBeVisible();
  await expectAccessible(page);
  await press(page, 'Back to the page');
  expect(await leftReadings(page, shop)).toEqual([]);

  await press(page, 'Take it');
  await expect.poll(async () => (await leftReadings(page, shop)).length).toBe(1);
  const [taken] = await leftReadings(page, shop);
  expect(taken?.source).toMatchObject({ by: 'captured', link: 'Simulated DRO' });
  const line = JSON.parse(taken?.source.line ?? '{}') as { is: string; at: { x: number } };
  expect(line.is).toBe('position');
  expect(taken?.value).toBe(line.at.x);
  await expect(page.getByText('Log 4')).toBeVisible();
  // It can be typed as before.
  await press(page, 'Type it');
  await expect(page.getByRole('group', { name: 'Keypad' })).toBeVisible();
  await press(page, 'Take it from the link');
  await expect(page.getByRole('button', { name: 'Take it', exact: true })).toBeVisible();
  await page.goto(`${shop.url}/setup/base-plate-knee-mill/log`);
  await page.getByText('X, left face').first().click();
  await expect(page.getByText('taken from Simulated DRO')).toBeVisible();
});

test('the device’s own touch counts from when it is switched on, and only then', async ({ page, shop, readout }) => {
  expect(readout.port()).toBeGreaterThan(0);
  const hand = handAt(page, shop, 'knee-mill');
  await page.goto(shop.url + LEFT);
  await expect(page.getByRole('button', { name: 'Take it' })).toBeVisible();
  // Touched, and then set: what shows the second has heard the first, whose line came before it.
  await hand({ do: 'press' });
  await hand({ do: 'act', act: { do: 'set', axis: 'x', value: -5.015 } });
  await expect(page.getByLabel(/^X shows −5\.015 mm/)).toBeVisible();
  const own = page.getByRole('checkbox', { name: 'Log when its probe touches' });
  await own.click();
  await expect(own).toBeChecked();
  expect(await leftReadings(page, shop)).toEqual([]);
  await hand({ do: 'act', act: { do: 'set', axis: 'x', value: -5.01 } });
  await hand({ do: 'press' });
  await expect.poll(async () => (await leftReadings(page, shop)).map(({ value }) => value)).toEqual([-5.01]);
});

test('the cable pulled half-way: said, nothing stored, keys instead; and live again', async ({
  page,
  shop,
  readout,
}) => {
  const hand = handAt(page, shop, 'knee-mill');
  await page.goto(shop.url + LEFT);
  await hand({ do: 'act', act: { do: 'set', axis: 'x', value: -5.005 } });
  await expect(page.getByLabel(/^X shows −5\.005 mm/)).toBeVisible();
  await press(page, 'Take it');
  await expect.poll(async () => (await leftReadings(page, shop)).length).toBe(1);
  await readout.kill();
  // The keys are back, and what is typed is logged as ever.
  await expect(page.getByRole('group', { name: 'Keypad' })).toBeVisible();
  await expect(page.getByRole('button', { name: 'Take it' })).toHaveCount(0);
  await page.getByRole('textbox', { name: /^X on the DRO/ }).fill('-5.010');
  await press(page, 'Log this reading');
  await expect
    .poll(async () => (await leftReadings(page, shop)).map(({ source }) => source.by))
    .toEqual(['captured', 'typed']);
  await page.goto(`${shop.url}/shop/machines/knee-mill`);
  await press(page, 'Link: read its figures instead of typing');
  await expect(page.getByText(/^▲ .*is away\. Nothing listens there\. Is it switched on\?/)).toBeVisible();
  await expectAccessible(page);
  await readout.start();
  await expect(page.getByText('✓ Simulated DRO is live.')).toBeVisible();
  await page.goto(shop.url + LEFT);
  await expect(page.getByRole('button', { name: 'Take it' })).toBeVisible();
});

test('a link is set up in Shop: an address beyond the shop is refused, one of the shop connects, and it is taken away again', async ({
  page,
  shop,
  readout,
}) => {
  await page.goto(`${shop.url}/shop/machines/bench-mill`);
  await press(page, 'Link: read its figures instead of typing');
  await press(page, 'Link it');
  const address = page.getByRole('textbox', { name: 'Address' });
  await address.fill('8.8.8.8:80');
  await press(page, 'Connect');
  await expect(page.getByText(/^Only something in the shop can be linked/)).toBeVisible();
  await expect(address).toHaveValue('8.8.8.8:80');
  await address.fill(`127.0.0.1:${readout.port()}`);
  await press(page, 'Connect');
  await expect(page.getByText('✓ Simulated DRO is live.')).toBeVisible();
  await press(page, 'Remove the link');
  await expect(page.getByText(/^No link\./)).toBeVisible();
});

test('a whole setup at the control by taking alone: X and Y by its cycle, Z on a block, read back from its own offsets', async ({
  page,
  shop,
  control,
}) => {
  expect(control.port()).toBeGreaterThan(0);
  const hand = handAt(page, shop, 'trunnion-mill');
  const go = (axis: string, by: number) => hand({ do: 'act', act: { do: 'move', axis, by } });
  await page.goto(`${shop.url}/new`);
  await press(page, /^Trunnion mill/);
  await hand({ do: 'home' });
  await hand({ do: 'act', act: { do: 'hold', contact: 'probe-4' } });

  // X: beside the left face, low, and its cycle run.
  await go('y', 30);
  await go('z', -42);
  await page.getByRole('button', { name: 'left face', exact: true }).click();
  await page.getByRole('button', { name: /^with / }).click();
  await page
    .getByRole('radio', { name: 'the control’s result, ball already off' })
    .or(page.getByRole('radio', { name: /control.s result/ }))
    .first()
    .click();
  await page.getByRole('button', { name: /^with / }).click();
  await page.getByRole('radio', { name: /^Probe, 4 mm ball/ }).click();
  await expect(page.getByText('No cycle of this axis was run yet.')).toBeVisible();
  await hand({ do: 'probe', axis: 'x', way: 1 });
  await press(page, 'Take its result');
  await press(page, 'Show the answer');
  await press(page, /^Log [XYZ]/);

  const { id } = ((await (await page.request.get(`${shop.url}/api/setups`)).json()) as { id: string }[])[0] ?? {
    id: '',
  };
  const value = async (axis: string) =>
    (await stored(page, shop, id)).zeroings.findLast((one) => one.axis === axis)?.value;
  const readBacks = async () => (await stored(page, shop, id)).readBacks.map(({ source }) => source.by);
  await expect.poll(() => value('x')).toBeDefined();
  // At the control the hand enters it; the shop reads it back from there.
  await hand({ do: 'offset', name: 'G54', axis: 'x', value: await value('x') });
  await press(page, 'Ask the control');
  await expect(page.getByRole('button', { name: /^Use it: G54 / })).toBeVisible();
  await expectWholeOnPage(page);
  await press(page, /^Use it: G54 /);
  await expect.poll(readBacks).toEqual(['captured']);

  // Y: over the part, before its front face, low again.
  await go('z', 42);
  await go('x', 30);
  await go('y', -30);
  await go('z', -42);
  await page.getByRole('button', { name: 'front face', exact: true }).click();
  await page.getByRole('button', { name: /^with / }).click();
  await page.getByRole('radio', { name: /control’s result/ }).click();
  await expect(page.getByText('No cycle of this axis was run yet.')).toBeVisible();
  await hand({ do: 'probe', axis: 'y', way: 1 });
  await press(page, 'Take its result');
  await press(page, 'Show the answer');
  await press(page, /^Log [XYZ]/);
  await expect.poll(() => value('y')).toBeDefined();
  await hand({ do: 'offset', name: 'G54', axis: 'y', value: await value('y') });
  await press(page, 'Ask the control');
  await press(page, /^Use it: G54 /);
  await expect.poll(readBacks).toEqual(['captured', 'captured']);
  const { readings } = await stored(page, shop, id);
  for (const { source } of readings) expect(source).toMatchObject({ by: 'control', link: 'Simulated control' });

  // Z: the end mill raised past a block on the part's top until it slides under.
  await page.goto(`${shop.url}/setup/${id}/heights`);
  await page
    .getByRole('button', { name: /^gauge, air cut/ })
    .or(page.getByText('What is under the tool?'))
    .first()
    .waitFor();
  await page.getByRole('radio', { name: /^Gauge block 10/ }).click();
  await go('z', 60);
  await hand({ do: 'act', act: { do: 'hold', contact: 'end-mill-10' } });
  await go('y', 20);
  await hand({ do: 'act', act: { do: 'put', between: 'block-10' } });
  await raisePast(page, shop, hand);
  await page.getByRole('checkbox', { name: /^Spindle stopped/ }).click();
  await press(page, 'Take it');
  await press(page, 'Show the answer');
  await press(page, /^Log [XYZ]/);
  await expect.poll(() => value('z')).toBeDefined();
  await hand({ do: 'offset', name: 'G54', axis: 'z', value: await value('z') });
  await press(page, 'Ask the control');
  await press(page, /^Use it: G54 /);
  await expect.poll(readBacks).toEqual(['captured', 'captured', 'captured']);
  const all = await stored(page, shop, id);
  expect(all.readings.map(({ source }) => source.link)).toEqual(Array.from({ length: 3 }, () => 'Simulated control'));
});

interface Seen {
  machineId: string;
  position: { at: { z: number }; says: string };
}

/** What is seen of the stand-in at the trunnion mill. */
async function seen(page: Page, shop: RunningShop): Promise<Seen['position']> {
  const links = (await (await page.request.get(`${shop.url}/api/links`)).json()) as Seen[];
  const position = links.find(({ machineId }) => machineId === 'trunnion-mill')?.position;
  if (!position) throw new Error('the stand-in says nothing');
  return position;
}

/** Lowers beside the block until it does not go under, then raises by finer and finer steps until it just does. */
async function raisePast(page: Page, shop: RunningShop, hand: (what: object) => Promise<void>): Promise<void> {
  const step = async (by: number) => {
    const { z } = (await seen(page, shop)).at;
    await hand({ do: 'act', act: { do: 'move', axis: 'z', by } });
    await expect.poll(async () => (await seen(page, shop)).at.z !== z).toBe(true);
    return (await seen(page, shop)).says;
  };
  const goesUnder = (says: string) => !says.includes('does not go under');
  while (goesUnder(await step(-2)));
  for (const by of [0.2, 0.05, 0.01]) {
    while (!goesUnder(await step(by)));
    // Past it: down again, and come by the finer step.
    if (by > 0.01) await step(-by);
  }
}
