import type { Locator, Page } from '@playwright/test';
import { expect, expectAccessible, expectOpened, test } from '../support/shop';

/** As phones are held, and a bench's screen. */
const SIZES = [
  { width: 390, height: 664 },
  { width: 390, height: 844 },
  { width: 360, height: 640 },
  { width: 844, height: 390 },
  { width: 1280, height: 800 },
] as const;

const PLATE = '/setup/base-plate-knee-mill';

/** Every page where something is touched and typed. */
const TOUCHES: { name: string; path: string; act?: (page: Page) => Promise<void> }[] = [
  { name: 'a face', path: `${PLATE}/datum?f=face.left` },
  {
    name: 'a face with readings',
    path: `${PLATE}/datum?f=face.left`,
    act: async (page) => {
      for (const text of ['-5.012', '-5.008', '-5.010']) await log(page, text);
    },
  },
  { name: 'the middle of two faces', path: `${PLATE}/datum?f=middle.y` },
  { name: 'a corner', path: `${PLATE}/datum?f=corner.front-left` },
  { name: 'a bore', path: '/setup/arm-bracket-trunnion/datum?f=round.hole-1' },
  { name: 'a face on dials', path: '/setup/pivots-bench-mill/datum?f=face.right' },
  { name: 'a tool on the block', path: `${PLATE}/heights`, act: (page) => page.getByRole('checkbox').first().click() },
  { name: 'a vise jaw', path: `${PLATE}/alignment?task=vise` },
  {
    name: 'a head',
    path: `${PLATE}/alignment?task=head`,
    act: (page) => page.getByRole('checkbox').first().click(),
  },
  { name: 'a bore under the spindle', path: '/setup/calendar-wheel-rotary/alignment?task=centre' },
  { name: 'a bore’s size', path: `${PLATE}/size` },
  { name: 'a face touched again', path: '/setup/feet-knee-mill/verify' },
  { name: 'a hole of the part', path: `${PLATE}/verify?show=measure` },
  ...[
    'gauges/probe-4?do=in-ring',
    'gauges/spring-finder-10?do=by-block',
    'machines/knee-mill?axis=x&do=axis-scale',
    'machines/bench-mill?axis=x&do=backlash',
    'machines/trunnion-mill?axis=A&do=centre-by-flip',
  ].map((routine) => ({
    name: routine,
    path: `/shop/${routine}`,
    act: async (page: Page) => {
      await page.getByRole('button', { name: 'Begin' }).click();
      await expect(page.getByRole('main').locator('input[placeholder]').first()).toBeVisible();
    },
  })),
  { name: 'an edge at once', path: '/at-once/edge' },
  { name: 'a bolt circle at once', path: '/at-once/bolt-circle' },
];

async function log(page: Page, text: string): Promise<void> {
  const field = page.getByRole('textbox').first();
  await field.fill(text);
  await field.press('Enter');
  await expect(field).toHaveValue('');
}

interface Seen {
  what: string;
  box: { left: number; top: number; right: number; bottom: number };
  /** Share of it that nothing cuts off: neither the page nor anything that scrolls. */
  shown: number;
}

/** What of a thing is in sight without scrolling. */
const seen = (what: string, thing: Locator): Promise<Seen> =>
  thing.evaluate((element, name) => {
    const { left, top, right, bottom } = element.getBoundingClientRect();
    const clip = { left: 0, top: 0, right: window.innerWidth, bottom: window.innerHeight };
    for (let over = element.parentElement; over; over = over.parentElement) {
      const { overflowX, overflowY } = getComputedStyle(over);
      if (overflowX === 'visible' && overflowY === 'visible') continue;
      const frame = over.getBoundingClientRect();
      clip.left = Math.max(clip.left, frame.left);
      clip.top = Math.max(clip.top, frame.top);
      clip.right = Math.min(clip.right, frame.right);
      clip.bottom = Math.min(clip.bottom, frame.bottom);
    }
    const width = Math.max(0, Math.min(right, clip.right) - Math.max(left, clip.left));
    const height = Math.max(0, Math.min(bottom, clip.bottom) - Math.max(top, clip.top));
    return {
      what: name,
      box: { left, top, right, bottom },
      shown: (width * height) / ((right - left) * (bottom - top)),
    };
  }, what);

