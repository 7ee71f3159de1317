import { expect, isSaved, pictureOf, test } from '../support/test';
import { openMore } from '../support/openLine';

test.beforeEach(async ({ page, demo }) => {
  await page.goto(`${demo.url}/recipes/oilskin-shadow`);
});

test('the ribbons follow what is typed, and undo brings them back', async ({ page }) => {
  const finished = await pictureOf(page, /The finished surface/);
  await page.getByRole('button', { name: /^Line 5 / }).click();
  await page.getByLabel('Parts, 2').fill('1');
  await expect(page.getByText('1 of line 4 + 1 Oilskin Yellow')).toBeVisible();
  await expect.poll(() => pictureOf(page, /The finished surface/)).not.toBe(finished);
  const thinner = page.getByLabel('Water parts');
  await thinner.fill('2');
  await expect(page.getByText('1 paint : 2 water, 33 % paint')).toBeVisible();
  await isSaved(page);
  await page.getByRole('button', { name: 'Undo' }).click();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect.poll(() => pictureOf(page, /The finished surface/)).toBe(finished);
  await expect(thinner).toHaveValue('0.5');
  await page.getByRole('button', { name: 'Redo' }).click();
  await expect(page.getByText('1 of line 4 + 1 Oilskin Yellow')).toBeVisible();
});

test('a pot is chosen by a part of its name, and a mix carried forward by its line', async ({
  page,
}) => {
  await page.getByRole('button', { name: /^Line 1 / }).click();
  const pot = page.getByRole('combobox', { name: 'Pot or mix 1' });
  await pot.fill('rose');
  await page.getByRole('option', { name: /Rosehip/ }).click();
  await expect(
    page.getByRole('button', { name: /^Line 1 base brush coat: Rosehip/ }),
  ).toBeVisible();
  // The first Escape closes an open list, the second the line.
  await pot.fill('sl');
  await expect(page.getByRole('option', { name: /Sloe/ })).toBeVisible();
  await page.keyboard.press('Escape');
  await expect(page.getByRole('option', { name: /Sloe/ })).toBeHidden();
  await expect(pot).toBeVisible();
  await page.keyboard.press('Escape');
  await expect(pot).toBeHidden();

  await page.getByRole('button', { name: /^Line 8 / }).click();
  await page.getByRole('combobox', { name: 'Pot or mix 2' }).fill('line 1');
  await page.getByRole('option', { name: /mix of line 1/ }).click();
  await expect(
    page.getByRole('button', { name: /^Line 8 .*1 Gosling Down \+ 1 of line 1/ }),
  ).toBeVisible();
});

test('what is wrong is said beside the field, is not counted, and is kept when the line closes', async ({
  page,
}) => {
  const finished = await pictureOf(page, /The finished surface/);
  const open = page.getByRole('button', { name: /^Line 4 / });
  await open.click();
  const parts = page.getByLabel('Parts, 1');
  for (const [typed, said] of [
    ['0', '0 is not right: it should be parts above 0 and up to 100.'],
    ['-3', '-3 is not right'],
    ['1000000000', '1000000000 is not right'],
    ['', 'Empty is not right'],
  ]) {
    await parts.fill(typed);
    await expect(page.getByText(said)).toBeVisible();
  }
  await page.getByLabel('Water parts').fill('60');
  await expect(
    page.getByText('60 is not right: it should be 0 to 30 parts of water'),
  ).toBeVisible();
  await open.click();
  await expect(parts).toBeHidden();
  expect(await pictureOf(page, /The finished surface/)).toBe(finished);
  await open.click();
  await expect(page.getByLabel('Water parts')).toHaveValue('60');
  await expect(page.getByText('60 is not right')).toBeVisible();
});

test('a line says what it is for; said to cover, the margin counts its coats, and one press mends them', async ({
  page,
}) => {
  const line = page.getByRole('listitem').filter({ hasText: 'Collar, cuffs' });
  await expect(line.getByText('marks', { exact: true })).toBeVisible();
  await page.getByRole('button', { name: /^Line 8 / }).click();
  await openMore(page);
  await page
    .getByLabel('What it is for')
    .selectOption({ label: 'it covers: nothing below it is to show' });
  await page.getByRole('button', { name: 'Done' }).click();
  await expect(line.getByText(/Covers in 3 coats; 2 written/)).toBeVisible();
  await line.getByRole('button', { name: 'Make it 3' }).click();
  await expect(line.getByText('Covers.')).toBeVisible();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(line.getByText(/2 written/)).toBeVisible();
});

