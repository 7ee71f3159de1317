import { defineConfig } from '@playwright/test';
import { chromiumOptions } from './support/browser';

/** Ends a hang; no busy machine reaches it. While writing a test, less of it saves waiting. */
const patienceMs = Number(process.env.E2E_PATIENCE_MS ?? 180_000);

export default defineConfig({
  testDir: './tests',
  outputDir: '../test-results/e2e',
  // Every worker has a server and a file of its own, so that they run side by side.
  fullyParallel: true,
  workers: 2,
  // There is no second try.
  timeout: 5 * patienceMs,
  expect: { timeout: patienceMs },
  reporter: [['list'], ['json']],
  use: {
    actionTimeout: patienceMs,
    launchOptions: chromiumOptions,
    viewport: { width: 1280, height: 800 },
    reducedMotion: 'reduce',
    // Only the errand without a server has use for what is kept of the pages (offline.spec.ts).
    serviceWorkers: 'block',
  },
});
