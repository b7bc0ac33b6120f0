import { closeWithSheet } from '../support/closing';
import { expect, test } from '../support/job';
import { changeAtSpot, changePlan, keepsNoTable, learnSpot } from '../support/preparedSetup';

test('J7 corner by a probe’s own cycle: its result as it is, the radius not taken again, read back, proven', async ({
  job,
}) => {
  const { page } = job;
  await job.open('Arm bracket on the trunnion mill');
  await job.tap('link', /^Datum/);
  await job.tap('button', 'back right corner');
  await job.tap('button', /^with /);
  await job.tap('radio', 'the zero its cycle has set');
  await job.log('-210.004');
  await expect(page.getByText(/^The control took the ball off itself/)).toBeVisible();
  // That face was touched by hand days ago; the cycle's own figure is of today.
  await job.tap('radio', /right face/);
  await job.log('-304.002');
  // What its cycle set is what it shows: nothing is asked back, and both are set.
  await expect(page.getByText(/was entered\. Does it read/)).toHaveCount(0);
  await job.answer();
  await expect(page.getByRole('radio', { name: /^Work offset X and Y X −304\.002, Y −210\.004/ })).toBeVisible();
  job.done({ reads: 4, sums: 2, notes: 4 });
  await closeWithSheet(page, ['−304.002', '−210.004', 'Z not set.']);
});

test('J7 slips: the ball taken off twice, and a program that calls another work offset', async ({ job }) => {
  const { page } = job;
  await job.open('Arm bracket on the trunnion mill');
  await job.tap('link', /^Datum/);
  await job.tap('button', 'right face');
  // The cycle's own figure, typed as if the scale showed it at the touch.
  await job.log('-225.204');
  await expect(page.getByText(/It is off by half the finder\./)).toBeVisible();
  await job.tap('button', /^Right face: strike out −225\.204, and touch again/);
  await expect(page.getByText(/It is off by half the finder/)).toHaveCount(0);
  // A probe stays in nobody's spindle.
  await expect(page.getByText(/Out of the spindle, unplugged, before it can turn/)).toBeVisible();
  await job.answer();
  await job.tap('radio', 'G55');
  await job.tap('button', /^Log X offset/);
  await page.getByRole('link', { name: /^Verify/ }).click();
  await page.getByRole('radio', { name: 'Program', exact: true }).click();
  await page.getByLabel('A program to check').setInputFiles({
    name: 'arm.nc',
    mimeType: 'text/plain',
    buffer: Buffer.from('G21 G90 G17\nG54\nT1 M6\nS6000 M3\nG0 X0 Y0\nG0 G43 Z10 H1\nG1 Z-2 F200\nG0 Z10\nM5\nM30\n'),
  });
  await expect(page.getByText('The program calls G54; you have set G55.')).toBeVisible();
});

test('J7 on a router: the cycle sets X, Y and the probe’s Z; out with it, and the cutter sets Z on the same plate', async ({
  job,
  shop,
}) => {
  const { page } = job;
  await keepsNoTable(job, shop.url, 'plinth-router');
  await changePlan(job, shop.url, 'plinth-router', { finderId: 'probe-4', heightGaugeId: 'probe-4' });
  await job.open('Plinth on the gantry router');
  await job.tap('link', /^Z & tools/);
  await job.tap('radio', 'in the spindle');
  await job.tap('checkbox', /./);
  await job.tap('radio', 'the zero its cycle has set');
  await job.log('0');
  // What a control without a table set counts for the probe: no cutter has a depth by it.
  await job.tap('radio', 'tool change');
  await expect(page.getByText(/^Z was set by the probe: use a touch plate only\./)).toBeVisible();
  await learnSpot(job, '-8.15');
  await changeAtSpot(job, 1, '−8.150 mm');
  await expect(page.getByText(/^Z counts with T1\. Clip and plate off/)).toBeVisible();
});
