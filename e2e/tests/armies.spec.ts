import { expect, test } from '../support/test';

test('the paint of the sample army is reckoned, by pot and by mix', async ({ page, demo }) => {
  await page.goto(`${demo.url}/armies`);
  await expect(page.getByText('7 units, 64 models')).toBeVisible();
  await page.getByRole('link', { name: 'Lanternfen Levy' }).click();
  await page.getByRole('link', { name: 'Paint needed' }).click();
  await expect(page.getByText(/^Short of .*Marigold Clay \(\d/)).toBeVisible();
  const row = page.getByRole('row').filter({ hasText: 'Marigold Clay' });
  await expect(row).toContainText(/\d+\.\d+ ml.*3\.0 ml.*\d+\.\d+ ml/);
  await page.getByText(/Dike Watch, 20 models/).click();
  await expect(
    page.getByText(/line \d+ of Oilskin yellow.*for later lines of paint/).first(),
  ).toBeVisible();
});

test('a unit is written with its surfaces; shares are evened out, wrong figures named', async ({
  page,
  demo,
}) => {
  await page.goto(`${demo.url}/armies/lanternfen-levy`);
  await page.getByRole('button', { name: 'Add a unit' }).click();
  const form = page.getByRole('form', { name: 'Edit Unit 8' });
  await form.getByLabel('Models').fill('0');
  await expect(
    form.getByText('0 is not right: it should be a whole number from 1 to 2,000.'),
  ).toBeVisible();
  await form.getByLabel('Models').fill('10000');
  await expect(form.getByText(/10000 is not right/)).toBeVisible();
  await form.getByLabel('Models').fill('4');
  await form.getByLabel('Size').selectOption({ label: 'mounted: rider and mount' });
  await form.getByRole('button', { name: /^More: 80 cm²/ }).click();
  await expect(form.getByLabel('Area of a model')).toHaveValue('80');
  await form.getByLabel('Share, %').fill('60');
  await form.getByRole('button', { name: 'Add a surface' }).click();
  await expect(form.getByLabel('Share, %').nth(1)).toHaveValue('40');
  await form.getByLabel('Share, %').nth(1).fill('60');
  await expect(form.getByText('The shares add up to 120 %, not to the whole model.')).toBeVisible();
  await form.getByRole('button', { name: 'Even them out' }).click();
  await expect(form.getByText('The shares add up to 100 %.')).toBeVisible();
  await form.getByRole('button', { name: 'Add a part' }).click();
  await form.getByLabel('How many').fill('');
  await form.getByLabel('Unit', { exact: true }).fill('Ferry Guard');
  await page.getByRole('form').getByRole('button', { name: 'Done' }).click();
  await expect(page.getByText('4 models, mounted, 80 cm²')).toBeVisible();
  await expect(page.getByText(/Straps many/)).toBeVisible();
  await page.reload();
  await expect(page.getByRole('button', { name: 'Ferry Guard', exact: true })).toBeVisible();
  await expect(page.getByText('8 units, 68 models')).toBeVisible();
});

test('a surface without a recipe is named, and so is one whose recipe was deleted', async ({
  page,
  demo,
}) => {
  const removed = await page.request.delete(`${demo.url}/api/recipes/reed-cloak?revision=1`);
  expect(removed.ok()).toBe(true);
  await page.goto(`${demo.url}/armies/lanternfen-levy/paint`);
  await expect(page.getByText(/Not counted.*Reed mantle of Dike Watch/)).toBeVisible();
  await page.getByRole('link', { name: 'Units', exact: true }).click();
  await page.getByRole('button', { name: 'Reed Cutters' }).click();
  await expect(page.getByText('This recipe was deleted; choose another.')).toBeVisible();
  await page
    .getByLabel('Recipe', { exact: true })
    .first()
    .selectOption('Oilskin yellow, shaded and restored');
  await page.getByRole('button', { name: 'Undo: edit Reed Cutters' }).click();
  await expect(page.getByText('This recipe was deleted; choose another.')).toBeVisible();
});

test('a version is pinned, and the army keeps it when the recipe goes on', async ({
  page,
  demo,
}) => {
  const address = `${demo.url}/api/recipes/oilskin-shadow`;
  await page.request.put(`${address}/versions/1`, { data: { note: 'as first', revision: 1 } });
  await page.goto(`${demo.url}/armies/lanternfen-levy`);
  await page.getByText('Recipes of the whole army, by kind of surface').click();
  await page.getByLabel('cloth, version').selectOption('1: as first');
  await page.getByRole('link', { name: 'Paint needed' }).click();
  const marigold = page.getByRole('row').filter({ hasText: 'Marigold Clay' });
  const before = await marigold.textContent();
  const { content, revision } = await (await page.request.get(address)).json();
  const steps = content.steps.slice(0, 1);
  await page.request.put(address, { data: { content: { ...content, steps }, revision } });
  await page.reload();
  await expect(marigold).toHaveText(before ?? '');
});

test('with the keyboard alone an army is written', async ({ page, empty }) => {
  await page.goto(`${empty.url}/recipes`);
  await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
  await page.keyboard.press('Alt+5');
  await expect(page.getByText('An army holds its units')).toBeVisible();
  await page.keyboard.press('n');
  const name = page.getByLabel('Army', { exact: true });
  await name.focus();
  await page.keyboard.press('Control+a');
  await page.keyboard.type('Mire Guard');
  await page.keyboard.press('Enter');
  await name.blur();
  await page.keyboard.press('n');
  await expect(page.getByRole('form', { name: 'Edit Unit 1' })).toBeVisible();
  await page.reload();
  await expect(name).toHaveValue('Mire Guard');
  await expect(page.getByText('1 unit, 10 models')).toBeVisible();
});
