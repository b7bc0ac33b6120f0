import { expect, test } from '../support/job';

/** A ring of 25.001 touched by a ball of 3.968 that stands 0.002 off along X, each wall twice. */
const RING = ['320.5145', '299.4815', '221.0165', '199.9835', '320.5185', '299.4855', '221.0165', '199.9835'];

test('J16 probe in a ring in two orientations, setter by a master, kept with date and ±; a crash voids at once', async ({
  job,
}) => {
  const { page } = job;
  await job.tap('link', 'Shop');
  await job.tap('link', /Gauges/);
  await job.tap('link', /^Probe, 4 mm ball/);
  await expect(page.getByText(/^Steady about 3\.996 mm/)).toBeVisible();
  await job.tap('button', /^Calibrate it/);
  await job.tap('link', /^Probe in a ring/);
  await job.tap('radio', 'Trunnion mill');
  await job.tap('button', 'Begin');
  for (const wall of RING) await job.log(wall, wall);
  await expect(page.getByText('Effective diameter')).toBeVisible();
  await expect(page.getByText(/^The ball is 0\.002 mm off the spindle’s axis/)).toBeVisible();
  // It comes out 0.028 smaller than what was in use: said before it is kept.
  await expect(
    page.getByText(/^Size: .* more than the ±0\.0\d\d mm the two ± allow.*Do it again before you save it/),
  ).toBeVisible();
  await job.tap('button', 'Keep it');
  await expect(page.getByText(/^▲ Moved −0\.0\d\d mm/)).toBeVisible();

  await job.tap('button', 'Back to Gauges');
  await job.tap('link', /^Tool setter 50/);
  await job.tap('button', /^Calibrate it/);
  await job.tap('link', /^Its height by a master tool/);
  await job.tap('radio', 'Trunnion mill');
  await job.tap('button', 'Begin');
  await job.log('-40.002', '-40.001', '-40.002', '-40.003', '-40.002');
  await expect(page.getByText(/−140\.000/).first()).toBeVisible();
  await job.tap('button', 'Keep it');

  await job.tap('button', 'Back to Gauges');
  await job.tap('link', /^Probe, 4 mm ball/);
  await job.tap('button', 'It was damaged or changed');
  await job.tap('button', 'It was in a crash');
  await job.tap('button', 'Yes, from now on');
  await expect(page.getByText(/is no longer valid since a crash on/)).toBeVisible();
  // Said wherever it is used.
  await job.tap('button', 'Back to Gauges');
  await job.tap('button', 'Back to the shop');
  await job.tap('button', 'Back to Home');
  await expect(page.getByRole('button', { name: /^▲ \d things to be looked at/ })).toBeVisible();
  await job.open('Arm bracket on the trunnion mill');
  await job.tap('link', /^Datum/);
  await job.tap('button', 'front face');
  await expect(page.getByText(/^▲ Probe, 4 mm ball is no longer valid since a crash/)).toBeVisible();
  // Twenty-one readings read and written; centres, radii, means and differences; two cards with date and ±.
  job.done({ reads: 21, sums: 18, notes: 26 });
});

test('J16 slips: another ring, an overdue finder, a calibration of the future', async ({ job, shop }) => {
  const { page } = job;
  await page.goto(`${shop.url}/shop/gauges/probe-4?do=in-ring`);
  await job.tap('radio', 'a pair, on X');
  await job.tap('radio', 'as it is only');
  await job.tap('button', 'Begin');
  await job.log('330.5', '330.5', '299.5', '299.5');
  await expect(page.getByRole('alert').filter({ hasText: /another ring/ })).toBeVisible();
  await page.goto(`${shop.url}/shop/gauges/ring-finder-19`);
  await expect(page.getByText(/^▲ Bearing edge finder 19 is overdue since/)).toBeVisible();
  const at = '2999-01-01T08:00:00.000Z';
  const answer = await page.request.post(`${shop.url}/api/calibrations`, {
    data: { id: 'ahead', of: { kind: 'gauge', gaugeId: 'probe-4' }, found: { what: 'size', value: 4 }, from: at, at },
  });
  expect(answer.status()).toBe(422);
});
