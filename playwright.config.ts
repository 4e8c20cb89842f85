import { defineConfig } from '@playwright/test';

/** Stories in Debian's Chromium against the built application; each opens a kitchen of its own (e2e/kitchen.ts). */
export default defineConfig({
  testDir: 'e2e',
  timeout: 150_000,
  // One more than the cores it is meant for: stories wait for networks that are cut and for clocks.
  workers: 3,
  fullyParallel: true,
  retries: 0,
  reporter: [['list'], ['json', { outputFile: 'test-results/report.json' }]],
  expect: { timeout: 20_000 },
  use: {
    browserName: 'chromium',
    viewport: { width: 1280, height: 800 },
    locale: 'en-GB',
    launchOptions: {
      executablePath: '/usr/bin/chromium',
      args: ['--no-sandbox', '--disable-background-networking', '--disable-component-update', '--disable-sync'],
    },
  },
});
