import { expect, test } from './job';

test('J14 tool change without a table: the same spot touched by both, and Z set there to the same figure', async ({
  job,
}) => {
  const { page } = job;
  await job.open('Base plate on the knee mill');
  await job.tap('link', /^Heights/);
  await job.tap('checkbox', /Never lower a tool onto a gauge/);
  await job.log('37.42');
  await job.tap('radio', 'tool table');
  await job.tap('button', 'Keep them another way');
  await job.tap('radio', 'touched again at every change');
  await job.tap('radio', 'T2');
  const steps = page.getByRole('list', { name: 'The change, step by step' });
  await expect(steps).toContainText('1. Spindle stopped. Raise the tool clear, and put tool 2 in.');
  await job.tap('button', 'Touch with tool 2');
  await job.tap('checkbox', /Never lower a tool onto a gauge/);
  await job.log('25.11');
  await job.answer();
  // Still touching, Z is set to the same figure: it counts as set with this tool from here.
  await expect(page.getByRole('radio', { name: /^Set Z to 10\.000 mm/ })).toBeVisible();
  await job.tap('button', 'Done: Z is set with tool 2');
  await expect(page.getByText('Z was set. Does it show 10.000 mm there?')).toBeVisible();
  job.done({ reads: 4, sums: 4, notes: 6 });
});

test('J14 slips: the clip left on, another spot, and a shift on top of what the display has already', async ({
  job,
}) => {
  const { page } = job;
  await job.open('Plinth on the gantry router');
  await job.tap('link', /^Heights/);
  await expect(page.getByText(/Clip off the tool and plate off the part before the spindle turns\./)).toBeVisible();
  await job.tap('checkbox', /Touch plate and clip together by hand first/);
  await job.log('-61.5');
  await job.tap('radio', 'tool table');
  const steps = page.getByRole('list', { name: 'The change, step by step' });
  if (!(await steps.isVisible())) {
    await job.tap('button', 'Keep them another way');
    await job.tap('radio', 'touched again at every change');
  }
  await job.tap('radio', 'T2');
  await expect(steps).toContainText('2. Clip on and tried by hand. Touch the same spot with it');
  await expect(steps).toContainText('where tool 1 touched');
  await expect(steps).toContainText('Nothing to add, no sign to get wrong.');
  await expect(steps).toContainText('4. Clip and plate off before the spindle turns.');
  await expect(steps).toContainText('how well this spot repeats');
  await job.tap('button', 'Touch with tool 2');
  await job.tap('checkbox', /Touch plate and clip together by hand first/);
  await job.log('-70');
  await job.answer();
  // No shift to apply the wrong way, on top of what the display has already.
  await expect(page.getByText(/offset [−+]/)).toHaveCount(0);
  await expect(page.getByRole('radio', { name: /^Set Z to/ })).toBeVisible();
});
