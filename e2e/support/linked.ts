import type { Page } from '@playwright/test';
import { spawn, type ChildProcess } from 'node:child_process';
import { join } from 'node:path';
import { freePort } from './freePort';
import { expect, ROOT, SIMULATION_KEY, test as base, type RunningShop } from './shop';

/** A simulated device as a process of its own, that can be switched off and on again at the same port. */
export interface Device {
  port: () => number;
  start: () => Promise<void>;
  kill: () => Promise<void>;
}

function device(kind: 'readout' | 'controller'): Device {
  let child: ChildProcess | undefined;
  let port = 0;
  return {
    port: () => port,
    start: async () => {
      if (port === 0) port = await freePort();
      return new Promise((resolve, reject) => {
        const started = spawn(process.execPath, [join(ROOT, 'apps/device/dist/device.mjs')], {
          env: { ...process.env, KIND: kind, PORT: String(port), SIMULATION_KEY },
          stdio: ['ignore', 'pipe', 'inherit'],
        });
        child = started;
        started.once('exit', (code) => reject(new Error(`the device ended with ${code}`)));
        started.stdout?.on('data', (text: Buffer) => {
          if (/:\d+\s/.test(text.toString())) resolve();
        });
      });
    },
    kill: () =>
      new Promise((resolve) => {
        if (!child || child.exitCode !== null || child.signalCode !== null) return resolve();
        child.once('exit', () => resolve());
        child.kill('SIGKILL');
      }),
  };
}

/** The hand at the simulated machine: what a person does there, not in the app. */
export const handAt = (page: Page, shop: RunningShop, machine: string) => async (what: object) => {
  const answer = await page.request.post(`${shop.url}/api/machines/${machine}/link/told`, { data: what });
  expect(answer.status()).toBe(202);
};

const linkTo = async (page: Page, shop: RunningShop, machine: string, port: number) => {
  const answer = await page.request.put(`${shop.url}/api/machines/${machine}/link`, {
    data: { address: { over: 'tcp', host: '127.0.0.1', port } },
  });
  expect(answer.status()).toBe(200);
};

/** The demo shop with its simulated DRO at the knee mill, and its simulated control at the trunnion mill. */
export const test = base.extend<{ readout: Device; control: Device }>({
  readout: async ({ page, shop }, use) => {
    const one = device('readout');
    await one.start();
    await linkTo(page, shop, 'knee-mill', one.port());
    await use(one);
    await one.kill();
  },
  control: async ({ page, shop }, use) => {
    const one = device('controller');
    await one.start();
    await linkTo(page, shop, 'trunnion-mill', one.port());
    await use(one);
    await one.kill();
  },
});