test('what was meant so is set aside, is still so after a reload, and goes with what it was said of', async ({
  page,
}) => {
  const line = page.getByRole('listitem').filter({ hasText: 'The whole coat' });
  await page.getByRole('button', { name: /^Line 1 / }).click();
  await page.getByLabel('Water parts').fill('8');
  await page.getByRole('button', { name: 'Done' }).click();
  const said = line.getByText(/^Breaks up: 8 parts of water/);
  await expect(said).toBeVisible();
  await line.getByRole('button', { name: 'On purpose' }).first().click();
  await expect(said).toBeHidden();
  await isSaved(page);
  await page.reload();
  await line.getByRole('button', { name: '1 on purpose' }).click();
  await expect(said).toBeVisible();
  await expect(line.getByRole('button', { name: 'Show it again' })).toBeVisible();
  await page.getByRole('button', { name: /^Line 1 / }).click();
  await page.getByLabel('Water parts').fill('2');
  await page.getByRole('button', { name: 'Done' }).click();
  await expect(line.getByRole('button', { name: 'Show it again' })).toBeHidden();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(line.getByRole('button', { name: '1 on purpose' })).toBeVisible();
});

test('another ground shows at once, and a quicker finish level leaves lines out', async ({
  page,
}) => {
  const first = await pictureOf(page, 'The undercoat');
  await page.getByLabel('Undercoat', { exact: true }).selectOption('Chalkbank Primer');
  await expect.poll(() => pictureOf(page, 'The undercoat')).not.toBe(first);
  await expect(page.getByText(/^8 steps/)).toBeVisible();
  await page.getByLabel('Standard').selectOption('field');
  await expect(page.getByText(/^6 steps/)).toBeVisible();
  await expect(page.getByText('Left out: it begins at the display standard.')).toBeVisible();
});

test('drops follow the number of models', async ({ page }) => {
  await page.getByRole('button', { name: /^Line 1 / }).click();
  const drops = page.getByText(/^Drops for/);
  await expect(drops).toContainText('Drops for 6 models: 9 Fen Umber + 5 water');
  await page.getByLabel('Models').fill('60');
  await expect(drops).toContainText('Drops for 60 models');
  await expect(drops).toContainText('87 Fen Umber');
});

test('a line is carried to another place with the mouse', async ({ page }) => {
  const grip = page.getByRole('button', { name: 'Move line 8' });
  // Ribbons and remarks move the lines as they come in; places hold still after them.
  await expect(page.getByRole('img', { name: /after line 8/ })).toBeVisible();
  // Away from the edge of the window, where the page would scroll under the hand.
  await page.getByLabel('Notes on the recipe').scrollIntoViewIfNeeded();
  const from = (await grip.boundingBox())!;
  const to = (await page.getByRole('button', { name: 'Move line 7' }).boundingBox())!;
  await page.mouse.move(from.x + 5, from.y + 5);
  await page.mouse.down();
  await page.mouse.move(from.x + 5, from.y - 20, { steps: 5 });
  await page.mouse.move(to.x + 5, to.y, { steps: 10 });
  await expect(page.getByText('Line 8 would stand at place 7.')).toBeAttached();
  await page.mouse.up();
  await expect(page.getByRole('button', { name: /^Line 7 detail point/ })).toBeVisible();
});

test('an opened line shows at most fourteen things to press or fill in', async ({ page }) => {
  await page.getByRole('button', { name: /^Line 8 / }).click();
  const form = page.getByRole('form', { name: 'Edit line 8' });
  await expect(form.getByRole('button', { name: /^More: / })).toBeVisible();
  const controls = form.locator('input, button, select, textarea, a[href]');
  expect(await controls.and(page.locator(':visible:not([tabindex="-1"])')).count()).toBeLessThan(
    15,
  );
});

test('spraying carries its caution', async ({ page }) => {
  await page.getByRole('button', { name: /^Line 1 / }).click();
  await openMore(page);
  await page.getByLabel('Technique').selectOption('spray');
  await expect(page.getByText(/wear the mask the maker’s sheet names/i)).toBeVisible();
  await expect(page.getByText(/^Caution, mist: mask/)).toBeVisible();
});

test('names of any script and with tags in them are shown as they are', async ({ page, demo }) => {
  const name = '<script>alert(1)</script> 🪔 صفراء';
  await page.getByLabel('Recipe', { exact: true }).fill(name);
  await isSaved(page);
  await page.goto(`${demo.url}/recipes`);
  await expect(page.getByRole('link', { name, exact: true })).toBeVisible();
  await page.goto(`${demo.url}/recipes/oilskin-shadow`);
  await page.getByLabel('Recipe', { exact: true }).fill('y'.repeat(10_000));
  await expect(page.getByText(/is not right: it should be 1 to 120 characters/)).toBeVisible();
  await page.goto(`${demo.url}/recipes`);
  await expect(page.getByRole('link', { name, exact: true })).toBeVisible();
});
