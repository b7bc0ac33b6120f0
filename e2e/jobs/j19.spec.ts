import { closeWithSheet } from '../support/closing';
import { expect, test } from '../support/job';

test('J19 bolt circles on a DRO: distance to go, hole by hole, and a rule proves them', async ({ job }) => {
  const { page } = job;
  await job.open('Base plate on the knee mill');
  await job.tap('link', /^Holes/);
  await expect(page.getByRole('row').nth(1)).toContainText('85.182');
  await job.tap('radio', 'Checks');
  await job.tap('checkbox', /^Spindle stopped over hole 1: a rule shows/);
  await job.tap('button', 'Go hole by hole');
  await expect(page.getByRole('group', { name: 'Distance to go' })).toHaveText('X+85.182Y+64.212');
  for (let stop = 2; stop <= 7; stop += 1) {
    await job.tap('button', /^Log hole \d+ (spotted|drilled)$/);
    await expect(page.getByText(new RegExp(`^Stop ${stop} of 12, ${stop - 1} done`))).toBeVisible();
  }
  job.done({ reads: 6, sums: 12, notes: 7 });
  await closeWithSheet(page, ['Bearing screws 1', '85.182', '64.212']);
});

test('J19 slips: the radius for the diameter, an angle from another axis, clockwise: each is seen before it is drilled', async ({
  job,
}) => {
  const { page } = job;
  await job.open('Base plate on the knee mill');
  await job.tap('link', /^Holes/);
  // Wide it stands open already.
  await expect(page.getByRole('button', { name: 'Change this pattern' })).toBeVisible();
  if (!(await page.getByRole('textbox', { name: 'Circle diameter' }).isVisible()))
    await job.tap('button', 'Change this pattern');
  // Either may be typed, and both are in sight.
  await job.fill('Circle diameter', '24');
  await expect(page.getByRole('textbox', { name: 'Or its radius' })).toHaveValue('12.000');
  await expect(
    page
      .getByText(
        /^▲ Hole 1 and 5 more of Bearing screws would run 3\.100 mm into a drawn hole of 26\.000 mm\. Was the circle’s radius/,
      )
      .first(),
  ).toBeVisible();
  await job.fill('Or its radius', '24');
  await expect(page.getByText(/would run 3\.100 mm/)).toHaveCount(0);
  await expect(page.getByText(/From \+X, plus counter-clockwise\./)).toBeVisible();
  await job.tap('radio', 'Clockwise');
  await expect(page.getByText(/^Bearing screws: 6 holes, clockwise\./)).toBeVisible();
  await job.tap('radio', 'Checks');
  // 15° below the X axis now: the rule shows it at the machine, hole by hole.
  await expect(
    page.getByRole('checkbox', {
      name: /over hole 2: a rule shows 79\.0 mm from the left face and 41\.0 mm from the front/,
    }),
  ).toBeVisible();
  for (const hole of [1, 2, 3, 4, 5, 6])
    await expect(
      page.getByRole('checkbox', { name: new RegExp(`^Spindle stopped over hole ${hole}: a rule`) }),
    ).toBeVisible();
});
