import type { Page } from '@playwright/test';
import { expect, test, type Job } from '../support/job';
import { changeAtSpot, changePlan, keepsNoTable, learnSpot } from '../support/preparedSetup';

/** Z set with tool 1, still touching, and read back. */
async function setZ(job: Job, z: string, caution: RegExp): Promise<void> {
  await job.tap('link', /^Z & tools/);
  await job.tap('checkbox', caution);
  await job.log(z);
  await job.answer();
  await job.tap('button', /^Log Z set to/);
  await job.tap('button', 'Yes');
}

const says = (page: Page, what: string | RegExp) => expect(page.getByText(what).first()).toBeVisible();

test('J14 tool change without a table: the spot kept by the tool that set Z, and each next tool set there to the same figure', async ({
  job,
  shop,
}) => {
  const { page } = job;
  await keepsNoTable(job, shop.url, 'base-plate-knee-mill');
  await job.open('Base plate on the knee mill');
  await setZ(job, '37.42', /Never lower a tool onto a gauge/);
  await job.tap('radio', 'beside the part');
  await job.tap('button', 'Use this spot');
  await says(page, /^Gauge block beside T1 on the spot\./);
  await job.tap('checkbox', /Never lower a tool onto a gauge/);
  await job.log('-23.41');
  // Kept with date and ±; the holes' steps say which tool is next.
  await says(page, /^On the spot: Z −23\.410 mm ±0\.0\d\d mm, with T1, /);
  await job.tap('button', 'Change to T3');
  await says(page, 'Raise T1 clear of everything. Gauge block off. Stop the spindle and lock it.');
  await job.tap('button', 'Clear, spindle locked');
  await says(page, /^Fit T3, Spot drill 6, and tighten it\. Wrench and key off\./);
  await says(page, /^⌀ 6\.000 mm: keep clamps and stops more than 3\.000 mm from/);
  await job.tap('button', 'T3 is in and tight');
  await job.tap('checkbox', /Never lower a tool onto a gauge/);
  await says(page, 'Still touching: set Z to');
  await job.tap('button', 'Log Z set to −23.410 mm');
  await says(page, 'Z was set. Does it show −23.410 mm there?');
  await job.tap('button', 'Yes');
  await says(page, /^Z counts with T3\. Gauge block off, tool raised, before the spindle turns\./);
  await job.tap('button', 'All off and clear');
  await says(page, /^✓ Z was set there with T3, /);
  job.done({ reads: 8, sums: 4, notes: 6 });
  // Nothing is added for its length, nothing stays to be done: the drive has its depth.
  await expect(page.getByText(/offset [−+]\d/)).toHaveCount(0);
  await expect(page.getByText(/At the end touch the gauge/)).toHaveCount(0);
  await job.tap('link', 'Go to the holes');
  const depth = page.getByRole('group', { name: 'Depth' });
  await expect(depth).toContainText('full depth with T3');
  await expect(depth).toContainText('−2.250 mm');
});

test('J14 slips: the clip left on, a spot that will be cut, a spot that moved, a zero set again', async ({
  job,
  shop,
}) => {
  const { page } = job;
  await keepsNoTable(job, shop.url, 'plinth-router');
  await job.open('Plinth on the gantry router');
  await setZ(job, '-61.5', /Touch plate and clip together by hand first/);
  await job.tap('link', /^Z & tools/);
  await job.tap('radio', 'tool change');
  await says(page, 'Where do all tools touch off?');
  await job.tap('radio', 'on the part, cut later');
  await says(page, /^✗ That place will be cut away before the next tool touches it\. Choose one beside the part/);
  await expect(page.getByRole('button', { name: 'Use this spot' })).toBeDisabled();
  await job.tap('radio', 'beside the part');
  await job.tap('button', 'Use this spot');
  await job.tap('checkbox', /Touch plate and clip together by hand first/);
  await job.log('-3.41');
  await job.tap('button', 'Change to T2');
  await says(page, 'Raise T1 clear of everything. Clip and plate off. Stop the spindle, then unplug the router.');
  await job.tap('button', 'Clear and unplugged');
  await job.tap('button', 'T2 is in and tight');
  await says(page, 'Clip on T2. Touch the plate to the cutter by hand: the light must come on.');
  await job.tap('button', 'The light came on');
  await job.tap('checkbox', /Touch plate and clip together by hand first/);
  await job.tap('button', 'Log Z set to −3.410 mm');
  // The display shows what it did before: Z was not set.
  await job.tap('button', 'No');
  const dialog = page.getByRole('dialog', { name: 'What does Z show?' });
  await dialog.getByRole('textbox').fill('3.41');
  await dialog.getByRole('textbox').press('Enter');
  await says(page, /^✗ .*sign/);
  await job.tap('button', 'Now it does');
  await says(page, /Clip and plate off, tool raised, before the spindle turns\./);
  await job.tap('button', 'All off and clear');
  // Another spot is another height: its figure is asked for with the tool that is in, and the one before is none.
  await job.tap('button', 'Choose another spot');
  await job.tap('radio', 'on the part, not cut');
  await job.tap('button', 'Use this spot');
  await says(page, /^Put the touch plate under T2 on the spot\./);
  await job.tap('checkbox', /Touch plate and clip together by hand first/);
  await job.log('-3.41');
  await says(page, /^On the spot: Z −3\.410 mm ±.*, with T2, /);
  // The old tool on the same spot before it comes out: the spot is 0.4 higher than it was.
  await job.tap('button', 'Touch the spot with T2 again');
  await job.tap('checkbox', /Touch plate and clip together by hand first/);
  await job.log('-3.01');
  await says(page, /^The spot shows \+0\.400 mm ±.* Part, spot or tool has moved/);
  // Z is set on the part again, as that asks for: the figure of before is void.
  await job.tap('button', 'Set Z on the part again');
  await job.tap('checkbox', /Touch plate and clip together by hand first/);
  await job.log('-61.2');
  await job.answer();
  await job.tap('button', /^Log Z set to/);
  await job.tap('link', /^Z & tools/);
  await job.tap('radio', 'tool change');
  await says(page, /^Z was set again since the spot was touched\. Touch it again with T1\./);
});

test('J14 by probe: the top, then the spot, then a cutter on the same plate', async ({ job, shop }) => {
  const { page } = job;
  await changePlan(job, shop.url, 'plinth-router', { heightGaugeId: 'probe-4' });
  await keepsNoTable(job, shop.url, 'plinth-router');
  await job.open('Plinth on the gantry router');
  await job.tap('link', /^Z & tools/);
  await job.tap('radio', 'in the spindle');
  await job.tap('radio', 'tool change');
  await says(page, /^Set Z with T1 or the probe first\./);
  await job.tap('button', 'Set Z with tool 1');
  await job.tap('checkbox', /./);
  await job.log('-48.2');
  await says(page, /^Top found with the probe\. Set Z for the probe, then touch off each cutter on one spot\./);
  await job.answer();
  await job.tap('button', 'Log Z set for the probe');
  await job.tap('button', 'Yes');
  await says(page, /^Z was set by the probe: use a touch plate only\./);
  await learnSpot(job, '-8.15');
  await says(page, /^On the spot: Z −8\.150 mm ±.*, with the probe, /);
  await changeAtSpot(job, 1, '−8.150 mm');
  await says(page, /^Z counts with T1\./);
});
