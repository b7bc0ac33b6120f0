import { expect, expectOpened, test } from '../support/shop';

const PLATE = '/setup/base-plate-knee-mill';

/** Every page of a setup that shows a length. */
const PAGES = [
  'plan',
  ...['vise', 'head', 'centre', 'chuck', 'level', 'skew'].map((task) => `alignment?task=${task}`),
  'datum',
  ...['face.left', 'corner.front-left', 'middle.x', 'round.hole-1'].map((feature) => `datum?f=${feature}`),
  'heights',
  ...['table', 'run-out', 'gauge'].map((show) => `heights?show=${show}`),
  'positions',
  ...['checks', 'order', 'files'].map((show) => `positions?show=${show}`),
  'drive',
  'size',
  'size?show=facing',
  'verify',
  'verify?show=measure',
  'verify?show=program',
  'sheet',
  'log',
] as const;

/** Things whose own name has a size in it, as it is written on them. */
const NAMES = /(Dial indicator 10 mm|\d mm ball)/g;

test('a setup in inches says nothing in millimetres, on any of its pages', async ({ page, shop }) => {
  await page.goto(`${shop.url}${PLATE}/plan`);
  await page.getByRole('radio', { name: 'Inches' }).click();
  await expect(page.getByText(/^Base plate, brass: 7\.2441 in × /)).toBeVisible();
  const units = async () =>
    (
      (await (await page.request.get(`${shop.url}/api/setups/base-plate-knee-mill`)).json()) as {
        setup: { units: string };
      }
    ).setup.units;
  await expect.poll(units).toBe('in');
  for (const one of PAGES) {
    await page.goto(`${shop.url}${PLATE}/${one}`);
    await expectOpened(page);
    // What this device last saw of it is shown first, and then what the server has.
    const inMillimetres = () =>
      page.evaluate(() => {
        const labels = [...document.querySelectorAll('[aria-label]')].map(
          (one) => one.getAttribute('aria-label') ?? '',
        );
        return [...document.body.innerText.split('\n'), ...labels].filter((line) => /\d\s?mm\b/.test(line));
      });
    const lines = async () => (await inMillimetres()).filter((line) => /\d\s?mm\b/.test(line.replace(NAMES, '')));
    await expect.poll(lines, { message: one }).toEqual([]);
  }
});
