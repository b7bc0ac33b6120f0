import { expect, test } from '../support/job';

test('J13 offsets against a reference tool: minus for shorter, and it must come back at the end', async ({ job }) => {
  const { page } = job;
  await job.open('Base plate on the knee mill');
  await job.tap('link', /^Z & tools/);
  await job.tap('checkbox', /Never lower a tool onto a gauge/);
  await job.log('37.42');
  await job.tap('button', /^Tool 2,/);
  await job.tap('checkbox', /Never lower a tool onto a gauge/);
  await job.log('25.11');
  await job.answer();
  await expect(page.getByRole('radio', { name: /^Tool 2 is shorter: offset −12\.310/ })).toBeVisible();
  await job.tap('button', /^Tool 1,/);
  await expect(page.getByText(/Z must come back to 37\.420 mm ±/)).toBeVisible();
  await job.tap('checkbox', /Never lower a tool onto a gauge/);
  await job.log('37.421');
  await expect(page.getByText(/Tool 1 came back to 37\.421 mm, as it must/)).toBeVisible();
  job.done({ reads: 4, sums: 3, notes: 5 });
});

test('J13 slips: the sign dropped in a row, and a reference that does not come back', async ({ job }) => {
  const { page } = job;
  await job.open('Arm bracket on the trunnion mill');
  await job.tap('link', /^Z & tools/);
  // Tool 5 is the reference there; tool 2 is shorter.
  await job.touch(5, '-100');
  await job.touch(2, '-112.31');
  await job.tap('radio', 'tool table');
  await job.tap('button', 'Read them back, row by row');
  await job.tap('button', 'Tool 2 reads something else in the control');
  await job.fill('Tool 2 reads', '12.31');
  await expect(page.getByText(/It reads \+12\.310 mm, not −12\.310 mm: wrong sign/)).toBeVisible();
  await job.tap('radio', 'touching');
  await job.touch(5, '-99.8');
  await expect(
    page.getByText(
      /Tool 5 came back to −99\.800 mm, but must show −100\.000 mm ±.* Something moved: touch off the tools again\./,
    ),
  ).toBeVisible();
});
