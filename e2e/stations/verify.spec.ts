import { expect, expectAccessible, logReading, test } from '../support/shop';

const file = (name: string, text: string | Buffer) => ({
  name,
  mimeType: 'text/plain',
  buffer: typeof text === 'string' ? Buffer.from(text) : text,
});

/** The arm bracket's plate is 74 × 38 × 22 with zero in its middle; nothing is set yet. */
const BRACKET = '/setup/arm-bracket-trunnion/verify?show=program';

const PROGRAM = `%
G21 G90 G17 G40 G80
T3 M6
S2400 M3
G54
G0 X-10 Y-5
G43 H2 Z30
G0 Z2
G1 Z-4 F200
X10 F400
G3 X10 Y5 I0 J5
G1 X-10
G0 Z30
M5
M30
%
`;

test('a program: what is found, worst first, its line under the cursor, both views, and a clamp in its way', async ({
  page,
  shop,
}) => {
  await page.goto(`${shop.url}${BRACKET}`);
  await page.getByLabel('A program to check').setInputFiles(file('arm.nc', PROGRAM));
  await expect(page.getByText(/^Do not run arm\.nc yet/)).toBeVisible();
  const found = page.getByRole('list', { name: 'What was found' });
  const first = await found.getByRole('button').first().getAttribute('aria-label');
  expect(first).toMatch(/^Mend/);
  await found.getByRole('button', { name: /Tool 3 runs by the length of row 2/ }).click();
  const line = page.getByRole('textbox', { name: /^Line of 16/ });
  await expect(line).toHaveValue('7');
  await expect(page.getByText('G43 H2 Z30', { exact: true })).toBeVisible();
  await page.getByRole('button', { name: 'Next line' }).click();
  await expect(line).toHaveValue('8');
  await page.getByRole('button', { name: 'Next line' }).click();
  await expect(page.getByText(/T3 · H2 · G54 · G90 · M3 S2400 · F 200 mm\/min/)).toBeVisible();
  await page.getByRole('button', { name: 'Line before' }).click();
  await expect(line).toHaveValue('8');
  await line.fill('11');
  await line.press('Enter');
  await expect(page.getByText('G3 X10 Y5 I0 J5', { exact: true })).toBeVisible();
  await page
    .getByRole('radio', { name: 'Front' })
    .or(page.getByRole('button', { name: 'Front' }))
    .first()
    .click();
  await expect(page.getByRole('img', { name: /from the front; rapids dashed, feeds solid/ })).toBeVisible();
  await expectAccessible(page);

  await page.getByRole('button', { name: /^Clamps, jaws and stock/ }).click();
  await page.getByRole('button', { name: 'Put a clamp at the left', exact: true }).click();
  // Dragged away from the part it stands as much further, on a round figure.
  const around = page.getByLabel(/with clamps and jaws, from above/);
  const left = page.getByRole('textbox', { name: 'Left, X' });
  const stands = async () => Number((await left.inputValue()).replace('−', '-'));
  const before = await stands();
  const at = await around.getByText('Clamp 1').boundingBox();
  if (!at) throw new Error('no clamp on the drawing');
  await page.mouse.move(at.x + 8, at.y + 8);
  await page.mouse.down();
  await page.mouse.move(at.x - 8, at.y + 8, { steps: 4 });
  await page.mouse.move(at.x - 24, at.y + 8, { steps: 4 });
  await page.mouse.up();
  await expect.poll(stands).toBeLessThan(before - 2);
  expect(Number.isInteger((await stands()) * 2)).toBe(true);
  await page.getByRole('button', { name: 'Put a clamp at the front', exact: true }).click();
  await expect(page.getByText('▲ Something was set or changed since. Check it again.')).toBeVisible();
  await page.getByRole('button', { name: 'Check again' }).click();
  await expect(found.getByText('Tool 3 runs into Clamp 2.')).toBeVisible();

  await page.getByRole('button', { name: 'What the program uses, and what is set' }).click();
  const beside = page.getByRole('table', { name: 'Program compared with the setup' });
  await expect(beside.getByRole('row').filter({ hasText: 'Tool 3, lowest' })).toContainText('−4.000 mm');
  await expect(beside.getByRole('row').filter({ hasText: 'Zero' })).toContainText('X, Y, Z not set');

  // What was checked is on record, and on the sheet.
  await page.goto(`${shop.url}/setup/arm-bracket-trunnion/sheet`);
  await expect(page.getByText(/Program arm\.nc, checked .*: \d+ to mend/)).toBeVisible();
});

