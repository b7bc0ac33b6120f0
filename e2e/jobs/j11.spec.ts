import { expect, test } from '../support/job';

test('J11 a touch plate by caliper: what its marking would have done is said before it digs in', async ({ job }) => {
  const { page } = job;
  await job.open('Plinth on the gantry router');
  await job.tap('link', /^Z & tools/);
  await expect(page.getByText('Measure the plate by caliper. Do not trust its marking.')).toBeVisible();
  await job.fill(/Touch plate.*by caliper/, '12.42');
  await expect(page.getByText(/By its marking every tool would dig in 0\.280 mm/)).toBeVisible();
  job.done({ reads: 2, sums: 1, notes: 1 });
});

test('J11 slips: the entry of another plate, and one in inches', async ({ job }) => {
  const { page } = job;
  await job.open('Plinth on the gantry router');
  await job.tap('link', /^Z & tools/);
  await job.fill(/Touch plate.*by caliper/, '12.42');
  await job.fill(/Entered in the control as/, '9.02');
  await expect(
    page.getByText(/The entry is that of Corner plate\. ▲ Every tool would cut 3\.400 mm of air/),
  ).toBeVisible();
  await job.fill(/Entered in the control as/, '0.489');
  await expect(page.getByText(/The entry is in the other unit\./)).toBeVisible();
  await job.fill(/Entered in the control as/, '12.70');
  await expect(page.getByText(/▼ Every tool would dig in 0\.280 mm\. Enter 12\.420 mm\./)).toBeVisible();
});
