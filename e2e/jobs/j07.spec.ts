import { closeWithSheet } from './closing';
import { expect, test } from './job';

test('J7 corner by a probe’s own cycle: its result as it is, the radius not taken again, read back, proven', async ({
  job,
}) => {
  const { page } = job;
  await job.open('Arm bracket on the trunnion mill');
  await job.tap('link', /^Datum/);
  await job.tap('button', 'back right corner');
  await job.tap('button', /^with /);
  await job.tap('radio', 'the zero its cycle has set');
  await job.log('-210.004');
  await expect(page.getByText(/^The control took the ball off itself/)).toBeVisible();
  // That face was touched by hand days ago; the cycle's own figure is of today.
  await job.tap('radio', /right face/);
  await job.log('-304.002');
  // What its cycle set is what it shows: nothing is asked back, and both are set.
  await expect(page.getByText(/was entered\. Does it read/)).toHaveCount(0);
  await job.answer();
  await expect(page.getByRole('radio', { name: /^Work offset X and Y X −304\.002, Y −210\.004/ })).toBeVisible();
  job.done({ reads: 4, sums: 2, notes: 4 });
  await closeWithSheet(page, ['−304.002', '−210.004', 'Z not set.']);
});
