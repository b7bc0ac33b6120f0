import { expect, test } from '../support/job';

test('J5 edge and centre with a local zero: halved at the second face, and the first origin stays', async ({ job }) => {
  const { page } = job;
  await job.open('Base plate on the knee mill');
  await job.tap('link', /^Datum/);
  await job.tap('button', 'left face');
  await job.log('-5.000', '-5.001');
  await job.answer();
  await job.tap('button', /^Log X set to/);
  await job.tap('button', 'front face');
  await job.log('-5.000');
  await job.answer();
  await job.tap('button', /^Log Y set to/);
  await job.tap('button', 'A second datum on this part');
  await job.tap('button', 'Add a local datum');
  await job.fill('Name', 'Bearing bore');
  await job.tap('button', 'Save this datum');
  await expect(page.getByText(/Bearing bore: raise the tool, move to X \+62\.000, Y \+58\.000 mm/)).toBeVisible();
  await job.tap('button', 'Log Bearing bore active');
  await expect(page.getByText('Active now: Bearing bore.')).toBeVisible();
  await job.tap('button', 'Log part zero active');
  await expect(page.getByText('Active now: part zero.')).toBeVisible();
  job.done({ reads: 5, sums: 7, notes: 8 });
});

test('J5 slips: the whole diameter preset, another speed at the second face, the local zero typed over the main one', async ({
  job,
}) => {
  const { page } = job;
  await job.open('Base plate on the knee mill');
  await job.tap('link', /^Datum/);
  await job.tap('button', 'left face');
  await expect(page.getByText(/Use the same speed at every face/)).toBeVisible();
  await job.log('-5.000', '-5.001');
  await job.answer();
  await job.tap('button', /^Log X set to/);
  await job.shows('-10.000');
  await expect(
    page.getByText(/^✗ X shows −10\.000 mm, not −5\.0\d\d mm: it is off by the contact’s radius\. Set it to −5\./),
  ).toBeVisible();
  await job.tap('button', 'Now it does');
  await job.tap('button', 'front face');
  await job.log('-5.000');
  await job.answer();
  await job.tap('button', /^Log Y set to/);
  await job.tap('button', /^Yes$/);
  await job.tap('button', 'A second datum on this part');
  await job.tap('button', 'Add a local datum');
  await job.fill('Name', 'Bearing bore');
  await job.tap('button', 'Save this datum');
  await expect(page.getByText(/switch the DRO to INC and zero both there\. The first zero, ABS, stays/)).toBeVisible();
  await job.tap('button', 'Log Bearing bore active');
  await expect(
    page.getByText(
      /Over Bearing bore it must show X \+62\.000, Y \+58\.000 mm\. If it shows 0 there, the local zero was typed over/,
    ),
  ).toBeVisible();
});
