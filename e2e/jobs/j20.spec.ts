import { expect, test } from '../support/job';

test('J20 a bore to size: the spring learned, the next setting told on the radius, stopped in size', async ({
  job,
}) => {
  const { page } = job;
  await job.open('Base plate on the knee mill');
  await job.tap('link', /^Bore & face/);
  await job.log('25.4');
  await expect(page.getByText(/^Dial or indicator, on the radius: \+0\.100 mm, that is 20 lines/)).toBeVisible();
  for (const [set, got] of [
    ['25.6', '25.560'],
    ['25.8', '25.752'],
    ['25.95', '25.9104'],
  ] as const) {
    await job.tap('checkbox', /indicator and keys off the head/);
    await job.fill(/^Set to, on diameter/, set);
    await job.key(got);
    await job.tap('button', 'Log this reading');
    job.acts.readings += 1;
  }
  await expect(page.getByText(/^Last pass: set 26\.030 mm on the diameter/)).toBeVisible();
  await job.tap('checkbox', /indicator and keys off the head/);
  await job.key('26.008');
  await job.tap('button', 'Log this reading');
  job.acts.readings += 1;
  await expect(page.getByText('In size: 26.008 mm. Stop here.')).toBeVisible();
  job.done({ reads: 9, sums: 8, notes: 9 });
});

test('J20 slips: the indicator left on the head, set on the diameter by a dial of the radius, gone the wrong way', async ({
  job,
}) => {
  const { page } = job;
  await job.open('Base plate on the knee mill');
  await job.tap('link', /^Bore & face/);
  await job.log('25.4');
  await expect(page.getByText(/^Dial or indicator, on the radius: \+0\.100 mm, that is 20 lines/)).toBeVisible();
  // First on the page, and nothing is logged before it is ticked.
  const off = page.getByRole('checkbox', { name: /read the indicator again. Then indicator and keys off the head/ });
  await expect(off).not.toBeChecked();
  await expect(page.getByText(/Wrong way or too far: back off past the slack/)).toBeVisible();
  await job.tap('checkbox', /indicator and keys off the head/);
  await job.fill(/^Set to, on diameter/, '25.6');
  // The dial was turned by what belongs on the diameter: it takes twice as much.
  await job.key('25.8');
  await job.tap('button', 'Log this reading');
  await expect(page.getByText(/^▲ The bore grew by twice the setting/)).toBeVisible();
  // Where the head stands is not known then: nothing is told to be turned.
  await expect(page.getByText(/^Dial or indicator, on the radius/)).toHaveCount(0);
  // It is put right with a tap: as it was really set, and the spring is learned from that.
  await job.tap('button', 'It was set to 25.800 mm: log it so');
  await expect(page.getByText(/^▲ The bore grew by twice/)).toHaveCount(0);
  await expect(page.getByText(/^Dial or indicator, on the radius: \+0\.\d{3} mm/)).toBeVisible();
  await expect(page.getByRole('button', { name: /^set 25\.800 mm, measured, 25\.800 mm/ })).toBeVisible();
  // Set again, and locked carelessly: the slide went back as it was clamped.
  await job.tap('checkbox', /indicator and keys off the head/);
  await job.fill(/^Set to, on diameter/, '25.9');
  await job.key('25.801');
  await job.tap('button', 'Log this reading');
  await expect(
    page.getByText(/^▲ Nothing was cut: the slide moved the wrong way, or shifted when locked\./),
  ).toBeVisible();
  await job.tap('button', 'Strike this pass out');
  await expect(page.getByText(/^▲ Nothing was cut/)).toHaveCount(0);
});

test('J20 slips: a dial said to count on the diameter that counts on the radius: what was set and the dial are put right', async ({
  job,
}) => {
  const { page } = job;
  await job.open('Base plate on the knee mill');
  await job.tap('link', /^Bore & face/);
  await job.tap('radio', 'the diameter');
  await job.log('25.4');
  await expect(page.getByText(/^Dial or indicator, on the diameter: \+0\.200 mm/)).toBeVisible();
  await job.tap('checkbox', /indicator and keys off the head/);
  await job.key('25.8');
  await job.tap('button', 'Log this reading');
  await expect(page.getByText('▲ The bore grew by twice the setting. Is this dial marked in radius?')).toBeVisible();
  await job.tap('button', 'It is marked in radius, and was set to 25.800 mm: log it so');
  // From here on half as much is turned.
  await expect(page.getByText(/^Dial or indicator, on the radius: \+0\.0\d\d mm/)).toBeVisible();
});
