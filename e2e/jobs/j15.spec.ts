import { expect, test } from '../support/job';

test('J15 run-out of a tool: over the limit it is an alarm, and the stored length stays', async ({ job }) => {
  const { page } = job;
  await job.open('Base plate on the knee mill');
  await job.tap('link', /^Z & tools/);
  await job.tap('button', /^Tool 2,/);
  await job.tap('radio', 'run-out');
  await job.fill('tooth 1, 2.000 mm up', '0.03');
  await job.fill('tooth 2, 2.000 mm up', '-0.01');
  await expect(page.getByRole('alert')).toContainText('Tool 2 runs out 0.040 mm');
  await expect(page.getByRole('alert')).toContainText('its stored length and size are kept');
  job.done({ reads: 3, sums: 2, notes: 2 });
});

test('J15 slips: measured without a true length, and a limit that was meant for a larger cutter', async ({ job }) => {
  const { page } = job;
  await job.open('Base plate on the knee mill');
  await job.tap('link', /^Z & tools/);
  await job.tap('button', /^Tool 4,/);
  await job.tap('radio', 'run-out');
  await expect(page.getByText(/^Tool 4 has no true length yet.* Touch it off first\.$/)).toBeVisible();
  await job.fill('Largest run-out allowed', '0.1');
  await expect(page.getByText(/^0\.100 mm is more than the 0\.0\d\d mm usual for a cutter of 2\.500 mm/)).toBeVisible();
});
