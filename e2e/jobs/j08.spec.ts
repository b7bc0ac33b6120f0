import { closeWithSheet } from '../support/closing';
import { expect, test } from '../support/job';

test('J8 bore centre into a work offset by probe: four walls, the offset, its ±', async ({ job }) => {
  const { page } = job;
  await job.open('Arm bracket on the trunnion mill');
  await job.tap('link', /^Datum/);
  await job.tap('button', 'bore, hole 1');
  await job.log('-285.202', '-289.206');
  // The second pair goes through the middle of the first, or it is a chord.
  await expect(page.getByText(/First move X to its centre, −287\.204 mm/)).toBeVisible();
  await job.log('-150.000', '-154.002');
  await job.answer();
  await expect(page.getByText(/Diameter 7\.998 mm ±/)).toBeVisible();
  await expect(page.getByRole('radio', { name: /^Work offset X and Y X −262\.204, Y −152\.001/ })).toBeChecked();
  await job.tap('button', 'Log X and Y offsets');
  job.done({ reads: 4, sums: 6, notes: 4 });
  await closeWithSheet(page, ['Still open', /^Zero/]);
});

test('J8 slips: a bore far from its drawing, and a figure read in another work offset', async ({ job }) => {
  const { page } = job;
  await job.open('Arm bracket on the trunnion mill');
  await job.tap('link', /^Plan/);
  await job.tap('radio', 'G54');
  await job.tap('link', /^Datum/);
  await job.tap('button', 'back right corner');
  await job.tap('button', /^with /);
  await job.tap('radio', 'the zero its cycle has set');
  await job.log('-210.004');
  await job.tap('radio', /right face/);
  await job.log('-304.002');
  await job.answer();
  await job.tap('button', 'Log X and Y offsets');
  await job.tap('link', /^Plan/);
  await job.tap('radio', 'G55');
  await job.tap('link', /^Datum/);
  await job.tap('button', 'bore, hole 1');
  // One wall touched on a chip.
  await job.log('-284.602', '-289.206');
  await expect(page.getByText('X is good enough. Y is not found yet.')).toBeVisible();
  await job.log('-150.000', '-154.002');
  await expect(
    page.getByText(/^✗ Across X the bore, hole 1 is 8\.600 mm ±.* no chord is longer than the diameter\.$/),
  ).toBeVisible();
  await expect(page.getByText('No more touches are needed.')).toHaveCount(0);
  await job.tap('button', /strike out −284\.602, and touch again/);
  await job.log('-285.202');
  await expect(page.getByText(/no chord is longer/)).toHaveCount(0);
  await expect(page.getByText(/^✓ The bore, hole 1 measures 7\.998 mm/)).toBeVisible();
  await job.answer();
  await expect(page.getByRole('radio', { name: /^Work offset G55, X and Y X / })).toBeChecked();
  await job.tap('button', 'Log X and Y offsets');
  await expect(page.getByText('G55 Y was entered. Does it read −152.001 mm?')).toBeVisible();
  await job.shows('-210.004');
  await expect(
    page.getByText(/^✗ Y shows −210\.004 mm, not −152\.001 mm: that is another work offset\./),
  ).toBeVisible();
  await job.tap('button', 'Later');
  await job.tap('button', 'bore, hole 2');
  await job.log('-285.202', '-290.206', '-150.000', '-155.004');
  await expect(
    page.getByText(/^✗ The bore, hole 2 measures 9\.000 mm ±0\.\d{3} mm, but it is drawn 8\.000 mm\./),
  ).toBeVisible();
});
