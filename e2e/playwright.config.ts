import { defineConfig, devices } from '@playwright/test';

/** Real server, real export, Debian's Chromium: a phone under a thumb, and a desk by keyboard; the jobs are done at both. */
export default defineConfig({
  testDir: '.',
  globalSetup: '../scripts/lib/testFolder.mjs',
  outputDir: '../test-results',
  // Every test has a server and a database of its own. Two cores: more than two would only wait for each other.
  workers: 2,
  fullyParallel: true,
  retries: 0,
  expect: { timeout: 10_000 },
  forbidOnly: true,
  timeout: 180_000,
  reporter: [['list'], ['json', { outputFile: '../test-results/e2e.json' }]],
  use: {
    launchOptions: {
      // Debian's Chromium without the browser's own windows: the same pages in three quarters of the time.
      executablePath: '/usr/bin/chromium-headless-shell',
      args: ['--no-sandbox', '--disable-gpu', '--disable-quic', '--no-first-run', '--disable-background-networking'],
    },
    acceptDownloads: true,
    // Keeping the whole app on the device is a story of its own (offline.spec).
    serviceWorkers: 'block',
    actionTimeout: 15_000,
    locale: 'en-GB',
    timezoneId: 'UTC',
    trace: process.env.TRACE ? 'retain-on-failure' : 'off',
  },
  projects: [
    // The longest first, so that nothing waits for one of them at the end.
    {
      name: 'desk',
      testMatch: [/desk\./, /j\d\d\.spec/],
      use: { ...devices['Desktop Chrome'], viewport: { width: 1280, height: 800 } },
    },
    {
      name: 'phone',
      testIgnore: /desk\./,
      use: {
        ...devices['Desktop Chrome'],
        viewport: { width: 390, height: 844 },
        hasTouch: true,
        isMobile: true,
        // Dialogs and menus are there at once, as for a person who asked for that; at the desk they move.
        contextOptions: { reducedMotion: 'reduce' },
      },
    },
  ],
});
