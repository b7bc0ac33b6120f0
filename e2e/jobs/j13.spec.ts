import { expect, test } from './job';

test('J13 offsets against a reference tool: minus for shorter, and it must come back at the end', async ({ job }) => {
  const { page } = job;
  await job.open('Base plate on the knee mill');
  await job.tap('link', /^Heights/);
  await job.tap('checkbox', /Never lower a tool onto a gauge/);
  await job.log('37.42');
  await job.tap('button', /^Tool 2,/);
  await job.tap('checkbox', /Never lower a tool onto a gauge/);
  await job.log('25.11');
  await job.answer();
  await expect(page.getByRole('radio', { name: /^Tool 2 is 12\.310 shorter: offset −12\.310/ })).toBeVisible();
  await job.tap('button', /^Tool 1,/);
  await expect(page.getByText(/Z must come back to 37\.420 mm ±/)).toBeVisible();
  await job.tap('checkbox', /Never lower a tool onto a gauge/);
  await job.log('37.421');
  await expect(page.getByText(/Tool 1 came back to 37\.421 mm, as it must/)).toBeVisible();
  job.done({ reads: 4, sums: 3, notes: 5 });
});
