import { closeWithSheet } from '../support/closing';
import { expect, test } from '../support/job';

test('J9 router corner with paper: cutter and paper off both faces, in machine coordinates', async ({ job }) => {
  const { page } = job;
  await job.open('Plinth on the gantry router');
  await job.tap('link', /^Datum/);
  await job.tap('button', 'front left corner');
  await job.tap('button', /^with Touch plate/);
  await job.tap('radio', /^Paper strip/);
  await job.log('84.91', '112.43');
  await job.answer();
  // Half of the cutter and the paper: 112.43 + 5 + 0.09, 84.91 + 5 + 0.09.
  await expect(page.getByRole('radio', { name: /^Raise the tool, move to X 117\.520, Y 90\.000 mm/ })).toBeChecked();
  await job.tap('button', 'Log X and Y set at the corner');
  await expect(page.getByText(/X and Y are set/)).toBeVisible();
  job.done({ reads: 2, sums: 4, notes: 3 });
  // The program that will run, against what was set.
  await page.getByRole('link', { name: /^Verify/ }).click();
  await page.getByRole('radio', { name: 'Program', exact: true }).click();
  await page.getByLabel('A program to check').setInputFiles({
    name: 'plinth.nc',
    mimeType: 'text/plain',
    // Its zero is in the middle of the plinth, and it cuts to the spoil board.
    buffer: Buffer.from(
      'G21 G90 G17\nG54\nT1 M6\nS18000 M3\nG0 X-120 Y-80\nG0 Z10\nG1 Z-34 F600\nX120 F1200\nY80\nG0 Z10\nM5\nM30\n',
    ),
  });
  await expect(page.getByText(/^Do not run plinth\.nc yet/)).toBeVisible();
  await expect(page.getByText(/Its zero seems to be at the middle of the part/)).toBeVisible();
  await expect(page.getByText(/goes 2\.000 mm under the part/)).toBeVisible();
  await expect(page.getByText('Z is not set in this setup.')).toBeVisible();
  await closeWithSheet(page, ['Z not set.', /walnut/]);
});

test('J9 slips: half the cutter converted wrongly, paper never left out, the dust shoe off and on again', async ({
  job,
}) => {
  const { page } = job;
  await job.open('Plinth on the gantry router');
  await job.tap('link', /^Workholding/);
  await expect(
    page.getByText(/Dust shoe off while you touch; on again before the spindle cuts\./).first(),
  ).toBeVisible();
  await job.tap('link', /^Datum/);
  await job.tap('button', 'left face');
  await job.tap('button', /^with Touch plate/);
  await job.tap('radio', /^Paper strip/);
  await expect(page.getByText(/10\.000 mm, with 0\.090 mm between, spindle stopped/)).toBeVisible();
  await job.log('84.910', '84.910');
  await job.tap('button', 'right face');
  // 1/8 in halved to its neighbour: a 128th of an inch too far.
  await job.log('355.288', '355.288');
  await expect(page.getByText(/^✗ Left and right are 260\.198 mm apart ±/)).toBeVisible();
  await expect(page.getByText(/It is off by half of a 64th of an inch\./)).toBeVisible();
  await job.answer();
  await job.tape();
  await expect(page.getByRole('group', { name: 'Working' })).toContainText('0.090');
});
