import { resolve } from 'node:path';
import { chromium, type Page } from '@playwright/test';
import { chromiumOptions } from './support/browser';
import { startServer } from './support/ledgerServer';

/** Draws docs/screenshots anew from the demo data. */
const folder = resolve(import.meta.dirname, '../docs/screenshots');
const desk = { width: 1280, height: 800 };
const phone = { width: 360, height: 780 };

const isPredicted = (page: Page) => page.getByRole('img', { name: /after line 6/ }).waitFor();
const shots: {
  name: string;
  path: string;
  viewport?: typeof desk;
  colorScheme?: 'dark';
  ready: (page: Page) => Promise<unknown>;
}[] = [
  { name: 'recipe', path: '/recipes/oilskin-shadow', ready: isPredicted },
  {
    name: 'recipe-line-open',
    path: '/recipes/oilskin-shadow',
    async ready(page) {
      await isPredicted(page);
      await page.getByRole('button', { name: /^Line 5 / }).click();
      await page.getByRole('slider', { name: 'Starts at' }).waitFor();
    },
  },
  { name: 'recipe-dark', path: '/recipes/copper-helm', colorScheme: 'dark', ready: isPredicted },
  { name: 'recipe-phone', path: '/recipes/reed-cloak', viewport: phone, ready: isPredicted },
  {
    name: 'recipes',
    path: '/recipes',
    ready: (page) => page.getByText('≈ estimate').first().waitFor(),
  },
  {
    name: 'shelf',
    path: '/shelf',
    ready: (page) => page.getByRole('button', { name: 'Peat', exact: true }).waitFor(),
  },
  {
    name: 'shelf-pot-open',
    path: '/shelf',
    async ready(page) {
      await page.getByRole('button', { name: 'Oilskin Yellow', exact: true }).click();
      await page.getByRole('slider', { name: 'Hue' }).waitFor();
    },
  },
];

const server = await startServer({ demo: true });
const browser = await chromium.launch(chromiumOptions);
for (const { name, path, viewport = desk, colorScheme, ready } of shots) {
  const page = await browser.newPage({ viewport, colorScheme, reducedMotion: 'reduce' });
  await page.goto(server.url + path);
  await ready(page);
  // The pictures of stripes come from the worker a moment later.
  await page.waitForTimeout(1500);
  await page.screenshot({ path: resolve(folder, `${name}.png`) });
  await page.close();
  console.log(`drew ${name}.png`);
}
await browser.close();
await server.stop();
