import { expect, test } from './job';

test('J20 a bore to size: the spring learned, the next setting told on the radius, stopped in size', async ({
  job,
}) => {
  const { page } = job;
  await job.open('Base plate on the knee mill');
  await job.tap('link', /^Size/);
  await job.log('25.4');
  await expect(page.getByText(/^Dial or indicator, on the radius: \+0\.100 mm, that is 20 lines/)).toBeVisible();
  for (const [set, got] of [
    ['25.6', '25.560'],
    ['25.8', '25.752'],
    ['25.95', '25.9104'],
  ] as const) {
    await job.tap('checkbox', /indicator and keys off the head/);
    await job.fill(/^Set to, on the diameter/, set);
    await job.key(got);
    await job.tap('button', 'Log this reading');
    job.acts.readings += 1;
  }
  await expect(page.getByText(/^Last pass: set 26\.030 mm on the diameter/)).toBeVisible();
  await job.tap('checkbox', /indicator and keys off the head/);
  await job.key('26.008');
  await job.tap('button', 'Log this reading');
  job.acts.readings += 1;
  await expect(page.getByText('In size: 26.008 mm. Stop here.')).toBeVisible();
  job.done({ reads: 9, sums: 8, notes: 9 });
});
