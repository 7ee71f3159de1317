import { expect, test } from '../support/test';

test('a glaze card is drawn, read, and taken for a pot of the shelf', async ({ page, demo }) => {
  await page.goto(`${demo.url}/shelf/glazes`);
  const pot = page.getByRole('combobox', { name: 'Pot of row 1' });
  await pot.fill('Marigold');
  await page.getByRole('option').first().click();
  await page.getByRole('button', { name: 'Try it with a practice picture' }).click();
  await page.getByRole('button', { name: 'Draw a practice picture' }).click();
  await page.getByRole('button', { name: 'Read it' }).click();
  const table = page.getByRole('region', { name: 'What the card tells, a table' });
  await expect(table.getByRole('row')).toHaveCount(11, {});
  await expect(table.getByText(/% of the usual film/).first()).toBeVisible();
  await page.getByRole('button', { name: 'Take it for 1 pot' }).click();
  await expect(page.getByText('1 pot is measured now.')).toBeVisible();
  await page.keyboard.press('Control+z');
  await expect(page.getByText(/Undone|undone/)).toBeVisible();
});

test('the glaze card alone is printed', async ({ page, empty }) => {
  await page.goto(`${empty.url}/shelf/glazes`);
  await expect(page.getByRole('button', { name: 'Print the card' })).toBeVisible();
  const card = page.getByRole('img', { name: /The glaze card to print/ });
  await expect(card).toBeHidden();
  await page.emulateMedia({ media: 'print' });
  await expect(card).toBeVisible();
  await expect(page.getByRole('button', { name: 'Choose the photograph' })).toBeHidden();
});
