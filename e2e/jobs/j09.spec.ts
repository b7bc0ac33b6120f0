import { expect, test } from './job';

test('J9 router corner with paper: cutter and paper off both faces, in machine coordinates', async ({ job }) => {
  const { page } = job;
  await job.open('Plinth on the gantry router');
  await job.tap('link', /^Datum/);
  await job.tap('button', 'front left corner');
  await job.tap('button', /^with Touch plate/);
  await job.tap('radio', /^Slip of paper/);
  await job.log('84.91', '112.43');
  await job.tap('button', 'Show the answer');
  // Half of the cutter and the paper: 112.43 + 5 + 0.09, 84.91 + 5 + 0.09.
  await expect(page.getByRole('radio', { name: /^Raise Z, drive to X 117\.520, Y 90\.000 mm/ })).toBeChecked();
  await job.tap('button', 'Done: X and Y set at the corner');
  await expect(page.getByText(/X and Y are set/)).toBeVisible();
  job.done({ reads: 2, sums: 4, notes: 3 });
});
