import { expect, test } from '../support/job';

test('J6 a finder qualified: its size by a block, held against the one in use, and how well it repeats, kept with its date', async ({
  job,
}) => {
  const { page } = job;
  await job.tap('link', 'Shop');
  await job.tap('link', /Gauges/);
  await job.tap('link', /Edge finder/);
  await expect(page.getByText(/has not been calibrated/)).toBeVisible();
  await job.tap('link', /^Its size by a block/);
  await job.tap('radio', 'Knee mill');
  await job.tap('radio', 'Gauge block 25');
  await job.tap('button', 'Begin');
  await job.log('-5.006', '-5.004', '-5.005');
  await expect(page.getByText(/touch its right side, coming from the right/)).toBeVisible();
  await job.log('30.002', '30.003', '30.001');
  await expect(page.getByText(/^It agrees with the 10\.000 mm in use within ±0\.0\d\d mm \(E_n 0\.\d\)/)).toBeVisible();
  await job.tap('button', 'Keep it');
  await expect(page.getByRole('textbox', { name: /^Measured size/ })).toHaveValue('10.007');
  await expect(page.getByRole('textbox', { name: /^That size is known to ±/ })).not.toHaveValue('');
  await job.tap('button', /^Calibrate it/);
  await job.tap('link', /^How well it repeats/);
  await job.tap('button', 'Begin');
  await job.log('0', '0.005', '0', '-0.005', '0', '0', '0.005', '0', '-0.005', '0');
  await expect(page.getByText(/^10 approaches within 0\.010 mm/)).toBeVisible();
  await job.tap('button', 'Keep it');
  await expect(page.getByText(/^Checked /)).toBeVisible();
  // Sixteen readings are read and written down by hand; two means, a difference, a block off, ten squares, a root.
  job.done({ reads: 16, sums: 15, notes: 18 });
});

test('J6 slip: touches nearer than the block is wide are refused with the remedy, and nothing typed is lost', async ({
  job,
}) => {
  const { page } = job;
  await page.goto(`${new URL(page.url()).origin}/shop/gauges/spring-finder-10?do=by-block`);
  await job.tap('radio', 'Gauge block 25');
  await job.tap('button', 'Begin');
  await job.log('-5.006');
  await job.tap('button', 'Next step');
  await job.log('15.002');
  await job.tap('button', 'Show the result');
  await expect(page.getByRole('alert').filter({ hasText: /See which face each was/ })).toBeVisible();
  await job.tap('button', 'Back to the last step');
  await expect(page.getByText('15.002')).toBeVisible();
  await page.reload();
  await expect(page.getByText('15.002')).toBeVisible();
});

test('J6 slips: a bearing edge finder run like an edge finder, and a lamp’s clip left on', async ({ job }) => {
  const { page } = job;
  await job.open('Base plate on the knee mill');
  await job.tap('link', /^Datum/);
  await job.tap('button', 'left face');
  await job.tap('button', /^with Edge finder/);
  await job.tap('radio', /^Bearing edge finder 19/);
  await expect(page.getByText(/Run a bearing edge finder slowly: start at 60 rpm, 150 at most\./)).toBeVisible();
  await expect(page.getByText(/1000 rpm/)).toHaveCount(0);
  await job.tap('button', /^with Bearing edge finder/);
  await job.tap('radio', /^Electronic edge finder, 10 mm ball/);
  await expect(page.getByText(/Clip and wires off before the spindle runs\./)).toBeVisible();
});
