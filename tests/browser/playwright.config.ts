import { defineConfig } from '@playwright/test';

export default defineConfig({
  testDir: '.',
  // Each file has a program of its own, so two run side by side; a machine that others share takes one at a time.
  workers: process.env.CI ? 1 : 2,
  timeout: 90_000,
  expect: { timeout: 20_000 },
  // On a busy machine a page may be slower than a test waits; what passes only the second time is counted and said.
  retries: 1,
  reporter: [['list'], ['json', { outputFile: 'test-results/results.json' }]],
  use: {
    launchOptions: {
      executablePath: '/usr/bin/chromium',
      args: [
        '--no-sandbox',
        '--disable-gpu',
        '--disable-quic',
        '--disable-background-networking',
        '--disable-component-update',
        '--disable-sync',
        '--no-first-run',
      ],
    },
  },
});
