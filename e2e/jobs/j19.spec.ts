import { closeWithSheet } from './closing';
import { expect, test } from './job';

test('J19 bolt circles on a readout: distance to go, hole by hole, and a rule proves them', async ({ job }) => {
  const { page } = job;
  await job.open('Base plate on the knee mill');
  await job.tap('link', /^Positions/);
  await expect(page.getByRole('row').nth(1)).toContainText('85.182');
  await job.tap('radio', 'Checks');
  await job.tap('checkbox', /^Spindle stopped over hole 1: a rule shows/);
  await job.tap('button', 'Drive hole by hole');
  await expect(page.getByRole('group', { name: 'Distance to go' })).toHaveText('X+85.182Y+64.212');
  for (let stop = 2; stop <= 7; stop += 1) {
    await job.tap('button', 'Done');
    await expect(page.getByText(new RegExp(`^Stop ${stop} of 12, ${stop - 1} done`))).toBeVisible();
  }
  job.done({ reads: 6, sums: 12, notes: 7 });
  await closeWithSheet(page, ['Bearing screws 1', '85.182', '64.212']);
});
