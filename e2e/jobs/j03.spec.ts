import { expect, test } from '../support/job';

test('J3 a block in a scroll chuck: its faces compared, table still, half the difference tapped, until it runs true; then level', async ({
  job,
}) => {
  const { page } = job;
  await job.open('Calendar wheel on the rotary table');
  await job.tap('link', /^Alignment/);
  await job.tap('button', /^Part in a chuck/);
  await expect(page.getByText(/^Spindle over the table’s centre, X and Y locked/)).toBeVisible();
  await job.log('0', '-0.06', '-0.07', '0.01');
  // Half of each difference, not the whole of it.
  await expect(page.getByRole('main')).toContainText('Mark 0° at the indicator: push away0.030mm');
  await expect(page.getByRole('main')).toContainText('Mark 270° at the indicator: push away0.040mm');
  await job.tap('button', 'Corrected: read all places again');
  await job.log('0', '0.002', '0', '0');
  await expect(page.getByText('The part runs true.')).toBeVisible();
  await job.tap('button', 'Log as aligned');
  await job.tap('button', /^Level on a rotary axis/);
  await job.log('0', '0.10');
  await expect(page.getByText('Once it is level, make the rotary axis read zero.')).toBeVisible();
  job.done({ reads: 10, sums: 8, notes: 6 });
});

test('J3 slips: the whole difference tapped instead of half; parallels out, ticked by hand, before the first turn', async ({
  job,
}) => {
  const { page } = job;
  await job.open('Calendar wheel on the rotary table');
  await job.tap('link', /^Alignment/);
  await job.tap('button', /^Part in a chuck/);
  await job.log('0', '-0.06', '-0.07', '0.01');
  await expect(page.getByText('Move half the difference, zero the dial, and read again.')).toBeVisible();
  await job.tap('button', 'Corrected: read all places again');
  await job.log('0', '0.06', '0.01', '-0.07');
  await expect(page.getByText(/the whole difference was moved\. Move half\.$/)).toBeVisible();
  await job.tap('link', /^Workholding/);
  for (let i = 0; i < 5; i += 1) await job.tap('button', 'Log this step done');
  // What hurts when it is missed is ticked on its own, and no press in passing does it.
  await job.tap('checkbox', /Take the chuck key out at once/);
  const out = page.getByRole('checkbox', { name: /Parallels and spacers behind the part out before the first turn/ });
  await expect(out).toBeVisible();
  await expect(page.getByRole('button', { name: 'Log this step done' })).toHaveCount(0);
  await expect(out).not.toBeChecked();
});
