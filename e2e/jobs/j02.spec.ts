import { expect, test } from './job';

test('J2 spring finder, two zeros: three touches a face, preset, and the spindle over the corner', async ({ job }) => {
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
    await expect(page.getByRole('radio', { name: new RegExp(`^Preset ${axis} to −5\\.000`) })).toBeChecked();
    await expect(page.getByText(/^Good enough: ±0\.01\d mm/)).toBeVisible();
    await job.tap('button', `Done: ${axis} is preset`);
  }
  await expect(page.getByText(/X and Y are set/)).toBeVisible();
  job.done({ reads: 6, sums: 6, notes: 6 });
});