test('a program written again since is read again at a press, without choosing it again', async ({ page, shop }) => {
  // A file of the browser's own store stands for one of the device: its handle is the same kind of thing.
  await page.addInitScript(() => {
    const program = async () => (await navigator.storage.getDirectory()).getFileHandle('arm.nc', { create: true });
    const write = async (text: string) => {
      const sheet = await (await program()).createWritable();
      await sheet.write(text);
      await sheet.close();
    };
    Object.assign(window, { showOpenFilePicker: async () => [await program()], writeProgram: write });
  });
  await page.goto(`${shop.url}/setup/arm-bracket-trunnion/verify?show=program`);
  const write = (text: string) =>
    page.evaluate(
      (now) => (window as unknown as { writeProgram: (text: string) => Promise<void> }).writeProgram(now),
      text,
    );
  const bare = PROGRAM.replace(/F\d+/g, '');
  await write(bare);
  await page.getByRole('button', { name: 'Choose the program' }).click();
  const found = page.getByRole('list', { name: 'What was found' });
  await expect(found.getByText('Feed move without a feed rate (F).')).toBeVisible();
  await write(PROGRAM);
  await page.getByRole('button', { name: 'Check again' }).click();
  await expect(found.getByText('Feed move without a feed rate (F).')).toBeHidden();
  await expect(found.getByRole('button').first()).toBeVisible();
});

