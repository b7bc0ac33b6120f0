import { expect, test } from './job';

test('J12 several tools on one gauge: the gauge comes off once for all, every row signed', async ({ job }) => {
  const { page } = job;
  await job.open('Base plate on the knee mill');
  await job.tap('link', /^Heights/);
  await job.tap('checkbox', /Never lower a tool onto a gauge/);
  await job.log('37.42');
  await job.answer();
  await job.tap('button', 'Done: Z is set');
  for (const [tool, z] of [
    ['2', '-2.31'],
    ['3', '4.6'],
  ] as const) {
    await expect(page.getByText(new RegExp(`Change to tool ${tool}`))).toBeVisible();
    await job.tap('checkbox', /Never lower a tool onto a gauge/);
    await job.log(z);
    await job.answer();
    await job.tap('button', /^(Next: tool|Done: all tools)/);
  }
  await job.tap('radio', 'tool table');
  const list = page.getByRole('list', { name: 'Tool lengths' });
  await expect(list).toContainText('−12.310 mm');
  await expect(list).toContainText('−5.400 mm');
  await job.tap('button', 'Keep these for the machine');
  await expect(page.getByText('Kept: −12.310 mm')).toBeVisible();
  job.done({ reads: 6, sums: 6, notes: 7 });
});