/** Words and figures that stand out of their drawing, or out of the page sideways where nothing scrolls to them. */
const outside = (page: Page): Promise<string[]> =>
  page.evaluate(() => {
    const told = (element: Element) => (element.textContent ?? '').trim().slice(0, 40);
    const drawn = [...document.querySelectorAll('svg text')].filter((text) => {
      const own = text.getBoundingClientRect();
      const frame = (text as SVGTextElement).ownerSVGElement?.getBoundingClientRect();
      return (
        frame !== undefined &&
        frame.width > 0 &&
        (own.left < frame.left - 2 ||
          own.right > frame.right + 2 ||
          own.top < frame.top - 2 ||
          own.bottom > frame.bottom + 2)
      );
    });
    const scrolls = (element: Element | null): boolean =>
      element !== null &&
      ((['auto', 'scroll'].includes(getComputedStyle(element).overflowX) &&
        element.scrollWidth > element.clientWidth + 1) ||
        scrolls(element.parentElement));
    const said = [...document.querySelectorAll('main *, [role=main] *')].filter((element) => {
      if (![...element.childNodes].some((node) => node.nodeType === 3 && node.textContent?.trim())) return false;
      const { width, left, right } = element.getBoundingClientRect();
      return width > 2 && (right > window.innerWidth + 1 || left < -1) && !scrolls(element.parentElement);
    });
    return [...new Set([...drawn, ...said].map(told))];
  });

const overlap = (a: Seen, b: Seen): boolean =>
  a.box.left < b.box.right - 1 &&
  b.box.left < a.box.right - 1 &&
  a.box.top < b.box.bottom - 1 &&
  b.box.top < a.box.bottom - 1;

/** What is not in sight together at a touch page as it is held now, lies over something else, or stands out of its drawing. */
async function faultsOf(page: Page): Promise<string[]> {
  const main = page.getByRole('main');
  const wide = (page.viewportSize()?.width ?? 0) >= 960;
  const action = /^(Log this reading|Go to |Show the answer|Keep in the log|Enter )/;
  const things = [
    await seen('sentence', main.locator('[aria-live=polite]').first()),
    await seen('field', main.locator('input[placeholder]').first()),
    ...(wide ? [] : [await seen('keypad', page.getByRole('group', { name: 'Keypad' }))]),
    await seen('action', main.getByRole('button', { name: action }).first()),
  ];
  const pairs = things.flatMap((a, i) => things.slice(i + 1).map((b) => [a, b] as const));
  return [
    ...things.filter(({ shown }) => shown < 0.995).map(({ what, shown }) => `${what} ${Math.round(100 * shown)} %`),
    ...pairs.filter(([a, b]) => overlap(a, b)).map(([a, b]) => `${a.what} over ${b.what}`),
    ...(await outside(page)),
  ];
}

/** So many pages a test, each loaded once and then held in every way. */
const TOGETHER = Math.ceil(TOUCHES.length / SIZES.length);

for (let from = 0; from < TOUCHES.length; from += TOGETHER) {
  const pages = TOUCHES.slice(from, from + TOGETHER);
  const names = pages.map(({ name }) => name).join(', ');
  test(`at every size sentence, field, keypad and action are in sight together: ${names}`, async ({ page, shop }) => {
    for (const { name, path, act } of pages) {
      await page.setViewportSize(SIZES[0]);
      await page.goto(`${shop.url}${path}`);
      await expect(page.getByRole('main').locator('[aria-live=polite]').first()).toBeVisible();
      await act?.(page);
      for (const size of SIZES) {
        await page.setViewportSize(size);
        const at = `${name} at ${size.width}×${size.height}`;
        await expect.poll(() => faultsOf(page), { message: at }).toEqual([]);
      }
    }
  });
}

