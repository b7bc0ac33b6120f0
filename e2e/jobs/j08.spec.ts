import { closeWithSheet } from './closing';
import { expect, test } from './job';

test('J8 bore centre into a work offset by probe: four walls, the offset, its ±', async ({ job }) => {
  const { page } = job;
  await job.open('Arm bracket on the trunnion mill');
  await job.tap('link', /^Datum/);
  await job.tap('button', 'bore, hole 1');
  await job.log('-285.202', '-289.206');
  // The second pair goes through the middle of the first, or it is a chord.
  await expect(page.getByText(/First drive X to its middle, −287\.204 mm/)).toBeVisible();
  await job.log('-150.000', '-154.002');
  await job.answer();
  await expect(page.getByText(/Diameter 7\.998 mm ±/)).toBeVisible();
  await expect(page.getByRole('radio', { name: /^Work offset X and Y X −262\.204, Y −152\.001/ })).toBeChecked();
  await job.tap('button', 'Done: X and Y offsets entered');
  job.done({ reads: 4, sums: 6, notes: 4 });
  await closeWithSheet(page, ['Still open', /^Zero/]);
});
