/**
 * How long until a figure can be typed at a touch page, as a ratio to the least this stack can be (bench/floor), both
 * served by our server and measured in turns in the same run at 4 x CPU slow-down: opened cold, loaded again, and from the
 * copy of the app that the device keeps. The drive asks for no figure: there it is until its main action can be pressed.
 */
import { launch, newContext, SLOWDOWN, slowPage } from './lib/opening.mjs';
import { goal } from './lib/goal.mjs';
import { median, startServer } from './lib/server.mjs';

const ROUNDS = 5;
const FIELD = 'input[placeholder]';
const PLATE = '/setup/base-plate-knee-mill';

const PAGES = [
  { name: 'face', path: `${PLATE}/datum?f=face.left`, ready: FIELD },
  { name: 'Z', path: `${PLATE}/heights`, ready: 'input[placeholder], [role=checkbox]' },
  { name: 'alignment', path: `${PLATE}/alignment?task=vise`, ready: FIELD },
  { name: 'bore', path: `${PLATE}/size`, ready: FIELD },
  { name: 'drive', path: `${PLATE}/drive?stop=1`, ready: '[role=main] [aria-label^="Done"], [role=main] button' },
  { name: 'verify', path: '/setup/feet-knee-mill/verify', ready: FIELD },
];

const FLOOR = { name: 'floor', path: '/', ready: 'button, [role=button]' };

const LEAST = { cold: 1.35, again: undefined, kept: 1.15 };

/** Cold, then loaded again, then from the device's own copy once that is whole. */
async function measure(browser, base, { name, path, ready }) {
  const context = await newContext(browser);
  const { page, load } = await slowPage(context, ready);
  const url = base + path;
  const cold = await load(() => page.goto(url));
  if (ready === FIELD) {
    await page.locator(FIELD).first().press('7');
    const typed = await page.locator(FIELD).first().inputValue();
    if (!typed.includes('7')) throw new Error(`${name}: the field took no digit`);
  }
  const again = await load(() => page.reload());
  // What the device keeps is whole once its worker is the page's.
  await page.evaluate(async () => {
    // The floor has nothing that would register it.
    await navigator.serviceWorker.register('/sw.js');
    const { active } = await navigator.serviceWorker.ready;
    if (active.state !== 'activated')
      await new Promise((resolve) => active.addEventListener('statechange', resolve, { once: true }));
  });
  await page.close();
  const second = await slowPage(context, ready);
  await second.load(() => second.page.goto(url));
  const kept = await second.load(() => second.page.reload());
  if (kept.script > 0 && (await second.page.evaluate(() => navigator.serviceWorker.controller === null)))
    throw new Error(`${name}: not from the device’s own copy`);
  await context.close();
  return { cold, again, kept };
}

export async function benchTouchPage() {
  const app = await startServer('apps/app/dist');
  const floor = await startServer('bench/floor/dist');
  const browser = await launch();
  const runs = new Map([FLOOR, ...PAGES].map(({ name }) => [name, []]));
  for (let i = 0; i <= ROUNDS; i += 1) {
    for (const page of [FLOOR, ...PAGES]) {
      const run = await measure(browser, page === FLOOR ? floor.url : app.url, page);
      // The first round warms the servers and the browser.
      if (i > 0) runs.get(page.name).push(run);
    }
  }
  await browser.close();
  await app.stop();
  await floor.stop();
  const of = (name, pick) => median(runs.get(name).map(pick));
  console.log(
    `\nOpening a touch page until a figure can be typed, median of ${ROUNDS}, ${SLOWDOWN} x CPU slow-down; at most 440 kB of script, 1.35 cold, 1.15 from the device's own copy`,
  );
  const least = Object.fromEntries(Object.keys(LEAST).map((how) => [how, of('floor', (run) => run[how].ready)]));
  console.log(
    `${'floor'.padEnd(10)} ${(of('floor', ({ cold }) => cold.script) / 1000).toFixed(0).padStart(5)} kB   ${Object.entries(
      least,
    )
      .map(([how, ms]) => `${how} ${ms.toFixed(0)} ms`)
      .join('   ')}`,
  );
  for (const { name } of PAGES) {
    const kB = of(name, ({ cold }) => cold.script) / 1000;
    const cells = Object.keys(LEAST).map((how) => {
      const ms = of(name, (run) => run[how].ready);
      const ratio = ms / least[how];
      if (LEAST[how] !== undefined)
        goal(`${name} page ready, ${how === 'cold' ? 'cold' : 'from the device'}, against the floor`, ratio, {
          most: LEAST[how],
        });
      return `${how} ${ms.toFixed(0)} ms ${ratio.toFixed(2)}`;
    });
    goal(`${name} page, script sent`, kB, { most: 440, unit: ' kB' });
    console.log(`${name.padEnd(10)} ${kB.toFixed(0).padStart(5)} kB   ${cells.join('   ')}`);
  }
}
