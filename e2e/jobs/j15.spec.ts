import { expect, test } from './job';

test('J15 run-out of a tool: over the limit it is an alarm, and the stored length stays', async ({ job }) => {
  const { page } = job;
  await job.open('Base plate on the knee mill');
  await job.tap('link', /^Heights/);
  await job.tap('button', /^Tool 2,/);
  await job.tap('radio', 'run-out');
  await job.fill('tooth 1, 2.000 mm up', '0.03');
  await job.fill('tooth 2, 2.000 mm up', '-0.01');
  await expect(page.getByRole('alert')).toContainText('Tool 2 runs out 0.040 mm');
  await expect(page.getByRole('alert')).toContainText('its stored length and size stay as they were');
  job.done({ reads: 3, sums: 2, notes: 2 });
});
