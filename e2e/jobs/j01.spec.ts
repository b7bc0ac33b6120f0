import { expect, test } from '../support/job';

test('J1 cutter, part, vise, first edge: held by a list, the jaw trued, a pin and feeler at the first face', async ({
  job,
}) => {
  const { page } = job;
  await job.open('Pivots on the bench mill');
  await job.tap('link', /^Workholding/);
  for (let i = 0; i < 12; i += 1) {
    if (await page.getByText(/^The part is held/).isVisible()) break;
    const box = page.getByRole('checkbox').first();
    if (await page.getByRole('button', { name: 'Tick the box when it is done' }).isVisible()) {
      await box.click();
      job.acts.taps += 1;
    } else await job.tap('button', 'Log this step done');
  }
  await expect(page.getByText(/^The part is held/)).toBeVisible();
  await job.tap('link', /^Alignment/);
  await job.tap('button', /^Vise or fence/);
  await job.log('0', '0.04');
  await expect(page.getByText('Tap the right end back, away from you.')).toBeVisible();
  await job.tap('button', 'Corrected: read all places again');
  await job.log('0', '0.002');
  await expect(page.getByText('The jaw runs true.')).toBeVisible();
  await job.tap('button', 'Log as aligned');
  await job.tap('link', /^Plan/);
  await job.fill('Feeler or paper between finder and face', '0.05');
  await job.tap('link', /^Datum/);
  await job.tap('button', 'right face');
  await job.tap('button', /^with Edge finder/);
  await job.tap('radio', /^Gauge pin 6/);
  await expect(page.getByText(/contact 6\.000 mm and 0\.050 mm feeler/)).toBeVisible();
  await job.log('187.05');
  await job.answer();
  // 3 mm of pin and 0.05 of feeler are off the reading, and the tape has both.
  await job.tape();
  await expect(page.getByRole('group', { name: 'Working' })).toContainText('feeler');
  await expect(page.getByRole('radio', { name: /^Raise the tool, then move X −3\.050/ })).toBeVisible();
  job.done({ reads: 10, sums: 8, notes: 12 });
});

test('J1 slips: a feeler left out at both faces, a pin in a drill chuck, a jaw moved by its bolts', async ({ job }) => {
  const { page } = job;
  await job.open('Base plate on the knee mill');
  await job.tap('link', /^Datum/);
  await job.tap('button', 'front face');
  await job.tap('button', /^with Edge finder/);
  await job.tap('radio', /^Gauge pin 6/);
  // Before anything is read: what is between pin and face, and what holds the pin.
  await expect(page.getByText(/contact 6\.000 mm, no feeler between/)).toBeVisible();
  await expect(page.getByText(/Hold the pin in a collet, never in a drill chuck/)).toBeVisible();
  await job.log('-3.050', '-3.050', '-3.050');
  await job.tap('button', 'back face');
  await job.log('119.050', '119.050', '119.050');
  await expect(page.getByText(/^✗ Front and back are 116\.100 mm apart ±/)).toBeVisible();
  await expect(page.getByText(/It is off by the feeler’s thickness at both faces\./)).toBeVisible();
  // From here on it is in the sum.
  await job.tap('radio', '0.050 mm');
  await expect(page.getByText(/contact 6\.000 mm and 0\.050 mm feeler/)).toBeVisible();

  await job.tap('link', /^Alignment/);
  await job.tap('button', /^Vise or fence/);
  await job.log('0', '0.001');
  await expect(page.getByText('The jaw runs true.')).toBeVisible();
  await job.tap('button', 'Read all places again');
  await job.log('0', '0.06');
  await expect(page.getByText(/^It was aligned in the previous pass: tightening the bolts moved it\./)).toBeVisible();
});
