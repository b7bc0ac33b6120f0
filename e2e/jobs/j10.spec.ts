import { expect, test } from '../support/job';

test('J10 Z by a block slipped under, and a pass in the air that stays marked until it is put back', async ({
  job,
}) => {
  const { page } = job;
  await job.open('Base plate on the knee mill');
  await job.tap('link', /^Z & tools/);
  await job.tap('radio', 'gauge, air cut');
  await job.fill(/Z offset for the air cut/, '5');
  await expect(page.getByText(/Not raised yet/)).toBeVisible();
  await job.tap('radio', 'touching');
  await job.tap('checkbox', /Never lower a tool onto a gauge/);
  await job.log('37.42');
  await job.answer();
  await expect(page.getByRole('radio', { name: /^Set Z to 5\.000/ })).toBeVisible();
  await job.tap('button', /^Log Z set to/);
  await expect(page.getByText(/Z zero raised by 5\.000 mm for the air cut/)).toBeVisible();
  // What it shows is looked at, before anything moves.
  await job.tap('button', /^Yes$/);
  await job.tap('button', 'Put it back');
  await expect(page.getByText(/Touch the gauge and set Z to put it back/)).toBeVisible();
  await job.log('5.005');
  await expect(page.getByRole('radio', { name: /^Set Z to 10\.000/ })).toBeVisible();
  await job.tap('button', /^Log Z set to/);
  await expect(page.getByText(/Z zero raised by/)).toHaveCount(0);
  await job.tap('button', /^Yes$/);
  // By hand: Z read at two touches and looked at after two settings; what to set reckoned twice, with spread and step;
  // both readings, both settings, the lift and its end written down.
  job.done({ reads: 4, sums: 4, notes: 6 });
});

test('J10 slips: a block under a tool that comes down, moved instead of set, the lift left in', async ({ job }) => {
  const { page } = job;
  await job.open('Base plate on the knee mill');
  await job.tap('link', /^Z & tools/);
  const slow = page.getByRole('checkbox', {
    name: /raise until it just slides under\. Never lower a tool onto a gauge/,
  });
  await expect(slow).not.toBeChecked();
  // Nothing is logged before that is ticked.
  await expect(page.getByRole('group', { name: 'Keypad' })).toHaveCount(0);
  await job.tap('checkbox', /Never lower a tool onto a gauge/);
  await job.log('37.42');
  await job.answer();
  await job.tap('button', /^Log Z set to/);
  await job.shows('37.42');
  await expect(page.getByText(/^✗ Z shows 37\.420 mm, not 10\.000 mm: .* it was not set/)).toBeVisible();
  await job.tap('button', 'Now it does');
  await job.tap('radio', 'gauge, air cut');
  await job.fill(/Z offset for the air cut/, '5');
  await job.tap('radio', 'touching');
  await job.tap('button', /^Tool 1,/);
  await job.log('10.000');
  await job.tap('button', /^Log Z set to/);
  await job.shows('10.000');
  await expect(page.getByText(/the air-cut offset is in it, or was left out/)).toBeVisible();
  await job.tap('button', 'Now it does');
  // It stays said, on every other page too.
  await job.tap('link', /^Holes/);
  await expect(page.getByText(/Z zero raised by 5\.000 mm for the air cut/)).toBeVisible();
});
