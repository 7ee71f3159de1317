import { expect, test } from '../support/test';

const find = { name: 'Find the nearest mixes' };

test('a pot that is gone is matched from what is at hand', async ({ page, demo }) => {
  await page.goto(`${demo.url}/match`);
  await page.getByRole('radio', { name: 'a pot', exact: true }).check();
  await expect(page.getByRole('button', find)).toBeDisabled();
  await expect(page.getByText('Choose a pot first.')).toBeVisible();
  await page.getByRole('combobox', { name: 'Pot to match' }).fill('old mari');
  await page.getByRole('option', { name: /Old Marigold/ }).click();
  await page.getByRole('button', find).click();
  const found = page.getByRole('region', { name: 'Nearest mixes' }).getByRole('listitem');
  await expect(found.first()).toContainText(/side by side|nobody|anybody|another colour/);
  await expect(found.first()).toContainText(/Drops for 6 models: \d+ /);
  await expect(page.getByRole('button', { name: 'Stop' })).toBeHidden();
  await expect(found.filter({ hasText: 'Old Marigold' })).toHaveCount(0);
  await found.first().getByRole('link', { name: 'Mix it on the palette' }).click();
  await expect(page.getByText(/^To begin with, put in/)).toBeVisible();
  await page.goBack();
  await page.getByRole('radio', { name: 'a pot', exact: true }).check();
  await page.getByRole('combobox', { name: 'Pot to match' }).fill('old mari');
  await page.getByRole('option', { name: /Old Marigold/ }).click();
  await page.getByLabel('only pots I have').uncheck();
  await page.getByRole('button', find).click();
  await expect(found.first()).toContainText('Old Marigold');
  await expect(found.first()).toContainText('nobody will see it');
});

test('what no mix reaches is said, with the way it misses', async ({ page, demo }) => {
  await page.goto(`${demo.url}/match`);
  await page.getByLabel('Colour', { exact: true }).fill('#00ff00');
  await page.getByRole('button', find).click();
  await expect(
    page.getByText(/No mix from this shelf reaches #00ff00\. The nearest is .*another colour/),
  ).toBeVisible();
});

test('figures are typed in, and wrong ones are named', async ({ page, demo }) => {
  await page.goto(`${demo.url}/match`);
  await page.getByRole('radio', { name: 'L*, a, b' }).check();
  await page.getByLabel('L*', { exact: true }).fill('140');
  await expect(page.getByText('L* is 140; it should be a number from 0 to 100.')).toBeVisible();
  await page.getByRole('button', { name: 'Use these numbers' }).click();
  await expect(page.getByRole('button', find)).toBeDisabled();
  await page.getByLabel('L*', { exact: true }).fill('55');
  await page.getByRole('button', { name: 'Use these numbers' }).click();
  await page.getByRole('button', find).click();
  await expect(page.getByRole('region', { name: 'Nearest mixes' })).toBeVisible();
});

test('the finished colour at a place of a recipe is matched over a primer', async ({
  page,
  demo,
}) => {
  await page.goto(`${demo.url}/match`);
  await page.getByRole('radio', { name: 'a recipe' }).check();
  await page.getByLabel('Recipe', { exact: true }).selectOption('Reed cloak, three tones');
  await page.getByLabel('Colour in it').selectOption('finished, at the crown');
  await page.getByLabel('Looked at').selectOption('over Lampsoot Primer');
  await page.getByLabel('Neat coats').selectOption('3');
  await page.getByRole('button', find).click();
  await expect(
    page.getByRole('region', { name: 'Nearest mixes' }).getByRole('listitem').first(),
  ).toBeVisible();
});

test('a colour is picked out of a picture with the keyboard; what is no picture is said', async ({
  page,
  demo,
}) => {
  await page.goto(`${demo.url}/match`);
  await page.getByRole('radio', { name: 'a picture' }).check();
  await page.getByRole('button', { name: 'Show numbers' }).click();
  const file = page.getByLabel('Picture', { exact: true });
  await file.setInputFiles({ name: 'notes.png', mimeType: 'image/png', buffer: Buffer.from('no') });
  await expect(page.getByText(/notes\.png is no picture this browser can read/)).toBeVisible();
  const halves = await page.evaluate(() => {
    const canvas = document.createElement('canvas');
    canvas.width = 40;
    canvas.height = 20;
    const context = canvas.getContext('2d')!;
    context.fillStyle = '#aa3311';
    context.fillRect(0, 0, 20, 20);
    context.fillStyle = '#2255aa';
    context.fillRect(20, 0, 20, 20);
    return canvas.toDataURL('image/png').split(',')[1];
  });
  await file.setInputFiles({
    name: 'halves.png',
    mimeType: 'image/png',
    buffer: Buffer.from(halves, 'base64'),
  });
  const picture = page.getByRole('application');
  await picture.focus();
  await page.keyboard.press('Shift+ArrowRight');
  await expect(page.getByText(/#2255aa/)).toBeVisible();
  await page.keyboard.press('Shift+ArrowLeft');
  await page.keyboard.press('Shift+ArrowLeft');
  await expect(page.getByText(/#aa3311/)).toBeVisible();
});

test('with nothing on the shelf the page says what it is for', async ({ page, empty }) => {
  await page.goto(`${empty.url}/match`);
  await expect(page.getByText('There is no paint on the shelf yet to mix from.')).toBeVisible();
});
