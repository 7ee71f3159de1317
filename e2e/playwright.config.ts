import { defineConfig } from '@playwright/test';
import { chromiumOptions } from './support/browser';

export default defineConfig({
  testDir: './tests',
  outputDir: '../test-results/e2e',
  // Every test has a server and a file of its own, so that they run side by side.
  fullyParallel: true,
  workers: 2,
  timeout: 90_000,
  // On CI, which may be busy, a test gets a second try; the list says which did.
  retries: process.env.CI ? 1 : 0,
  expect: { timeout: 15_000 },
  reporter: [['list'], ['json']],
  use: {
    actionTimeout: 15_000,
    launchOptions: chromiumOptions,
    viewport: { width: 1280, height: 800 },
    reducedMotion: 'reduce',
    // Only the errand without a server has use for what is kept of the pages (offline.spec.ts).
    serviceWorkers: 'block',
  },
});
