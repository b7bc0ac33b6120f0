import { expect, test } from './job';

test('J6 a finder qualified by a block: its size with ±, held against the one in use, kept with its date', async ({
  job,
}) => {
  const { page } = job;
  await job.tap('link', 'Shop');
  await job.tap('link', /Gauges/);
  await job.tap('link', /Spring finder/);
  await job.tap('button', /^Its size by a block/);
  await job.tap('radio', 'Gauge block 25');
  await job.fill(/^Going toward plus it shows/, '-5.006; -5.004; -5.005');
  await job.fill(/^Going toward minus it shows/, '30.002; 30.003; 30.001');
  await expect(
    page.getByText(/^⌀ 10\.007 mm ±0\.0\d\d mm, which agrees with the 10\.\d{3} mm in use within ±/),
  ).toBeVisible();
  await job.tap('button', 'Keep it as its measured size');
  await expect(page.getByRole('textbox', { name: /^Measured size/ })).toHaveValue('10.007');
  await expect(page.getByRole('textbox', { name: /^That size is known to ±/ })).not.toHaveValue('');
  job.done({ reads: 6, sums: 3, notes: 3 });
});
