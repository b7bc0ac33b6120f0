import { defineConfig, devices } from '@playwright/test';

/** Real server, real export, Debian's Chromium: a phone under a thumb, and a desk by keyboard. */
export default defineConfig({
  testDir: '.',
  outputDir: '../test-results',
  workers: 1,
  retries: 0,
  expect: { timeout: 10_000 },
  forbidOnly: true,
  timeout: 180_000,
  reporter: [['list'], ['json', { outputFile: '../test-results/e2e.json' }]],
  use: {
    launchOptions: {
      executablePath: '/usr/bin/chromium',
      args: ['--no-sandbox', '--disable-gpu', '--disable-quic', '--no-first-run', '--disable-background-networking'],
    },
    acceptDownloads: true,
    actionTimeout: 15_000,
    locale: 'en-GB',
    timezoneId: 'UTC',
    trace: process.env.TRACE ? 'retain-on-failure' : 'off',
  },
  projects: [
    {
      name: 'phone',
      testIgnore: /desk\./,
      use: { ...devices['Desktop Chrome'], viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true },
    },
    {
      name: 'desk',
      testMatch: /desk\./,
      use: { ...devices['Desktop Chrome'], viewport: { width: 1280, height: 800 } },
    },
  ],
});
