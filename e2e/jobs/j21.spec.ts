import { expect, test } from './job';

test('J21 a face to height: equal passes, speed and feed within the machine, remedies by what is seen', async ({
  job,
}) => {
  const { page } = job;
  await job.open('Base plate on the knee mill');
  await job.tap('link', /^Size/);
  await job.tap('radio', 'Face to height');
  await job.fill('To remove', '2.3');
  await expect(page.getByText('7 equal passes of 0.307 mm, then a finishing pass of 0.150 mm.')).toBeVisible();
  await job.tap('radio', 'Carbide');
  await expect(page.getByText('The fastest this machine turns stands in for the speed wanted.')).toBeVisible();
  job.done({ reads: 2, sums: 5, notes: 2 });
});

test('J21 slips: the whole ball for half of it, the sensor left in the way', async ({ job }) => {
  const { page } = job;
  await job.open('Base plate on the knee mill');
  await job.tap('link', /^Heights/);
  await job.tap('radio', 'gauge, air pass');
  await job.tap('radio', /^Contact light, 10 mm ball/);
  await job.tap('radio', /on an arm/);
  await job.fill(/^When it answers, the cutter stands above/, '10');
  await expect(
    page.getByText(/^▲ That is the whole ball\. With its centre level with the cutter it is half: 4\.998 mm\./),
  ).toBeVisible();
  await job.fill(/^When it answers, the cutter stands above/, '4.998');
  await expect(page.getByText(/That is the whole ball/)).toHaveCount(0);
  await job.tap('radio', 'touching');
  await expect(page.getByText(/Sensor and its arm out of the way before the spindle turns/)).toBeVisible();
});
