import { expect, test } from '../support/job';

test('J2 edge finder, two zeros: three touches a face, preset, and the spindle over the corner', async ({ job }) => {
  const { page } = job;
  await job.open('Base plate on the knee mill');
  await job.tap('link', /^Datum/);
  for (const [face, axis] of [
    ['left', 'X'],
    ['front', 'Y'],
  ] as const) {
    await job.tap('button', `${face} face`);
    await job.log('-5.012', '-5.008', '-5.010');
    await expect(page.getByText(/^3 readings/).first()).toBeVisible();
    await job.answer();
    await expect(page.getByRole('radio', { name: new RegExp(`^Set ${axis} to −5\\.000`) })).toBeChecked();
    await expect(page.getByText(/^Good enough: ±0\.01\d mm/)).toBeVisible();
    await job.tap('button', new RegExp(`^Log ${axis} set to`));
  }
  await expect(page.getByText(/X and Y are set/)).toBeVisible();
  job.done({ reads: 6, sums: 6, notes: 6 });
});

test('J2 slips: zeroed before moving, half taken the wrong way, and not over the corner when it is looked at', async ({
  job,
}) => {
  const { page } = job;
  await job.open('Base plate on the knee mill');
  await job.tap('link', /^Datum/);
  await job.tap('button', 'left face');
  await expect(page.getByText('Raise the tool clear of the part before any move across it.')).toBeVisible();
  await job.log('-5.012', '-5.008', '-5.010');
  await job.answer();
  await job.tap('button', /^Log X set to/);
  await job.shows('0');
  await expect(
    page.getByText(/^✗ X shows 0\.000 mm, not −5\.000 mm: it is off by the contact’s radius\./),
  ).toBeVisible();
  await job.shows('5');
  await expect(page.getByText(/^✗ X shows 5\.000 mm, not −5\.000 mm: wrong sign/)).toBeVisible();
  await job.tap('button', 'Now it does');
  await job.tap('button', 'front face');
  await job.log('-5.010');
  await job.answer();
  await job.tap('button', /^Log Y set to/);
  await job.tap('button', /^Yes$/);
  await expect(
    page.getByText(/go to X 0 and Y 0, and stop the spindle. Check: is it over the front left/),
  ).toBeVisible();
  await job.tap('button', 'It is not');
  await expect(
    page.getByText(
      /Off by about 5\.0 mm: half the finder was left out, or the whole used\. By 10\.0 mm: half the finder with the wrong sign\./,
    ),
  ).toBeVisible();
  await job.tap('button', 'Now it is over zero');
  const seen = page.getByText('✓ Checked over zero: the spindle is over the front left corner.');
  await expect(seen).toBeVisible();
  // It is in the record, not on this page alone.
  await page.reload();
  await expect(seen).toBeVisible();
});
