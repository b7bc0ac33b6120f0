import { expect, test } from '../support/job';

test('J4 rotary table under the spindle: swept, moved, swept again, with its ±', async ({ job }) => {
  const { page } = job;
  await job.open('Calendar wheel on the rotary table');
  await job.tap('link', /^Alignment/);
  await job.tap('button', /^Centre under the spindle/);
  await job.log('0.06', '-0.02', '-0.04', '0.04');
  await expect(page.getByRole('main')).toContainText('Move X by−0.050mm');
  await expect(page.getByRole('main')).toContainText('Move Y by+0.030mm');
  await job.tap('button', 'Corrected: read all places again');
  await job.log('0.012', '0.010', '0.008', '0.010');
  await expect(page.getByText('The spindle is over the centre. Zero X and Y here.')).toBeVisible();
  await job.tap('button', 'Log as aligned');
  job.done({ reads: 8, sums: 4, notes: 4 });
});

test('J4 slips: a plug in a drill chuck is warned of before it is read, and the table is swept once it is bolted', async ({
  job,
}) => {
  const { page } = job;
  await job.open('Calendar wheel on the rotary table');
  await job.tap('link', /^Alignment/);
  await job.tap('button', /^Centre under the spindle/);
  await job.tap('button', 'How it is read');
  await expect(page.getByText(/^Centring plug, \d touch(es)?, about \d+ (s|min): ±0\.\d{3} mm$/)).toBeVisible();
  await job.tap('radio', 'Centring plug');
  await expect(page.getByText(/in a collet, never in a drill chuck/)).toBeVisible();
  await job.tap('button', 'How it is done');
  await expect(page.getByText(/^4\. Take the plug out and sweep the bore: bolting moves it\.$/)).toBeVisible();
  await job.log('61.982', '58.014');
  await expect(page.getByText('Accepted without a check sweep.')).toBeVisible();
  await job.tap('button', 'Bolted, plug out: sweep it');
  await job.log('0', '0.006', '0.048', '0.042');
  await expect(page.getByRole('main')).toContainText('Move X by+0.024mm');
  await expect(page.getByRole('main')).toContainText('Move Y by+0.018mm');
  job.done({ reads: 6, sums: 4, notes: 4 });
});
