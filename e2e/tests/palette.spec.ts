import type { Page } from '@playwright/test';
import { startServer } from '../support/ledgerServer';
import { expect, test } from '../support/test';

async function putIn(page: Page, name: string, drops: number) {
  await page.getByRole('combobox', { name: 'What goes in' }).fill(name);
  await page.getByRole('option', { name: new RegExp(`^${name}`) }).click();
  await page.getByLabel('Drops in', { exact: true }).fill(String(drops));
  await page.getByRole('button', { name: 'Put in' }).click();
}

const sheet = (page: Page, name = 'Well 1') => page.getByRole('region', { name });

test('a tired well is brought back with the fewest drops, and kept in a recipe', async ({
  page,
  demo,
}) => {
  await page.goto(`${demo.url}/palette`);
  await page.getByRole('button', { name: 'Add a well' }).click();
  await putIn(page, 'Ditch Ochre', 6);
  await putIn(page, 'Tarred Plank', 2);
  await putIn(page, 'Water', 8);
  await expect(sheet(page)).toContainText('0.80 ml, 50 % paint');
  await expect(sheet(page)).toContainText(
    'To make it again: 6 Ditch Ochre + 2 Tarred Plank + 8 water',
  );
  await page.getByRole('button', { name: 'As it is now is right' }).click();
  await expect(page.getByText(/It is as it should be/)).toBeVisible();

  await page.getByLabel('Drops used or poured').fill('8');
  await page.getByRole('button', { name: 'Use', exact: true }).click();
  await putIn(page, 'Tarred Plank', 1);
  const advice = sheet(page)
    .getByRole('status')
    .filter({ hasText: /Add \d/ });
  await expect(advice).toContainText(/Add \d Ditch Ochre \+ \d water/);
  await page.getByRole('button', { name: 'I have put these in' }).click();
  await expect(page.getByText(/It is as it should be/)).toBeVisible();

  await page.getByLabel('As the next line of').selectOption('Reed cloak, three tones');
  await page.getByRole('button', { name: 'Keep it there' }).click();
  await page.getByRole('link', { name: 'Open the recipe' }).click();
  await expect(page.getByText('Ditch Ochre').last()).toBeVisible();
  await expect(page.getByRole('button', { name: /^Line \d+ .*Ditch Ochre/ }).last()).toBeVisible();
});

test('wells pour into one another, every deed is undone, and a power cut loses none', async ({
  page,
}) => {
  let demo = await startServer({ demo: true });
  await page.goto(`${demo.url}/palette`);
  await page.getByRole('button', { name: 'Add a well' }).click();
  await putIn(page, 'Rosehip', 10);
  await page.getByRole('button', { name: 'Add a well' }).click();
  await putIn(page, 'Tallow', 4);
  await page.getByRole('button', { name: /^Well 1/ }).click();
  await page.getByLabel('Drops used or poured').fill('5');
  await page.getByRole('button', { name: 'Pour', exact: true }).click();
  await expect(sheet(page)).toContainText('0.25 ml');
  await page.getByRole('button', { name: /^Well 2/ }).click();
  await expect(sheet(page, 'Well 2')).toContainText('0.45 ml');
  await expect(sheet(page, 'Well 2')).toContainText('Rosehip 56 %');
  await page.getByRole('button', { name: 'Undo: pour Well 1 into Well 2' }).click();
  await expect(sheet(page, 'Well 2')).toContainText('0.20 ml');
  await page.getByRole('button', { name: 'Redo: pour Well 1 into Well 2' }).click();
  await expect(sheet(page, 'Well 2')).toContainText('0.45 ml');

  const port = Number(new URL(demo.url).port);
  await demo.kill();
  await page.getByLabel('Drops used or poured').fill('3');
  await page.getByRole('button', { name: 'Use', exact: true }).click();
  await expect(page.getByText(/What you did last is only in this browser/)).toBeVisible();
  await expect(sheet(page, 'Well 2')).toContainText('0.30 ml');
  demo = await startServer({ demo: true, dataFolder: demo.dataFolder, port });
  await page.getByRole('button', { name: 'Try again' }).click();
  await expect(page.getByText(/The server does not answer/)).toBeHidden();
  await page.reload();
  await page.getByRole('button', { name: /^Well 2/ }).click();
  await expect(sheet(page, 'Well 2')).toContainText('0.30 ml');
  await demo.stop();
});

test('a well that would run over says so, and wrong drops are named', async ({ page, demo }) => {
  await page.goto(`${demo.url}/palette`);
  await page.getByRole('button', { name: 'Add a well' }).click();
  await putIn(page, 'Rosehip', 400);
  await page.getByRole('button', { name: 'Put in' }).click();
  await expect(
    page.getByText('Well 1 would hold 40.0 ml; a well takes up to 30 ml.'),
  ).toBeVisible();
  await page.getByLabel('Drops in', { exact: true }).fill('-3');
  await expect(page.getByText('“-3” is not right: above 0, up to 400.')).toBeVisible();
});

test('with the keyboard alone: a well, a mix of a recipe, the drops it lacks', async ({
  page,
  demo,
}) => {
  await page.goto(`${demo.url}/recipes`);
  await expect(page.getByRole('listitem')).toHaveCount(18);
  await page.keyboard.press('Alt+4');
  await expect(page.getByRole('button', { name: 'Add a well' })).toBeVisible();
  await page.keyboard.press('n');
  await page.getByRole('button', { name: 'As a recipe has it' }).press('Enter');
  await page
    .getByLabel('Recipe', { exact: true })
    .selectOption('Weathered skin, from the light down');
  await page.getByLabel('Line', { exact: true }).selectOption({ index: 0 });
  await page.getByRole('button', { name: 'This is what it should be' }).press('Enter');
  await expect(page.getByText(/^It is meant to be/)).toBeVisible();
  await expect(page.getByText(/^To begin with, put in/)).toBeVisible();
  await page.getByRole('button', { name: 'I have put these in' }).press('Enter');
  await expect(page.getByText(/It is as it should be/)).toBeVisible();
  await page.getByRole('combobox', { name: 'What goes in' }).focus();
  await page.keyboard.press('Control+a');
  await page.keyboard.type('fair brow');
  await page.keyboard.press('ArrowDown');
  await page.keyboard.press('Enter');
  await page.keyboard.press('Tab');
  await page.keyboard.type('3');
  await page.keyboard.press('Enter');
  await expect(sheet(page)).toContainText(/Fair Brow \d+ %/);
  await expect(sheet(page).getByRole('status')).toContainText(/Add \d+ |No 200 drops/);
});
