import { chromium, type APIRequestContext, type BrowserContext, type Page } from '@playwright/test';
import { execFileSync } from 'node:child_process';
import { mkdirSync, mkdtempSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { RunningShop } from './shop';

/** Opens the shop to the network, as its own machine's browser does. */
export async function doors(request: APIRequestContext, shop: RunningShop) {
  const own = (path: string, method: string, data?: object): Promise<unknown> =>
    request.fetch(`${shop.url}/api${path}`, { method, ...(data && { data }) }).then((answer) => answer.json());
  const { secureUrls } = (await own('/network', 'PUT', { open: true })) as { secureUrls: string[] };
  return {
    own,
    /** A code for one more phone. */
    letIn: async () => ((await own('/network/code', 'POST', {})) as { code: { code: string } }).code.code,
    /** Where phones find it, plainly and by its certificate. */
    there: shop.url.replace('127.0.0.1', '127.0.0.2'),
    secure: secureUrls[0] ?? '',
  };
}

/** Lets a browser in by a code. */
export async function joinAs(page: Page, there: string, code: string): Promise<void> {
  await page.goto(`${there}/pair?code=${code}`);
  await page.getByRole('button', { name: 'Join' }).click();
  await page.waitForURL(`${there}/`);
}

/** A phone that was walked through trusting the shop's own authority: its browser believes what that has signed. */
export async function trustingPhone(shop: RunningShop): Promise<BrowserContext> {
  const home = mkdtempSync(join(tmpdir(), 'zero-point-phone-'));
  const store = join(home, '.pki', 'nssdb');
  mkdirSync(store, { recursive: true });
  const certutil = (...args: string[]) => execFileSync('certutil', ['-d', `sql:${store}`, ...args]);
  certutil('-N', '--empty-password');
  certutil('-A', '-t', 'C,,', '-n', 'shop', '-i', join(shop.folder, 'tls', 'authority.crt'));
  return chromium.launchPersistentContext(join(home, 'profile'), {
    executablePath: '/usr/bin/chromium',
    args: ['--no-sandbox', '--disable-gpu', '--disable-quic', '--no-first-run', '--disable-background-networking'],
    env: { ...process.env, HOME: home },
    viewport: { width: 390, height: 664 },
    serviceWorkers: 'allow',
  });
}
