import { expect, test } from '../support/job';

test('J12 several tools on one gauge: the gauge comes off once for all, every row signed', async ({ job }) => {
  const { page } = job;
  await job.open('Base plate on the knee mill');
  await job.tap('link', /^Z & tools/);
  await job.tap('checkbox', /Never lower a tool onto a gauge/);
  await job.log('37.42');
  await job.answer();
  await job.tap('button', /^Log Z set to/);
  for (const [tool, z] of [
    ['2', '-2.31'],
    ['3', '4.6'],
  ] as const) {
    await expect(page.getByText(new RegExp(`Change to tool ${tool}`))).toBeVisible();
    await job.tap('checkbox', /Never lower a tool onto a gauge/);
    await job.log(z);
    await job.answer();
    await job.tap('button', /^(Go to tool|Finish)/);
  }
  await job.tap('radio', 'tool table');
  const list = page.getByRole('list', { name: 'Tool lengths' });
  await expect(list).toContainText('−12.310 mm');
  await expect(list).toContainText('−5.400 mm');
  await job.tap('button', 'Save these for the machine');
  await expect(page.getByText('Kept: −12.310 mm')).toBeVisible();
  job.done({ reads: 6, sums: 6, notes: 7 });
});

test('J12 slips: a gauge left in a row, a sign dropped, another tool’s row, two gauges mixed', async ({ job }) => {
  const { page } = job;
  await job.open('Arm bracket on the trunnion mill');
  await job.tap('link', /^Z & tools/);
  // Tool 5 is the reference there.
  await job.touch(5, '-100');
  await job.tap('button', /^Tool 2,/);
  await expect(
    page.getByText(/Calling the next tool can reset the jog step to coarse\. Check the step before you come near\./),
  ).toBeVisible();
  await job.touch(2, '-112.31');
  await job.touch(3, '-95.4');
  await job.tap('radio', 'tool table');
  await job.tap('button', 'Read them back, row by row');
  const reads = async (figure: string, slip: RegExp) => {
    await job.tap('button', 'Tool 2 reads something else in the control');
    await job.fill('Tool 2 reads', figure);
    await expect(page.getByText(slip)).toBeVisible();
  };
  // The block of 25 not taken off in that row; taken off twice; no minus; the row below it.
  await reads('12.69', /left out or used twice/);
  await reads('12.31', /wrong sign/);
  await reads('4.6', /that is another tool’s length: the wrong row/);
  await job.tap('button', 'Tool 2 reads the same in the control');
  await expect(page.getByText('✓ Read back: the control has it so.')).toBeVisible();
  // A tool touched on another gauge than the reference does not compare.
  await job.tap('radio', 'gauge, air cut');
  await job.tap('radio', /^Gauge block 10/);
  await job.tap('radio', 'touching');
  await job.touch(4, '-109');
  await job.tap('radio', 'tool table');
  await expect(
    page.getByText(/Touched on another gauge than the reference tool, so the two do not compare\./),
  ).toBeVisible();
});
