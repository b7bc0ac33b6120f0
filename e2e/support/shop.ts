import { AxeBuilder } from '@axe-core/playwright';
import { expect, test as base, type Page } from '@playwright/test';
import { fork, spawn, type ChildProcess } from 'node:child_process';
import { mkdtempSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { HostAnswer, HostAsked } from '../../apps/server/src/testing/shopHost';
import { freePort } from './freePort';

export const ROOT = join(import.meta.dirname, '..', '..');

/** A real server on a database of its own. */
export interface RunningShop {
  url: string;
  /** Where its file lies, and what belongs to it. */
  folder: string;
}

/** A shop whose server is a process of its own: it can be killed, and started again at the same address. */
export interface KillableShop extends RunningShop {
  /** @param over what is otherwise than before, as a newer app that is handed out */
  start: (over?: NodeJS.ProcessEnv) => Promise<void>;
  /** As a power cut would: no time to tidy up. */
  kill: () => Promise<void>;
}

/** What servers and simulated devices of the tests are started with. */
export const SIMULATION_KEY = 'end-to-end';

/** What a server is told: a demo shop or an empty one; on a file of one's own where that is named. */
async function environmentOf(demo: boolean, file?: string) {
  const port = await freePort();
  const folder = mkdtempSync(join(tmpdir(), 'zero-point-e2e-'));
  const environment = {
    ...process.env,
    PORT: String(port),
    DATABASE: file ?? join(folder, 'shop.sqlite'),
    STATIC: join(ROOT, 'apps/app/dist'),
    LOG_LEVEL: 'error',
    // Change the address of this machine stands for the network.
    LAN_ADDRESS: '127.0.0.2',
    SIMULATION_KEY,
    ...(demo && { DEMO: join(ROOT, 'demo/shop.json') }),
  };
  return { folder, environment, url: `http://127.0.0.1:${port}` };
}

/** A server that is a process of its own, for tests that kill it. */
export async function runShop(demo: boolean, file?: string): Promise<KillableShop> {
  const { folder, environment, url } = await environmentOf(demo, file);
  let child: ChildProcess | undefined;
  return {
    url,
    folder,
    start: (over = {}) =>
      new Promise((resolve, reject) => {
        const started = spawn(process.execPath, [join(ROOT, 'apps/server/dist/server.mjs')], {
          env: { ...environment, ...over },
          stdio: ['ignore', 'pipe', 'inherit'],
        });
        child = started;
        started.once('exit', (code) => reject(new Error(`the server ended with ${code}`)));
        started.stdout?.on('data', (text: Buffer) => {
          if (text.toString().includes('Zero Point is at')) resolve();
        });
      }),
    kill: () =>
      new Promise((resolve) => {
        if (!child || child.exitCode !== null || child.signalCode !== null) return resolve();
        child.once('exit', () => resolve());
        child.kill('SIGKILL');
      }),
  };
}

/** One process a worker that serves the shops of its tests, each on a file and a port of its own. */
interface ShopHost {
  open: (environment: NodeJS.ProcessEnv) => Promise<string>;
  close: (url: string) => Promise<void>;
}

function startHost(): ShopHost & { end: () => void } {
  const child = fork(join(ROOT, 'apps/server/dist/host.mjs'), { stdio: ['ignore', 'inherit', 'inherit', 'ipc'] });
  const waiting = new Map<number, (answer: HostAnswer) => void>();
  child.on('message', (answer: HostAnswer) => {
    waiting.get(answer.number)?.(answer);
    waiting.delete(answer.number);
  });
  let numbers = 0;
  const ask = (asked: { do: 'open'; environment: NodeJS.ProcessEnv } | { do: 'close'; url: string }) =>
    new Promise<string>((resolve, reject) => {
      numbers += 1;
      waiting.set(numbers, ({ url, error }) => (url === undefined ? reject(new Error(error)) : resolve(url)));
      child.send({ ...asked, number: numbers } satisfies HostAsked);
    });
  return {
    open: (environment) => ask({ do: 'open', environment }),
    close: async (url) => void (await ask({ do: 'close', url })),
    end: () => child.disconnect(),
  };
}

async function hosted(host: ShopHost, demo: boolean, use: (shop: RunningShop) => Promise<void>): Promise<void> {
  const { folder, environment } = await environmentOf(demo);
  const url = await host.open(environment);
  await use({ url, folder });
  await host.close(url);
}

interface ShopFixtures {
  /** The demo shop, running. */
  shop: RunningShop;
  /** A person's own empty shop, running. */
  ownShop: RunningShop;
  /** The demo shop in a process of its own. */
  killableShop: KillableShop;
  quiet: undefined;
}

export const test = base.extend<ShopFixtures, { shopHost: ShopHost }>({
  shopHost: [
    async ({}, use) => {
      const host = startHost();
      await use(host);
      host.end();
    },
    { scope: 'worker' },
  ],
  shop: ({ shopHost }, use) => hosted(shopHost, true, use),
  ownShop: ({ shopHost }, use) => hosted(shopHost, false, use),
  killableShop: async ({}, use) => {
    const shop = await runShop(true);
    await shop.start();
    await use(shop);
    await shop.kill();
  },
  // Anything a page complains of, other than a server that is meant to be away, fails its test.
  quiet: [
    async ({ page }, use) => {
      const complaints: string[] = [];
      page.on('pageerror', (error) => complaints.push(error.message));
      page.on('console', (message) => {
        if (
          message.type() === 'error' &&
          !/ERR_CONNECTION_REFUSED|ERR_FAILED|Failed to load resource/.test(message.text())
        )
          complaints.push(message.text());
      });
      await use(undefined);
      expect(complaints).toEqual([]);
    },
    { auto: true },
  ],
});

export { expect };

/** No violation of WCAG 2.2 A and AA that axe can find, and every control big enough for a glove. */
export async function expectAccessible(page: Page): Promise<void> {
  // Only what is wrong is told in full, and in the page itself: no frames here, and a quarter of the time.
  const { violations } = await new AxeBuilder({ page })
    .options({ resultTypes: ['violations'] })
    .setLegacyMode(true)
    .withTags(['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa', 'best-practice'])
    .analyze();
  expect(
    violations.map(
      ({ id, nodes }) =>
        `${id}: ${nodes.map(({ html, failureSummary }) => `${html.slice(0, 160)} ${failureSummary}`).join(' | ')}`,
    ),
  ).toEqual([]);
  const small = await page
    .locator('button, [role=button], [role=link], [role=radio], [role=checkbox], input')
    .evaluateAll((controls) =>
      controls
        .map((control) => ({
          name: control.getAttribute('aria-label') ?? control.textContent ?? '',
          box: control.getBoundingClientRect(),
          key: control.closest('[aria-label=Keypad]') !== null,
        }))
        // Keys of our keypad may be 44 high on a phone on its side.
        .filter(
          ({ box, key }) =>
            box.width > 0 && (box.width < 47.5 || box.height < (key && window.innerHeight < 520 ? 43.5 : 47.5)),
        )
        .map(({ name, box }) => `${name} ${Math.round(box.width)}×${Math.round(box.height)}`),
    );
  expect(small).toEqual([]);
}

/** Opens a reading's row, and strikes it out or takes it back in; by its figure as it is shown. */
export async function openReading(page: Page, act: 'Strike out' | 'Restore', shown: string): Promise<void> {
  const figure = shown.replace('.', '\\.');
  const row = page.getByRole('button', { name: new RegExp(`${figure} (mm|in)(, struck out)?: what can be done`) });
  await row.first().click();
  await page.getByRole('button', { name: `${act} ${shown}`, exact: true }).click();
}

/** The screen itself is there, not the shell or what stands in while it loads. */
export async function expectOpened(page: Page): Promise<void> {
  await expect(page.locator('#root [role=main]')).toBeVisible();
  await expect(page.getByText(/^(Getting|Laying out) /)).toHaveCount(0);
}

/** Nothing to press is cut off by the end of the page, however low it is; what scrolls may go on below it. */
export async function expectWholeOnPage(page: Page): Promise<void> {
  const cut = await page
    .locator('button, [role=button], [role=radio], [role=checkbox], input')
    .evaluateAll((controls) => {
      const scrolls = (element: Element | null): boolean =>
        element !== null &&
        (['auto', 'scroll'].includes(getComputedStyle(element).overflowY) || scrolls(element.parentElement));
      return controls
        .filter((control) => !scrolls(control.parentElement))
        .map((control) => ({ control, box: control.getBoundingClientRect() }))
        .filter(
          ({ box }) => box.width > 0 && (box.bottom > window.innerHeight + 0.5 || box.right > window.innerWidth + 0.5),
        )
        .map(({ control }) => control.getAttribute('aria-label') ?? control.textContent ?? '');
    });
  expect(cut).toEqual([]);
}

/** Opens a menu by key and takes one of its items, once the menu has taken the focus: as an eye waits for it. */
export async function takeByKey(page: Page, menu: RegExp, item: string): Promise<void> {
  await page.getByRole('button', { name: menu }).press('Enter');
  await expect(page.getByRole('menuitem').first()).toBeFocused();
  await page.getByRole('menuitem', { name: item, exact: true }).press('Enter');
  await expect(page.getByRole('menuitem')).toHaveCount(0);
}

/** Presses the first button of this name. */
export const press = (page: Page, name: string | RegExp) => page.getByRole('button', { name }).first().click();

/** Logs what is typed for the touch in hand; its field is empty again then. */
export async function logReading(page: Page, field: RegExp, text: string): Promise<void> {
  const entry = page.getByRole('textbox', { name: field }).first();
  await entry.fill(text);
  await press(page, 'Log this reading');
  await expect(entry).toHaveValue('');
}
