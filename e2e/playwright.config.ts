import { defineConfig } from '@playwright/test';
import { chromiumOptions } from './support/browser';

export default defineConfig({
  testDir: './tests',
  outputDir: '../test-results/e2e',
  // Two cores, one of them the browser's: more at once only makes each of them slow.
  workers: 1,
  timeout: 60_000,
  expect: { timeout: 15_000 },
  reporter: [['list'], ['json']],
  use: {
    launchOptions: chromiumOptions,
    viewport: { width: 1280, height: 800 },
    reducedMotion: 'reduce',
  },
});
