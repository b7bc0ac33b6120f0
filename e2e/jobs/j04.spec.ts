import { expect, test } from './job';

test('J4 rotary table under the spindle: swept, moved, swept again, with its ±', async ({ job }) => {
  const { page } = job;
  await job.open('Calendar wheel on the rotary table');
  await job.tap('link', /^Alignment/);
  await job.tap('button', /^Centre under the spindle/);
  await job.log('0.06', '-0.02', '-0.04', '0.04');
  await expect(page.getByRole('main')).toContainText('Move X by−0.050mm');
  await expect(page.getByRole('main')).toContainText('Move Y by+0.030mm');
  await job.tap('button', 'Corrected: read it all again');
  await job.log('0.012', '0.010', '0.008', '0.010');
  await expect(page.getByText('The spindle stands over the centre. Zero X and Y here.')).toBeVisible();
  await job.tap('button', 'Done: in line');
  job.done({ reads: 8, sums: 4, notes: 4 });
});
