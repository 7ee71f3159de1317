import { readFileSync } from 'node:fs';
import { writeFile } from 'node:fs/promises';
import { join } from 'node:path';
import { expect, test } from '../support/test';

test('recipes are found, duplicated, archived, and each of it undone', async ({ page, demo }) => {
  await page.goto(demo.url);
  await page.getByLabel('Search the recipes').fill('skin, from');
  await expect(page.getByRole('listitem')).toHaveCount(1);
  await page.getByRole('button', { name: 'Duplicate Weathered skin' }).click();
  const copy = page.getByRole('link', {
    name: 'Weathered skin, from the light down (copy)',
    exact: true,
  });
  await expect(copy).toBeVisible();
  await page.getByRole('button', { name: /Archive .*\(copy\)/ }).click();
  await expect(copy).toBeHidden();
  await page.getByLabel('show archived').check();
  await expect(copy).toBeVisible();
  await page.keyboard.press('Control+z');
  await expect(page.getByRole('button', { name: /Archive .*\(copy\)/ })).toBeVisible();
  await page.keyboard.press('Control+z');
  await expect(copy).toBeHidden();
});

test('a recipe goes out as a file and comes into another ledger', async ({ page, demo, empty }) => {
  await page.goto(demo.url);
  const download = page.waitForEvent('download');
  await page.getByRole('link', { name: 'Export Reed cloak, three tones' }).click();
  const file = await (await download).path();
  expect(JSON.parse(readFileSync(file, 'utf8')).recipes[0].name).toBe('Reed cloak, three tones');

  await page.goto(`${empty.url}/recipes`);
  await page.getByLabel('Ledger file to import').setInputFiles(file);
  await expect(
    page.getByText(/Imported: Reed cloak, three tones. \d+ pots were new/),
  ).toBeVisible();
  await expect(
    page.getByRole('link', { name: 'Reed cloak, three tones', exact: true }),
  ).toBeVisible();
});

test.describe('a file that is no use', () => {
  for (const [what, content, said] of [
    ['cut off', '{"format":"yellow-ledger","version":1,"pots":[{"id":', 'no whole JSON'],
    ['of a newer format', '{"format":"yellow-ledger","version":9}', 'has format 9'],
    ['of 50 MB of nothing', 'x'.repeat(50_000_000), 'no whole JSON'],
    ['of something else', '{"cake":true}', 'no yellow-ledger file'],
  ])
    test(`${what} is refused with the reason`, async ({ page, demo }) => {
      const file = join(demo.dataFolder, 'bad.json');
      await writeFile(file, content);
      await page.goto(demo.url);
      await page.getByLabel('Ledger file to import').setInputFiles(file);
      await expect(page.getByText(said)).toBeVisible();
      await expect(page.getByRole('listitem')).toHaveCount(18);
    });
});

test('an empty ledger teaches, gives a first recipe its ground, and offers the sample', async ({
  page,
  empty,
}) => {
  await page.goto(`${empty.url}/recipes`);
  await expect(page.getByRole('heading', { name: 'No recipe written yet' })).toBeVisible();
  await page.getByRole('button', { name: 'Write the first recipe' }).click();
  await expect(page.getByText(/three plain primers are on the shelf now/)).toBeVisible();
  await expect(page.getByLabel('Undercoat', { exact: true })).toContainText('Black primer');
  await page.getByRole('link', { name: 'Recipes', exact: true }).click();
  await page.getByRole('button', { name: /^Undo: write a new recipe/ }).click();
  await page.getByRole('button', { name: 'Open the example collection', exact: true }).click();
  await expect(page.getByRole('listitem')).toHaveCount(18);
});

test('an address that leads nowhere says so', async ({ page, demo }) => {
  await page.goto(`${demo.url}/recipes/nowhere`);
  await expect(page.getByRole('heading', { name: 'This recipe is not here' })).toBeVisible();
  await page.goto(`${demo.url}/kitchen`);
  await expect(page.getByRole('heading', { name: 'There is no such page' })).toBeVisible();
});
