import type { Page } from '@playwright/test';
import { layRecipe } from '../support/bench';
import { expect, test } from '../support/test';

/** One computed style of the first element a selector finds. */
const look = (page: Page, selector: string, property: string) =>
  page
    .locator(selector)
    .first()
    .evaluate((element, name) => getComputedStyle(element).getPropertyValue(name), property);

test('a page opened alone looks as it does after any other', async ({ page, demo }) => {
  await layRecipe(page, demo.url, 'oilskin-shadow', 3);
  await page.reload();
  await expect(page.locator('.placement-mark').first()).toBeVisible();
  expect(await look(page, '.placement-mark', 'height')).toBe('9px');
  expect(await look(page, '.quiet', 'color')).not.toBe(await look(page, 'h1', 'color'));
  await page.goto(`${demo.url}/armies/lanternfen-levy/plan`);
  await page.getByRole('button', { name: /^The whole army|^Ferry Crew/ }).click();
  await page.getByLabel('A hair dryer between coats').check();
  await expect(page.getByRole('note')).toBeVisible();
  expect(await look(page, '[role=note]', 'border-top-width')).toBe('2px');
  await page.goto(`${demo.url}/match`);
  await page.getByRole('radio', { name: 'L*, a, b' }).check();
  await page.getByLabel('L*', { exact: true }).fill('400');
  await expect(page.getByRole('alert')).toBeVisible();
  expect(await look(page, '.field-error', 'font-weight')).toBe('700');
});

test('every page has its own title', async ({ page, standing }) => {
  for (const [path, title] of [
    ['/recipes', 'Recipes'],
    ['/recipes/oilskin-shadow', 'Oilskin yellow, from the shadow up'],
    ['/recipes/draft', 'Draft a recipe'],
    ['/shelf', 'Shelf'],
    ['/armies/lanternfen-levy', 'Lanternfen Levy'],
    ['/bench', 'Bench'],
    ['/log', 'Log'],
  ]) {
    await page.goto(standing.url + path);
    await expect(page).toHaveTitle(`${title} – Yellow Ledger`);
  }
});

test('who goes back finds the place, the open line and the leaf', async ({ page, demo }) => {
  await page.goto(`${demo.url}/recipes/oilskin-shadow`);
  await page.getByRole('button', { name: /^Line 7 / }).click();
  await expect(page.getByLabel('Coats', { exact: true })).toBeVisible();
  await page.evaluate(() => window.scrollTo(0, 400));
  await page.keyboard.press('Alt+2');
  await expect(page.getByRole('button', { name: 'Peat', exact: true })).toBeVisible();
  await page.goBack();
  await expect(page.getByRole('button', { name: /^Line 7 / })).toHaveAttribute(
    'aria-expanded',
    'true',
  );
  await expect.poll(() => page.evaluate(() => Math.round(window.scrollY / 100))).toBe(4);
  await page.getByRole('link', { name: 'Light steps' }).click();
  await expect(
    page.getByRole('heading', { name: 'What each line does to the light' }),
  ).toBeVisible();
  await page.getByRole('link', { name: 'Recipes', exact: true }).click();
  await page.getByRole('link', { name: 'Oilskin yellow, from the shadow up', exact: true }).click();
  await expect(page).toHaveURL(/\/oilskin-shadow\/values$/);
});

test('on a phone the head is one row, and the rest one press away', async ({ page, standing }) => {
  await page.setViewportSize({ width: 360, height: 780 });
  await page.goto(`${standing.url}/recipes`);
  const head = page.getByRole('banner');
  expect((await head.boundingBox())?.height).toBeLessThan(60);
  await head.getByRole('button', { name: 'Recipes: all pages' }).click();
  await head.getByRole('link', { name: 'Palette' }).click();
  await expect(page).toHaveURL(/\/palette$/);
  await expect(head.getByRole('link', { name: 'Palette' })).toBeHidden();
});

test('of 2,000 models those are drawn that are seen, and they are dealt at once', async ({
  page,
  demo,
}) => {
  const { items } = (await (await page.request.get(`${demo.url}/api/armies`)).json()) as {
    items: { revision: number; content: { id: string; units: { id: string; models: number }[] } }[];
  };
  const [{ content, revision }] = items;
  const units = content.units.map((unit) =>
    unit.id === 'dike-watch' ? { ...unit, models: 2000 } : unit,
  );
  await page.request.put(`${demo.url}/api/armies/${content.id}`, {
    data: { content: { ...content, units }, revision },
  });
  await page.goto(`${demo.url}/armies/lanternfen-levy/variants`);
  await page.getByRole('button', { name: 'Deal again' }).click();
  await expect(page.getByRole('button', { name: 'Deal by number 5' })).toBeEnabled();
  expect(await page.locator('*').count()).toBeLessThan(1500);
  await expect(async () => {
    await page.evaluate(() => window.scrollTo(0, document.body.scrollHeight));
    await expect(page.getByLabel('Reed mantle of model 2000')).toBeVisible({ timeout: 500 });
  }).toPass();
});
