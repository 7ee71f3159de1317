import { readFile } from 'node:fs/promises';
import type { Page } from '@playwright/test';
import { expect, isSaved, test } from '../support/test';

const take = (page: Page, name: string, content: string | Buffer) =>
  page.getByLabel('File to import').setInputFiles({
    name,
    mimeType: 'text/csv',
    buffer: typeof content === 'string' ? Buffer.from(content) : content,
  });
const status = (page: Page) => page.getByRole('status').filter({ hasText: 'as they are here' });

test('a new user takes a shelf in from a table, and taking it in again changes nothing', async ({
  page,
  empty,
}) => {
  await page.goto(`${empty.url}/shelf`);
  await page.getByRole('link', { name: 'Import a table of pots' }).click();
  // As a spreadsheet of another country writes it: Latin-1, semicolons, decimal commas.
  const table =
    'Farbe;Hex;Deckkraft;ml\r\nSumpfgrün;#66713a;0,7;12,5\r\n"Torf ""alt""";#33261d;92 %;\r\n;#ffffff;1;2\r\nGrau;mud;0,5;\r\n';
  await take(page, 'regal.csv', Buffer.from(table, 'latin1'));
  await expect(page.getByText('4 rows set apart by semicolons, Latin-1.')).toBeVisible();
  await expect(status(page)).toHaveText('2 new, 0 changed, 0 as they are here, 2 bad.');
  await expect(page.getByText('Row 4: name is empty; a pot needs one.')).toBeVisible();
  await expect(page.getByText(/Row 5: swatch is “mud”; it should be a colour/)).toBeVisible();
  expect((await (await page.request.get(`${empty.url}/api/pots`)).json()).items).toEqual([]);
  await page.getByRole('button', { name: 'Import 2 pots' }).click();
  await expect(page.getByText('2 pots added and 0 changed from regal.csv.')).toBeVisible();

  await take(page, 'regal.csv', Buffer.from(table, 'latin1'));
  await expect(status(page)).toHaveText('0 new, 0 changed, 2 as they are here, 2 bad.');
  await expect(page.getByRole('button', { name: 'Import 0 pots' })).toBeDisabled();
  await page.getByRole('link', { name: 'Pots', exact: true }).click();
  await expect(page.getByRole('row').filter({ hasText: 'Sumpfgrün' })).toContainText('0.70 good');
  await expect(page.getByRole('button', { name: 'Torf "alt"', exact: true })).toBeVisible();
});

test('columns nobody would guess are chosen by hand', async ({ page, empty }) => {
  await page.goto(`${empty.url}/shelf/files`);
  await take(page, 'odd.csv', 'A,B,C\nMudlark,#7a5a3a,0.7\n');
  await expect(status(page)).toHaveText('0 new, 0 changed, 0 as they are here, 1 bad.');
  await page.getByLabel('name', { exact: true }).selectOption('A (Mudlark)');
  await page.getByLabel('swatch', { exact: true }).selectOption('B (#7a5a3a)');
  await page.getByLabel('hiding', { exact: true }).selectOption('C (0.7)');
  await expect(status(page)).toHaveText('1 new, 0 changed, 0 as they are here, 0 bad.');
  await expect(page.getByRole('row').filter({ hasText: 'Mudlark' })).toContainText('0.70');
});

test('the table that goes out comes in unchanged, and a formula in it is only text', async ({
  page,
  demo,
}) => {
  const address = `${demo.url}/api/pots/peat`;
  const { content, revision } = await (await page.request.get(address)).json();
  await page.request.put(address, { data: { content: { ...content, notes: '=cmd' }, revision } });
  await page.goto(`${demo.url}/shelf/files`);
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Save shelf.csv' }).click(),
  ]);
  const table = await readFile((await download.path()) ?? '');
  expect(table.toString()).toContain("'=cmd");
  await take(page, 'shelf.csv', table);
  await expect(status(page)).toHaveText(/^0 new, 0 changed, \d+ as they are here, 0 bad\.$/);
});

test('a palette goes out and its colours come into another ledger', async ({
  page,
  demo,
  empty,
}) => {
  await page.goto(`${demo.url}/shelf/files`);
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Save shelf.gpl' }).click(),
  ]);
  const palette = await readFile((await download.path()) ?? '');
  await page.goto(`${empty.url}/shelf/files`);
  await take(page, 'shelf.gpl', palette);
  await page.getByRole('button', { name: /^Import \d+ pots/ }).click();
  await page.getByRole('link', { name: 'Pots', exact: true }).click();
  await expect(page.getByRole('row').filter({ hasText: 'Marigold Clay' })).toContainText('≈');
});

