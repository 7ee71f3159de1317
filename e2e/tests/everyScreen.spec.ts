import { readFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import type { Page } from '@playwright/test';
import type axe from 'axe-core';
import { expect, isSaved, test } from '../support/test';

const axeSource = readFileSync(
  createRequire(import.meta.url).resolve('axe-core/axe.min.js'),
  'utf8',
);

async function violationsOn(page: Page): Promise<string[]> {
  await page.evaluate(axeSource);
  const { violations } = await page.evaluate(() =>
    (window as unknown as { axe: typeof axe }).axe.run(),
  );
  return violations.map(({ id, nodes }) => `${id}: ${nodes.map(({ html }) => html).join(' | ')}`);
}

const screens: [string, string, (page: Page) => Promise<void>][] = [
  ['recipes', '/recipes', (page) => expect(page.getByRole('listitem')).toHaveCount(6)],
  [
    'recipe',
    '/recipes/oilskin-shadow',
    (page) => expect(page.getByRole('img', { name: /after line 8/ })).toBeVisible(),
  ],
  [
    'recipe with a line open',
    '/recipes/weathered-skin',
    async (page) => {
      await page.getByRole('button', { name: /^Line 4 / }).click();
      await expect(page.getByRole('slider', { name: 'Starts at' })).toBeVisible();
    },
  ],
  [
    'shelf',
    '/shelf',
    (page) => expect(page.getByRole('button', { name: 'Peat', exact: true })).toBeVisible(),
  ],
  [
    'shelf with a pot open',
    '/shelf',
    async (page) => {
      await page.getByRole('button', { name: 'Peat', exact: true }).click();
      await expect(page.getByRole('slider', { name: 'Hue' })).toBeVisible();
    },
  ],
  [
    'keyboard help',
    '/recipes',
    async (page) => {
      await page.getByRole('button', { name: 'Keyboard help' }).click();
      await expect(page.getByRole('dialog')).toBeVisible();
    },
  ],
];

for (const colorScheme of ['light', 'dark'] as const)
  for (const [name, path, ready] of screens)
    test(`axe finds nothing on the ${name}, ${colorScheme}`, async ({ browser, demo }) => {
      const page = await browser.newPage({ colorScheme, reducedMotion: 'reduce' });
      await page.goto(demo.url + path);
      await ready(page);
      expect(await violationsOn(page)).toEqual([]);
      await page.close();
    });

test.describe('on a phone', () => {
  test.use({ viewport: { width: 360, height: 740 }, hasTouch: true });

  for (const [name, path, ready] of screens)
    test(`the ${name} fits the width, and axe finds nothing`, async ({ page, demo }) => {
      await page.goto(demo.url + path);
      await ready(page);
      const overhang = await page.evaluate(
        () => document.documentElement.scrollWidth - window.innerWidth,
      );
      expect(overhang).toBeLessThanOrEqual(0);
      expect(await violationsOn(page)).toEqual([]);
    });

  test('a line is added, thinned and saved by touch', async ({ page, demo }) => {
    await page.goto(`${demo.url}/recipes/lantern-glass`);
    await page.getByRole('button', { name: 'Add a line' }).tap();
    await page.getByLabel('Water parts').fill('3');
    await page.getByRole('button', { name: 'Done' }).tap();
    await expect(page.getByRole('button', { name: /^Line 7 / })).toBeVisible();
    await expect(page.getByText('1 paint : 3 water', { exact: false })).toBeVisible();
    await isSaved(page);
  });
});

test('light and dark are a press apart, and remembered', async ({ page, demo }) => {
  await page.goto(demo.url);
  await page.getByRole('button', { name: 'Change to dark' }).click();
  await page.reload();
  await expect(page.getByRole('button', { name: 'Change to light' })).toBeVisible();
  expect(await page.evaluate(() => document.documentElement.dataset.bsTheme)).toBe('dark');
});