test('what is no program, cut off, or has sums in it: words, and how far it was read', async ({ page, shop }) => {
  await page.goto(`${shop.url}${BRACKET}`);
  const pick = page.getByLabel('A program to check');
  await pick.setInputFiles(file('photo.nc', Buffer.from([0x89, 0x50, 0x4e, 0x47, 0, 1, 2, 3, 0, 0, 0, 13, 0, 0, 1])));
  await expect(page.getByRole('alert')).toContainText('This is no program: a picture, or another file');
  await pick.setInputFiles(file('empty.nc', '  \n'));
  await expect(page.getByRole('alert')).toContainText('The file is empty');
  await pick.setInputFiles(file('sums.nc', PROGRAM.replace('X10 F400', 'X[#1+2] F400')));
  await expect(page.getByText(/It was read only to line 10 only/)).toBeVisible();
  await expect(page.getByText(/This line has a variable, a sum or a condition: “X\[#1\+2\] F400”/)).toBeVisible();
});

test('a program of two million letters in one line, and one of 300 000 moves, keep the page answering', async ({
  page,
  shop,
}) => {
  await page.goto(`${shop.url}${BRACKET}`);
  const pick = page.getByLabel('A program to check');
  await pick.setInputFiles(file('one.nc', 'X1.0 '.repeat(400_000)));
  await expect(page.getByText(/longer than 10 000 characters/)).toBeVisible();
  const moves = Array.from(
    { length: 300_000 },
    (_, i) => `X${(i % 60) - 30} Y${((i / 60) % 30) - 15} Z-${1 + (i % 3)}`,
  );
  await page
    .getByLabel('A program to check')
    .last()
    .setInputFiles(
      file('many.nc', `G21 G90 G54\nT2 M6\nS2000 M3\nG0 X0 Y0\nG43 H2 Z30\nG1 Z-1 F300\n${moves.join('\n')}\nM30\n`),
    );
  await expect(page.getByRole('textbox', { name: /^Line of 300007/ })).toBeVisible();
  const drawn = page
    .getByRole('img', { name: /The program’s path from above/ })
    .locator('path')
    .last();
  await expect(drawn).toBeVisible();
  // However many moves, no more is drawn than the drawing has dots.
  expect((await drawn.getAttribute('d'))?.length ?? 0).toBeLessThan(1_500_000);
  await page.getByRole('button', { name: 'Nearer' }).click();
  await expect(drawn).toBeVisible();

  // Dragged, the sheet goes along with the finger; let go, its lines are drawn where they are now.
  const sheet = page.getByRole('img', { name: /The program’s path from above/ });
  const before = await drawn.getAttribute('d');
  const box = await sheet.boundingBox();
  if (!box) throw new Error('the path is not drawn');
  await page.mouse.move(box.x + 100, box.y + 100);
  await page.mouse.down();
  await page.mouse.move(box.x + 120, box.y + 110);
  await page.mouse.move(box.x + 160, box.y + 130);
  await expect.poll(async () => Math.round((await sheet.boundingBox())?.x ?? 0)).toBeGreaterThan(box.x + 30);
  await page.mouse.up();
  await expect.poll(async () => Math.round((await sheet.boundingBox())?.x ?? -1)).toBe(Math.round(box.x));
  expect(await drawn.getAttribute('d')).not.toBe(before);
});

test('the part measured: a hole, over pins, a thickness; what to change; and signed', async ({ page, shop }) => {
  await page.goto(`${shop.url}/setup/feet-knee-mill/verify?show=measure`);
  await expect(page.getByText(/^Measure the hole’s diameter\./)).toBeVisible();
  await logReading(page, /^It measures/, '4.22');
  const measured = page.getByRole('list', { name: 'Measured', exact: true });
  await expect(measured.getByText(/4\.220 mm ±0\.\d\d\d mm; should be 4\.200/)).toBeVisible();

  await page.getByRole('radio', { name: 'Over pins' }).click();
  await page.getByRole('button', { name: /, hole 1$/ }).click();
  await page.getByRole('button', { name: /, hole 2$/ }).click();
  await logReading(page, /^It measures/, '172.23');
  await expect(measured.getByText(/over pins/)).toBeVisible();

  await page.getByRole('radio', { name: 'Thickness or depth' }).click();
  await page.getByRole('radio', { name: /^2 / }).click();
  await logReading(page, /^It measures/, '9.9');
  await expect(page.getByText(/^Row of tool 2: add −0\.400 mm ±0\.\d\d\d mm, so that it cuts lower\./)).toBeVisible();
  await expect(measured.getByText(/✗ out/)).toBeVisible();

  await page.getByRole('button', { name: /^First part/ }).click();
  await page.getByRole('button', { name: 'Reject the part' }).click();
  await expect(page.getByRole('alert')).toContainText('Sign with your name first');
  await page.getByRole('textbox', { name: 'Your name' }).fill('Ada');
  await page.getByRole('button', { name: 'Reject the part' }).click();
  await expect(page.getByText(/✗ Out, 3 measured, signed Ada/)).toBeVisible();
  await expectAccessible(page);
});

test('a zero touched again: what it should show, what it did, and whether it stands', async ({ page, shop }) => {
  await page.goto(`${shop.url}/setup/feet-knee-mill/verify`);
  await expect(
    page.getByText(/^Touch the left face again, coming from the left: X should show −5\.000 mm ±/),
  ).toBeVisible();
  await logReading(page, /^X shows/, '-5.004');
  await expect(
    page.getByText(/✓ Left face: −0\.004 mm ±0\.\d\d\d mm from where it was\. The zero is good\./),
  ).toBeVisible();
  await page.getByRole('button', { name: 'Touch the front face again' }).click();
  await logReading(page, /^Y shows/, '-4.4');
  await expect(page.getByText(/✗ Front face: \+0\.600 mm/)).toBeVisible();
  await expect(page.getByText(/is known to ±0\.\d\d\d mm/)).toBeVisible();
  await page.getByRole('radio', { name: 'Z', exact: true }).click();
  await expect(
    page.getByText(
      /^Raise tool 1 past the same gauge block again, until it just slides under: Z should show 10\.000 mm ±/,
    ),
  ).toBeVisible();
  await page.getByRole('checkbox', { name: /^Spindle stopped\. Go below/ }).click();
  await logReading(page, /^Z shows/, '10.11');
  await expect(
    page.getByText(/✗ Height of tool 1: \+0\.110 mm ±0\.\d\d\d mm from where it was\. Set Z again/),
  ).toBeVisible();
  await expectAccessible(page);
});

test('the sheet: what is open first, the same figures in the PDF, and the whole setup opens in another shop', async ({
  page,
  shop,
  ownShop,
}) => {
  await page.goto(`${shop.url}/setup/feet-knee-mill/sheet`);
  await expect(page.getByText(/things are still open. The sheet lists them at the top/)).toBeVisible();
  await expect(page.getByText('· X not read back.')).toBeVisible();
  await expectAccessible(page);
  await page.getByRole('checkbox', { name: 'Sheet is at the machine' }).click();
  await expect(page.getByRole('checkbox', { name: 'Sheet is at the machine' })).toBeChecked();
  const whole = await page.request.get(`${shop.url}/api/setups/feet-knee-mill/file`);
  expect(whole.status()).toBe(200);

  await page.goto(`${ownShop.url}/new`);
  await page.getByLabel('A file of a whole setup').setInputFiles(file('feet.json', '{"setups": []}'));
  await expect(page.getByRole('alert')).toContainText('This file is not a Zero Point setup');
  await page
    .getByLabel('A file of a whole setup')
    .setInputFiles({ name: 'feet.json', mimeType: 'application/json', buffer: await whole.body() });
  await expect(page).toHaveURL(/\/setup\/feet-knee-mill\/plan/);
  await page.goto(`${ownShop.url}/setup/feet-knee-mill/datum?f=face.left`);
  await expect(page.getByText('−5.012').first()).toBeVisible();
});