test('everything goes out as one file and comes into another ledger', async ({
  page,
  demo,
  empty,
}) => {
  const text = await (await page.request.get(`${demo.url}/api/files/everything`)).text();
  await page.goto(`${empty.url}/shelf/files`);
  await take(page, 'everything.ledger.json', text);
  await expect(
    page.getByText(/Imported: .*Reed cloak, three tones.* \d+ pots were new\./),
  ).toBeVisible();
  await page.getByRole('link', { name: 'Recipes', exact: true }).click();
  await expect(page.getByRole('listitem')).toHaveCount(18);
});

test('what is no table, no palette and no ledger file is refused with the reason', async ({
  page,
  empty,
}) => {
  await page.goto(`${empty.url}/shelf/files`);
  await take(page, 'nothing.csv', '');
  await expect(page.getByText(/nothing\.csv: There is no table in this file/)).toBeVisible();
  await take(page, 'no.gpl', 'name,hex\na,#fff\n');
  await expect(page.getByText(/no\.gpl: This is no palette file/)).toBeVisible();
  await take(page, 'cut.json', '{"format": "yellow-led');
  await expect(
    page.getByText(/cut\.json was not imported\. This file is no whole JSON/),
  ).toBeVisible();
});

test('100,000 rows are looked at with progress, and are too many to take in', async ({
  page,
  empty,
}) => {
  await page.goto(`${empty.url}/shelf/files`);
  const rows = Array.from({ length: 100_000 }, (_, i) => `Pot ${i},#33261d,0.5`);
  await take(page, 'long.csv', `name,hex,hiding\n${rows.join('\n')}\n`);
  await expect(page.getByRole('progressbar', { name: 'Rows looked at' })).toBeVisible();
  await expect(status(page)).toContainText('100,000 new');
  await expect(page.getByText(/100,000 pots at once are too many: up to 5,000/)).toBeVisible();
  await expect(page.getByRole('button', { name: 'Import 100,000 pots' })).toBeDisabled();
});

test('a backup is made, says what it holds, and can be taken along', async ({ page, demo }) => {
  await page.goto(`${demo.url}/shelf/files`);
  await expect(page.getByText('There is none yet.')).toBeVisible();
  await page.getByRole('button', { name: 'Make one now' }).click();
  const row = page.getByRole('region', { name: 'Backups' }).getByRole('row').nth(1);
  await expect(row).toContainText(/\d+ pots, 18 recipes, .*1 army/);
  const download = page.waitForEvent('download');
  await row.getByRole('link').click();
  const taken = await readFile(await (await download).path());
  const head = taken.subarray(0, 15).toString('latin1');
  expect(head).toBe('SQLite format 3');
});

test('a backup is made on the page and gone back to, and a tab that was open begins anew', async ({
  page,
  demo,
}) => {
  const helm = `${demo.url}/recipes/copper-helm`;
  await page.goto(`${demo.url}/shelf/files`);
  await page.getByRole('button', { name: 'Make one now' }).click();
  await expect(page.getByRole('row', { name: /54 pots, 18 recipes, 1 army/ })).toBeVisible();
  await page.goto(helm);
  await page.getByLabel('Recipe', { exact: true }).fill('Helm, after the backup');
  await isSaved(page);
  const open = await page.context().newPage();
  await open.goto(helm);
  await expect(open.getByLabel('Recipe', { exact: true })).toHaveValue('Helm, after the backup');

  await page.goto(`${demo.url}/shelf/files`);
  await page.getByRole('button', { name: /^Go back to / }).click();
  await page.getByRole('button', { name: /^Put in place of the ledger / }).click();
  await expect(
    page.getByText(/The ledger is what it was on .* What was there is kept as/),
  ).toBeVisible();
  const name = open.getByLabel('Recipe', { exact: true });
  // With its next request it learns that a backup has taken the place, and loads itself again.
  const anew = open.waitForEvent('load');
  await open.getByRole('link', { name: 'Armies', exact: true }).click();
  await anew;
  await open.goto(helm);
  await expect(name).toHaveValue('Copper diving helm');
  await name.fill('Helm, from the old tab');
  await isSaved(open);
  const kept = await (await page.request.get(`${demo.url}/api/recipes/copper-helm`)).json();
  expect(kept.content.name).toBe('Helm, from the old tab');
});
