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
