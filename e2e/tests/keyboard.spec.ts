import { startServer } from '../support/ledgerServer';
import { expect, isSaved, pictureOf, test } from '../support/test';

test('a recipe is written from nothing with the keyboard alone, and is there after a restart', async ({
  page,
}) => {
  let server = await startServer();
  const { keyboard } = page;
  await page.goto(`${server.url}/recipes`);
  await expect(page.getByRole('heading', { name: 'No recipe written yet' })).toBeVisible();

  // The shelf first: a recipe stands on a primer.
  await keyboard.press('Alt+2');
  await expect(page.getByRole('heading', { name: 'Nothing on the shelf yet' })).toBeVisible();
  await keyboard.press('n');
  await expect(page.getByLabel('Name')).toBeFocused();
  await keyboard.type('Soot');
  await page.getByLabel('Kind', { exact: true }).last().focus();
  await keyboard.type('primer');
  await page.getByLabel('Swatch, dried, full strength').focus();
  await keyboard.press('Control+A');
  await keyboard.type('1b1b1d');
  await keyboard.press('Enter');
  await expect(page.getByRole('button', { name: 'Soot', exact: true })).toBeVisible();

  await keyboard.press('n');
  await expect(page.getByLabel('Name')).toBeFocused();
  await keyboard.type('Lamp Yellow');
  await page.getByLabel('Swatch, dried, full strength').focus();
  await keyboard.press('Control+A');
  await keyboard.type('#e0a820');
  await keyboard.press('Enter');
  await expect(page.getByRole('button', { name: 'Lamp Yellow', exact: true })).toBeVisible();

  await keyboard.press('Alt+1');
  await expect(page.getByRole('heading', { name: 'No recipe written yet' })).toBeVisible();
  await keyboard.press('n');
  await expect(page.getByLabel('Recipe', { exact: true })).toHaveValue('New recipe');
  await page.getByLabel('Recipe', { exact: true }).focus();
  await keyboard.press('Control+A');
  await keyboard.type('Storm coat');
  await keyboard.press('Tab');
  await page.getByRole('button', { name: 'Write the first line' }).focus();
  await keyboard.press('Enter');
  await expect(page.getByRole('combobox', { name: 'The line in words' })).toBeFocused();
  await page.getByLabel('Coats', { exact: true }).focus();
  await keyboard.press('Control+A');
  await keyboard.type('4');
  await keyboard.press('Escape');
  await expect(page.getByRole('button', { name: /^Line 1 base/ })).toBeFocused();

  await keyboard.press('d');
  await expect(page.getByRole('button', { name: /^Line 2 base/ })).toBeFocused();
  await keyboard.press('ArrowUp');
  await expect(page.getByRole('button', { name: /^Line 1 base/ })).toBeFocused();
  await isSaved(page);
  const picture = await pictureOf(page, /after line 2/);

  await server.stop();
  server = await startServer({ dataFolder: server.dataFolder });
  await page.goto(server.url);
  await page.getByRole('link', { name: 'Storm coat', exact: true }).focus();
  await keyboard.press('Enter');
  await expect(page.getByLabel('Recipe', { exact: true })).toHaveValue('Storm coat');
  expect(await pictureOf(page, /after line 2/)).toBe(picture);
  await server.stop();
});

test('? lists the keys, and single keys can be turned off', async ({ page, demo }) => {
  await page.goto(demo.url);
  await expect(page.getByRole('heading', { name: 'Recipes' })).toBeVisible();
  await page.keyboard.press('?');
  const help = page.getByRole('dialog');
  await expect(help.getByText('move the line up or down')).toBeVisible();
  await help.getByLabel(/Single keys work/).uncheck();
  await page.keyboard.press('Escape');
  await expect(help).toBeHidden();
  await page.keyboard.press('?');
  await expect(help).toBeHidden();
});

test('lines are moved, and undone, with the keyboard', async ({ page, demo }) => {
  await page.goto(`${demo.url}/recipes/weathered-skin`);
  const line = (number: number) =>
    page.getByRole('button', { name: new RegExp(`^Line ${number} `) });
  await line(6).focus();
  await expect(line(6)).toHaveAccessibleName(/Rosehip/);
  await page.keyboard.press('Alt+ArrowUp');
  await expect(line(5)).toHaveAccessibleName(/Rosehip/);
  await expect(line(5)).toBeFocused();
  await page.keyboard.press('Control+z');
  await expect(line(6)).toHaveAccessibleName(/Rosehip/);
  await page.keyboard.press('Control+Shift+z');
  await expect(line(5)).toHaveAccessibleName(/Rosehip/);

  // Line 3 carries line 2 forward: it may not go above it.
  await line(3).focus();
  await page.keyboard.press('Alt+ArrowUp');
  await expect(page.getByText('Line 3 carries the mix of line 2 forward')).toBeVisible();

  await line(2).focus();
  await page.keyboard.press('Delete');
  await expect(page.getByText(/Its mix is written out where line 3 carried it/)).toBeVisible();
  await expect(line(2)).toHaveAccessibleName(/Cold Cheek \+ 5 Ferryman Tan/);
});

test('the grip carries a line with Space and the arrows', async ({ page, demo }) => {
  await page.goto(`${demo.url}/recipes/lantern-glass`);
  await expect(page.getByRole('img', { name: /after line 6/ })).toBeVisible();
  await page.getByRole('button', { name: 'Move line 5' }).focus();
  // Each key waits for what is said about the last: places are measured in between.
  await page.keyboard.press('Space');
  await expect(page.getByText(/^Line 5 (is picked up|would stand at place 5)/)).toBeAttached();
  await expect(async () => {
    await page.keyboard.press('ArrowUp');
    await expect(page.getByText('Line 5 would stand at place 4.')).toBeAttached({ timeout: 4000 });
  }).toPass();
  await expect(page.getByText('Line 5 would stand at place 4.')).toBeAttached();
  await page.keyboard.press('Space');
  await expect(page.getByRole('button', { name: /^Line 4 detail point/ })).toBeVisible();
});
