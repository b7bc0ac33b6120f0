import { expect, test } from '../support/job';

test('J21 a face to height: equal passes, speed and feed within the machine, remedies by what is seen', async ({
  job,
}) => {
  const { page } = job;
  await job.open('Base plate on the knee mill');
  await job.tap('link', /^Bore & face/);
  await job.tap('radio', 'Face to height');
  await job.fill('To remove', '2.3');
  await expect(page.getByText('7 equal passes of 0.307 mm, then a finishing pass of 0.150 mm.')).toBeVisible();
  await job.tap('radio', 'Carbide');
  await expect(page.getByText('The fastest rpm this machine reaches is used instead.')).toBeVisible();
  job.done({ reads: 2, sums: 5, notes: 2 });
});

test('J21 slips: the whole ball for half of it, the sensor left in the way', async ({ job }) => {
  const { page } = job;
  await job.open('Base plate on the knee mill');
  await job.tap('link', /^Z & tools/);
  await job.tap('radio', 'gauge, air cut');
  await job.tap('radio', /^Electronic edge finder, 10 mm ball/);
  await job.tap('radio', /on an arm/);
  await job.fill(/^When the sensor triggers, the cutter is above/, '10');
  await expect(
    page.getByText(/^▲ That is the whole ball\. If its centre is level with the cutter, use half: 4\.998 mm\./),
  ).toBeVisible();
  await job.fill(/^When the sensor triggers, the cutter is above/, '4.998');
  await expect(page.getByText(/That is the whole ball/)).toHaveCount(0);
  await job.tap('radio', 'touching');
  await expect(page.getByText(/Sensor and its arm out of the way before the spindle turns/)).toBeVisible();
});

test('J21 slips: one insert turned: all of them are asked for, kept, and the cutter is touched off again', async ({
  job,
  shop,
}) => {
  const { page } = job;
  const body = { id: 'face-mill-40', name: 'Face mill 40', diameter: 40, kind: 'face-mill', teeth: 4 };
  const bought = await page.request.put(`${shop.url}/api/cutters/face-mill-40`, {
    data: { version: 'bought', began: 'first', body },
  });
  expect(bought.status()).toBe(200);
  await page.goto(`${shop.url}/shop/cutters/face-mill-40`);
  await job.fill('Number in Knee mill', '9');
  await page.goto(`${shop.url}/setup/base-plate-knee-mill/size?show=facing`);
  await job.tap('radio', 'T9 Face mill 40');
  const together = page.getByRole('checkbox', { name: /^Index all inserts together/ });
  await expect(together).not.toBeChecked();
  await expect(page.getByText('No record of its inserts being indexed.')).toBeVisible();
  await job.tap('checkbox', /^Index all inserts together/);
  await expect(together).toBeChecked();
  // What was ticked is kept, and asked again once they are turned.
  await page.reload();
  await expect(together).toBeChecked();
  await job.tap('button', /^Inserts indexed or replaced/);
  await job.tap('button', 'Log all inserts indexed');
  await expect(
    page.getByText(/the length of Face mill 40 is not valid in any machine until it is touched off again/),
  ).toBeVisible();
  await job.tap('button', 'Yes, from now on');
  await expect(page.getByText(/^Its inserts were indexed on \d{4}-\d\d-\d\d\.$/)).toBeVisible();
  await expect(together).not.toBeChecked();
});