/** Drives with all that is warned of at their first stop, in each way a place is told. */
const DRIVES = [
  { name: 'a readout', path: `${PLATE}/drive?stop=1`, figures: [/^Distance to go$/] },
  { name: 'a control', path: '/setup/arm-bracket-trunnion/drive?stop=1', figures: [/^Coordinates$/] },
  { name: 'dials', path: '/setup/pivots-bench-mill/drive?stop=1', figures: [/^Turn X$/, /^Turn Y$/] },
] as const;

for (const mode of ['day', 'shop'] as const) {
  test(`the way to a hole is in sight at every drive, however the phone is held, by ${mode}`, async ({
    page,
    shop,
  }) => {
    await page.addInitScript(
      (chosen) => localStorage.setItem('zero-point.settings', JSON.stringify({ state: { mode: chosen }, version: 0 })),
      mode,
    );
    // A job that was left is asked about first.
    await page.goto(`${shop.url}${DRIVES[2].path}`);
    await page.getByRole('button', { name: /^Nothing moved/ }).click();
    await expect(page.getByRole('group', { name: 'Turn X' })).toBeVisible();
    for (const { name, path, figures } of DRIVES) {
      await page.setViewportSize(SIZES[0]);
      await page.goto(`${shop.url}${path}`);
      const done = page.getByRole('button', { name: /^Log hole \d+ / });
      await expect(done).toBeVisible();
      const faults = async () => {
        const things = [await seen('log', done)];
        for (const figure of figures)
          things.push(await seen(String(figure), page.getByRole('group', { name: figure }).first()));
        const hidden = things.filter(({ shown }) => shown < 0.995);
        return [...hidden.map(({ what, shown }) => `${what} ${Math.round(100 * shown)} %`), ...(await outside(page))];
      };
      for (const size of SIZES) {
        await page.setViewportSize(size);
        await expect.poll(faults, { message: `${name} at ${size.width}×${size.height}` }).toEqual([]);
      }
    }
  });
}

for (const mode of ['day', 'night', 'shop'] as const) {
  test(`low pages are accessible by ${mode}`, async ({ page, shop }) => {
    await page.addInitScript(
      (chosen) => localStorage.setItem('zero-point.settings', JSON.stringify({ state: { mode: chosen }, version: 0 })),
      mode,
    );
    for (const path of ['/', '/new', '/at-once', '/at-once/edge', `${PLATE}/datum?f=face.left`, `${PLATE}/log`]) {
      await page.setViewportSize(SIZES[2]);
      await page.goto(`${shop.url}${path}`);
      for (const size of [SIZES[2], SIZES[3]]) {
        await page.setViewportSize(size);
        await expectOpened(page);
        await expectAccessible(page);
      }
    }
  });
}

test('what was logged is answered in sight, however far down the page was read', async ({ page, shop }) => {
  await page.setViewportSize({ width: 390, height: 664 });
  await page.goto(`${shop.url}/setup/calendar-wheel-rotary/alignment?task=vise`);
  await log(page, '0');
  await page.getByRole('button', { name: 'How it is done' }).click();
  const last = page.getByText(/^4\. Tighten the bolts/);
  await last.scrollIntoViewIfNeeded();
  const question = page.getByText(/^Run along the jaw to/);
  await expect(question).not.toBeInViewport();
  // What is refused is said where it was typed: the page stays where it was.
  await page.getByRole('textbox').first().fill('1,234.5');
  await page.getByRole('button', { name: 'Log this reading' }).click();
  await expect(question).not.toBeInViewport();
  await page.getByRole('textbox').first().fill('0.12');
  await page.getByRole('textbox').first().press('Enter');
  await expect(page.getByText(/^Tap the right end/).first()).toBeInViewport();
});
