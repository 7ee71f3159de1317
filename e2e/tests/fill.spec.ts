import { expect, test } from '../support/test';

test('a practice picture of a sheet is drawn, read, looked through and put on the shelf', async ({
  page,
  empty,
}) => {
  await page.goto(`${empty.url}/shelf/fill`);
  await page.getByText('Try it with a practice picture').click();
  await page.getByRole('checkbox', { name: 'upside down' }).check();
  await page.getByRole('button', { name: 'Draw a practice picture' }).click();
  await page.getByRole('button', { name: 'Read it' }).click();
  await expect(page.getByText(/\d+ fields are read, \d+ are not sure/)).toBeVisible({});
  const rows = page.getByRole('region', { name: 'Pots to look through, a table' }).getByRole('row');
  expect(await rows.count()).toBeGreaterThan(50);
  await page.getByLabel('Name of field 1', { exact: true }).fill('Lantern Fair');
  const put = page.getByRole('button', { name: /^Put \d+ pots on the shelf/ });
  const words = (await put.textContent()) ?? '';
  await put.click();
  await expect(page.getByText(`${words.match(/\d+/)?.[0]} pots added.`)).toBeVisible();
  await expect(page.getByRole('button', { name: 'Lantern Fair', exact: true })).toBeVisible();
});

test('a picture of something else is refused in a sentence, and so is no picture', async ({
  page,
  empty,
}) => {
  await page.goto(`${empty.url}/shelf/fill`);
  const shot = await page.screenshot({ type: 'jpeg' });
  const choose = page.getByLabel('Photograph of the sheet');
  await choose.setInputFiles({ name: 'cat.jpg', mimeType: 'image/jpeg', buffer: shot });
  await expect(page.getByText('No sheet is to be seen')).toBeVisible();
  await choose.setInputFiles({
    name: 'notes.jpg',
    mimeType: 'image/jpeg',
    buffer: Buffer.from('no picture at all'),
  });
  await expect(page.getByRole('alert')).toContainText('notes.jpg');
});

test('names by list are pots with their pigments guessed; what is there already is said', async ({
  page,
  empty,
}) => {
  await page.goto(`${empty.url}/shelf/fill/names`);
  await page
    .getByLabel('Names of pots, one a line')
    .fill('1. Yellow ochre, student\n2. Lantern Fair\n- lantern fair');
  await page.getByRole('button', { name: 'Check these names' }).click();
  await expect(page.getByText('Guessed from the pigment')).toBeVisible();
  await expect(page.getByText('The name tells no colour')).toBeVisible();
  await expect(page.getByRole('button', { name: 'Put 1 pot on the shelf' })).toBeVisible();
  await page.getByLabel('Colour of Lantern Fair').fill('#8fa06a');
  await page.getByRole('button', { name: 'Put 2 pots on the shelf' }).click();
  await expect(page.getByRole('button', { name: 'Lantern Fair', exact: true })).toBeVisible();
  await page.goto(`${empty.url}/shelf/fill/names`);
  await page.getByLabel('Names of pots, one a line').fill('Lantern Fair');
  await page.getByRole('button', { name: 'Check these names' }).click();
  await page.getByRole('checkbox', { name: 'Lantern Fair goes in' }).check();
  await expect(page.getByText('A pot of this name is on the shelf already.')).toBeVisible();
});

test('the sheet, and nothing else, is what is printed', async ({ page, empty }) => {
  await page.goto(`${empty.url}/shelf/fill`);
  await expect(page.getByRole('button', { name: 'Print the sheet' })).toBeVisible();
  const sheet = page.getByRole('img', { name: /The sheet to print/ });
  await expect(sheet).toBeHidden();
  await page.emulateMedia({ media: 'print' });
  await expect(sheet).toBeVisible();
  await expect(page.getByRole('button', { name: 'Choose the photograph' })).toBeHidden();
  await expect(page.getByRole('banner')).toBeHidden();
  const { width = 0, height = 0 } = (await sheet.boundingBox()) ?? {};
  // 190 by 277 mm, as the reading takes it to be.
  expect(height / width).toBeCloseTo(277 / 190, 2);
});
