import { expect, test } from './job';

test('J11 a touch plate by caliper: what its marking would have done is said before it digs in', async ({ job }) => {
  const { page } = job;
  await job.open('Plinth on the gantry router');
  await job.tap('link', /^Heights/);
  await expect(page.getByText('Measure the plate by caliper before you trust its marking.')).toBeVisible();
  await job.fill(/Touch plate.*by caliper/, '12.42');
  await expect(page.getByText(/By its marking every tool would dig in 0\.280 mm/)).toBeVisible();
  job.done({ reads: 2, sums: 1, notes: 1 });
});
