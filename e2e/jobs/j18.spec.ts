import { expect, test } from '../support/job';

test('J18 holes by dials: fewest reversals, turns and lines, past and back where the screw reverses', async ({
  job,
}) => {
  const { page } = job;
  await job.open('Pivots on the bench mill');
  await job.tap('link', /^Holes/);
  await job.tap('radio', 'Order');
  await job.tap('checkbox', 'Corner holes');
  await job.tap('radio', 'Fewest reversals');
  await expect(page.getByText(/^This order: 2 reversals/)).toBeVisible();
  await job.tap('button', 'Go hole by hole');
  await job.tap('button', /^Nothing moved/);
  await expect(page.getByText(/Mark your zero: both dials at 0/)).toBeVisible();
  await expect(page.getByRole('group', { name: 'Turn X' })).toContainText('2 turns clockwise, then on to line 80');
  for (let stop = 2; stop <= 12; stop += 1) {
    await job.tap('button', /^Log hole \d+ (spotted|drilled)$/);
    await expect(page.getByText(new RegExp(`^Stop ${stop} of 29, ${stop - 1} done`))).toBeVisible();
  }
  // By hand: each target divided by the pitch, its difference to the last, the backlash remembered, the hole ticked off.
  job.done({ reads: 11, sums: 22, notes: 11 });
});

test('J18 slips: a turn lost between two faces, an overshoot backed out of, the collar turned with the wheel', async ({
  job,
}) => {
  const { page } = job;
  await job.open('Pivots on the bench mill');
  await job.tap('link', /^Datum/);
  await job.tap('button', 'front face');
  await job.log('-5.000', '-5.000', '-5.000');
  await job.answer();
  // The collar is set with the wheel held still.
  await expect(page.getByText(/set the collar, the wheel held still/).first()).toBeVisible();
  if (await page.getByRole('button', { name: 'Take another reading' }).isVisible())
    await job.tap('button', 'Take another reading');
  await job.tap('button', 'back face');
  await job.log('117.780', '117.780', '117.780');
  await expect(page.getByText(/^✗ Front and back are 113\.000 mm apart ±/)).toBeVisible();
  await expect(page.getByText(/It is off by one turn of the handwheel\./).first()).toBeVisible();
  await job.tap('link', /^Holes/);
  await job.tap('button', 'Go hole by hole');
  await expect(page.getByText(/Passed the line\? Turn back half a turn, then come to it again\./)).toBeVisible();
  await expect(page.getByText(/^The dial then shows line \d+, (\d+ turns )?\d+ lines past zero/).first()).toBeVisible();
});
