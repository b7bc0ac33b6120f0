import { readFile } from 'node:fs/promises';
import { expect, test } from '../support/job';

test('J17 where the tilt axis turns by a flipped face, part zero at every index with ±, and the walls that prove it', async ({
  job,
  shop,
}) => {
  const { page } = job;
  await job.tap('link', 'Shop');
  await job.tap('link', /^Machines/);
  await job.tap('link', /^Trunnion mill/);
  await job.tap('link', /^A: which way it counts/);
  await expect(page.getByText(/^Plus turns the table clockwise, seen from the right/)).toBeVisible();
  await job.tap('button', /^Find it step by step/);
  await job.tap('link', /^Its centre by a face, flipped/);
  await job.tap('button', 'Begin');
  // A ball of 3.996: the face at -144.226 and -152.386, so Y -148.306 and 4.080 under the face at -318.225.
  await job.log('-142.228', '-142.228', '-142.228');
  await job.log('-154.384', '-154.384', '-154.384');
  await job.log('-318.225', '-318.225', '-318.225');
  await expect(page.getByText('−148.306 mm').first()).toBeVisible();
  await expect(page.getByText('−322.305 mm').first()).toBeVisible();
  await job.tap('button', 'Keep it');
  await expect(page.getByText(/^✓ As its maker gives it, and by a face, flipped: they agree/)).toBeVisible();

  await page.goto(shop.url);
  await job.open('Arm bracket on the trunnion mill');
  await job.tap('link', /^Datum/);
  await job.tap('button', 'front face');
  await job.log('-169.248');
  await page.goto(`${shop.url}/setup/arm-bracket-trunnion/datum`);
  await job.tap('button', 'back face');
  await job.log('-127.252');
  await page.goto(`${shop.url}/setup/arm-bracket-trunnion/heights`);
  await page.getByRole('checkbox').first().click();
  // The reference tool, 118.4 from the gauge line to its tip, is still in Z: no centre has it.
  await job.log('-147.1');
  await page.goto(`${shop.url}/setup/arm-bracket-trunnion/datum`);
  await job.tap('link', /^Faces at other angles/);
  await expect(page.getByText(/Z as it was touched still has tool 5 in it/)).toBeVisible();
  await job.fill(/^Tool 5 in that Z is long/, '118.4');
  await expect(page.getByText('Where part zero lies as the axes turn.')).toBeVisible();
  const front = page.getByRole('listitem').filter({ hasText: 'Front bore: C 0°, A 90°' });
  await expect(front.getByText('−116.501 mm')).toBeVisible();
  await expect(front.getByText('−203.961 mm')).toBeVisible();
  // A wrong sign would bring the other side up: what looks up is said.
  await expect(front.getByText('The part’s front looks up.')).toBeVisible();
  const [file] = await Promise.all([page.waitForEvent('download'), job.tap('button', 'Save offset lines')]);
  const lines = await readFile(await file.path(), 'utf8');
  expect(lines).toMatch(/G10 L2 P2 X-262\.20\d Y-116\.501 Z-203\.961 \(Front bore A90\.000\)/);

  // The stub bored from two sides: its walls by a micrometer say that the centre is 0.012 further toward plus.
  await page.goto(`${shop.url}/shop/machines/trunnion-mill?axis=A`);
  await job.tap('button', /^Check it by a cut/);
  await job.fill('Wall toward +Y, first cut', '5.012; 5.013');
  await page.getByRole('textbox', { name: 'That wall, second cut' }).first().fill('4.988; 4.989');
  await page.getByRole('textbox', { name: 'That wall, second cut' }).first().press('Enter');
  await expect(
    page.getByText(/^✗ The centre of A is \+0\.012 mm ±0\.00\d mm along Y from its stored place/),
  ).toBeVisible();
  await job.tap('button', /^Use the corrected centre, Y −148\.294 mm/);
  await expect(page.getByText('−148.294 mm').first()).toBeVisible();
  await page.goto(`${shop.url}/setup/arm-bracket-trunnion/datum?index=1`);
  await expect(front.getByText('−116.489 mm')).toBeVisible();
  // Sixteen readings, six sines and cosines an index for three of them, offsets typed out with their signs.
  job.done({ reads: 16, sums: 24, notes: 25 });
});

test('J17 slips: a sense nobody saw gives no offsets; a flip that was not turned over; angles within 20°', async ({
  job,
  shop,
}) => {
  const { page } = job;
  await page.goto(`${shop.url}/shop/machines/trunnion-mill?axis=C&do=centre-by-angles`);
  await page.getByRole('textbox', { name: /^Commands, degrees/ }).fill('0; 8; 16');
  await page.getByRole('textbox', { name: /^Commands, degrees/ }).press('Enter');
  await job.tap('button', 'Begin');
  for (const text of ['-217', '-148', '-217.4', '-154.3', '-218.7', '-160.4']) await job.log(text);
  await expect(page.getByRole('alert').filter({ hasText: /All angles lie within 20°/ })).toBeVisible();
  await page.goto(`${shop.url}/shop/machines/trunnion-mill?axis=A&do=centre-by-flip`);
  await job.tap('button', 'Begin');
  await job.log('-142.228', '-142.228', '-142.228');
  await job.log('-146.224', '-146.224', '-146.224');
  await job.log('-318.225', '-318.225', '-318.225');
  await expect(page.getByRole('alert').filter({ hasText: /was not turned over/ })).toBeVisible();
});
