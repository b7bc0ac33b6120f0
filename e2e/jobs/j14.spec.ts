import { expect, test } from './job';

test('J14 tool change without a table: the same spot touched by both, and Z set there to the same figure', async ({
  job,
}) => {
  const { page } = job;
  await job.open('Base plate on the knee mill');
  await job.tap('link', /^Heights/);
  await job.tap('checkbox', /Never lower a tool onto a gauge/);
  await job.log('37.42');
  await job.tap('radio', 'tool table');
  await job.tap('button', 'Keep them another way');
  await job.tap('radio', 'touched again at every change');
  await job.tap('radio', 'T2');
  const steps = page.getByRole('list', { name: 'The change, step by step' });
  await expect(steps).toContainText('1. Spindle stopped. Raise Z clear, and put tool 2 in.');
  await job.tap('button', 'Touch with tool 2');
  await job.tap('checkbox', /Never lower a tool onto a gauge/);
  await job.log('25.11');
  await job.tap('radio', 'tool table');
  await job.tap('radio', 'T2');
  await expect(steps).toContainText('3. While it still touches, set Z to 10.000 mm');
  job.done({ reads: 4, sums: 4, notes: 6 });
});
