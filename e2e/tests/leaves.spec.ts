import { readFileSync } from 'node:fs';
import type { Page } from '@playwright/test';
import { startServer } from '../support/ledgerServer';
import { expect, isSaved, test } from '../support/test';
import { openMore } from '../support/openLine';

/** The pixels of a picture of a form, for telling whether it changed. */
const canvasOf = (page: Page, name: RegExp) =>
  page.getByRole('img', { name }).last().locator('canvas');
const pixelsOf = (page: Page, name: RegExp) =>
  canvasOf(page, name).evaluate((canvas) => (canvas as HTMLCanvasElement).toDataURL());

/** How far the strongest colour of a picture is from grey, and how many tones it has. */
const tonesOf = (page: Page, name: RegExp) =>
  canvasOf(page, name).evaluate((element) => {
    const { width, height } = element as HTMLCanvasElement;
    const { data } = (element as HTMLCanvasElement)
      .getContext('2d')!
      .getImageData(0, 0, width, height);
    const tones = new Set<number>();
    let chroma = 0;
    for (let i = 0; i < data.length; i += 4) {
      const [r, g, b] = data.slice(i, i + 3);
      tones.add(r + g + b);
      chroma = Math.max(chroma, Math.max(r, g, b) - Math.min(r, g, b));
    }
    return { chroma, tones: tones.size };
  });

/** Waits until a picture is drawn and is not being drawn any more. */
async function isDrawn(page: Page, name: RegExp): Promise<void> {
  await expect.poll(async () => (await tonesOf(page, name)).tones).toBeGreaterThan(20);
  let before = '';
  await expect
    .poll(async () => {
      const isSteady = (await pixelsOf(page, name)) === before;
      before = await pixelsOf(page, name);
      return isSteady;
    })
    .toBe(true);
}

test('the form is lit from another side, shown in greys, and chosen with the recipe', async ({
  page,
  demo,
}) => {
  await page.goto(`${demo.url}/recipes/oilskin-shadow/form`);
  const front = /folds, from the front/;
  await expect(page.getByRole('img', { name: front })).toBeVisible();
  await isDrawn(page, front);
  const above = await pixelsOf(page, front);
  await page.getByLabel('Seen in light from').selectOption('below');
  await expect.poll(() => pixelsOf(page, front)).not.toBe(above);
  await isDrawn(page, front);
  expect((await tonesOf(page, front)).chroma).toBeGreaterThan(40);
  await page.getByLabel('greys only').check();
  await expect.poll(async () => (await tonesOf(page, front)).chroma).toBeLessThanOrEqual(2);
  await page.getByLabel('Form', { exact: true }).selectOption('rounded limb');
  await expect(page.getByRole('img', { name: /rounded limb, from the front/ })).toBeVisible();
  await isSaved(page);
  await page.reload();
  await expect(page.getByLabel('Form', { exact: true })).toHaveValue('limb');
});

test('another surface stands beside it, and can be dimmed', async ({ page, demo }) => {
  await page.goto(`${demo.url}/recipes/oilskin-shadow/form`);
  const front = /folds, from the front/;
  const dimmed = page.getByLabel('this surface alone, the rest dimmed');
  await expect(dimmed).toBeDisabled();
  await isDrawn(page, front);
  const alone = await pixelsOf(page, front);
  await page.getByLabel('Beside it').selectOption('Copper diving helm');
  await expect.poll(() => pixelsOf(page, front)).not.toBe(alone);
  const beside = await pixelsOf(page, front);
  await dimmed.check();
  await expect.poll(() => pixelsOf(page, front)).not.toBe(beside);
});

test('a ladder of even steps goes in as lines', async ({ page, demo }) => {
  await page.goto(`${demo.url}/recipes/oilskin-shadow/values`);
  await expect(page.getByText('Line 2 on line 1:')).toBeVisible();
  await page.getByLabel('From', { exact: true }).selectOption({ label: 'line 1: Fen Umber' });
  await page.getByLabel('Mixes between').selectOption('2');
  await expect(page.getByText(/The steps are/)).toBeVisible();
  await page.getByRole('button', { name: 'Put them in as lines' }).click();
  await page.getByRole('link', { name: 'Lines', exact: true }).click();
  await expect(page.getByRole('button', { name: /^Line 10 / })).toBeVisible();
  await page.getByRole('button', { name: 'Undo', exact: true }).click();
  await expect(page.getByRole('button', { name: /^Line 8 detail point/ })).toBeVisible();
});

test('passes differ by finish level, and the totals follow', async ({ page, demo }) => {
  await page.goto(`${demo.url}/recipes/oilskin-shadow/levels`);
  const field = page.getByLabel('Coats of line 4 at rank and file standard');
  const totals = page.getByRole('row', { name: /^Adds up to/ });
  await expect(totals).toContainText('6 steps, 15 coats');
  await field.fill('1');
  await expect(totals).toContainText('6 steps, 13 coats');
  await field.fill('0');
  await expect(
    page.getByText('“0” is not right: it should be a whole number from 1 to 12.'),
  ).toBeVisible();
  await expect(totals).toContainText('6 steps, 13 coats');
  await field.fill('3');
  await page.getByRole('button', { name: 'include line 7 from rank and file on' }).click();
  await expect(totals).toContainText('7 steps, 17 coats');
  await page.getByRole('checkbox', { name: 'Line 2 is in' }).uncheck();
  await expect(totals).toContainText('6 steps, 15 coats');
  await expect(page.getByRole('img', { name: 'You may stop here' }).first()).toBeVisible();
});

test('a version is frozen, compared, and brought back; frozen twice it is one', async ({
  page,
  demo,
}) => {
  await page.goto(`${demo.url}/recipes/oilskin-shadow/versions`);
  await page.getByLabel('What this version is').fill('The first boat');
  await page.getByRole('button', { name: 'Save version 1' }).click();
  await expect(page.getByText(/The first boat · as the page is now/)).toBeVisible();
  await expect(page.getByRole('button', { name: 'Save version 2' })).toBeDisabled();
  await expect(page.getByText('Nothing has changed since version 1.')).toBeVisible();

  await page.getByLabel('Undercoat', { exact: true }).selectOption('Chalkbank Primer');
  await page.getByRole('link', { name: 'Lines', exact: true }).click();
  await page.getByRole('button', { name: /^Line 8 / }).press('Delete');
  await isSaved(page);
  await page.getByRole('link', { name: 'Versions' }).click();
  await expect(page.getByText(/They differ most at the point/)).toBeVisible();
  await expect(page.getByRole('row').filter({ hasText: 'not there' })).toHaveCount(1);
  await expect(page.getByRole('link', { name: 'Draft after version 1' })).toBeVisible();
  await page.getByRole('button', { name: 'Restore this version' }).click();
  await expect(page.getByText('The finished surfaces are the same.')).toBeVisible();
  await page.getByRole('button', { name: 'Undo', exact: true }).click();
  await expect(page.getByText(/They differ most at the point/)).toBeVisible();
});

test('any two recipes are compared', async ({ page, demo }) => {
  await page.goto(`${demo.url}/recipes/oilskin-shadow/versions`);
  await page.getByLabel('Right: recipe').selectOption('Oilskin yellow, shaded and restored');
  await expect(page.getByText(/They differ most at the .*: /)).toBeVisible();
  await expect(page.getByRole('img', { name: 'Right, after line 8' })).toBeVisible();
});

test('a variant takes its parent’s later changes over line by line, and outlives it', async ({
  page,
  demo,
}) => {
  await page.goto(`${demo.url}/recipes/oilskin-shadow/versions`);
  await page.getByLabel('Name of a new variant').fill('Oilskin yellow, worn');
  await page.getByRole('button', { name: 'Copy as a variant' }).click();
  await expect(page).toHaveURL(/recipes\/[0-9a-f-]{36}$/);
  const variant = page.url();
  await page.getByRole('button', { name: /^Line 1 / }).click();
  await openMore(page);
  await page.getByLabel('Note', { exact: true }).fill('Rub it down at the hem.');
  await isSaved(page);

  await page.goto(`${demo.url}/recipes/oilskin-shadow`);
  await page.getByRole('button', { name: /^Line 2 / }).click();
  await page.getByRole('textbox', { name: 'Coats', exact: true }).fill('5');
  await page.getByRole('button', { name: /^Line 3 / }).click();
  await page.getByRole('textbox', { name: 'Coats', exact: true }).fill('6');
  await isSaved(page);
  await page.getByRole('link', { name: 'Versions' }).click();
  await page.getByRole('button', { name: 'Save version 2' }).click();
  await expect(page.getByText('Version 2 is saved.')).toBeVisible();

  await page.goto(`${variant}/versions`);
  await expect(page.getByText(/Version 2 of it is newer/)).toBeVisible();
  const third = page.getByRole('row').filter({ hasText: 'Line 3' });
  await third.getByRole('radio').first().check();
  await page.getByRole('button', { name: 'Take over what is chosen' }).click();
  await expect(page.getByText('There is no newer version of it')).toBeVisible();
  await isSaved(page);
  await page.getByRole('link', { name: 'Lines', exact: true }).click();
  const line = (number: number) => page.getByRole('listitem').nth(number - 1);
  await expect(line(2)).toContainText('5 coats');
  await expect(line(3)).toContainText('2 coats');
  await expect(line(1)).toContainText('Rub it down at the hem.');

  const deleted = await page.request.delete(
    `${demo.url}/api/recipes/oilskin-shadow?revision=${await revisionOf(page, demo.url)}`,
  );
  expect(deleted.status()).toBe(204);
  await page.goto(`${variant}/versions`);
  await expect(
    page.getByText(/is not in this ledger.*The variant stands on its own/),
  ).toBeVisible();
  await page.getByRole('button', { name: 'Unlink it' }).click();
  await expect(page.getByText(/is not in this ledger/)).toBeHidden();
  await isSaved(page);
});

async function revisionOf(page: Page, url: string): Promise<number> {
  const kept = (await (await page.request.get(`${url}/api/recipes/oilskin-shadow`)).json()) as {
    revision: number;
  };
  return kept.revision;
}

test('the card prints on one page of its own size, and is saved as text and as a picture', async ({
  page,
  demo,
}) => {
  await page.goto(`${demo.url}/recipes/reed-cloak/card`);
  await expect(page.getByRole('article', { name: 'Card on A6' })).toBeVisible();
  for (const [paper, width, height] of [
    ['A6', 298, 420],
    ['four A6 on A4', 595, 842],
    ['A4', 595, 842],
  ] as const) {
    await page.getByRole('radio', { name: paper, exact: true }).check();
    const pdf = (await page.pdf({ preferCSSPageSize: true, printBackground: true })).toString(
      'latin1',
    );
    const boxes = [...pdf.matchAll(/\/MediaBox \[0 0 ([\d.]+) ([\d.]+)\]/g)];
    expect(boxes).toHaveLength(1);
    expect(Math.abs(Number(boxes[0][1]) - width)).toBeLessThan(2);
    expect(Math.abs(Number(boxes[0][2]) - height)).toBeLessThan(2);
  }
  const saved = async (button: string) => {
    const download = page.waitForEvent('download');
    await page.getByRole('button', { name: button }).click();
    const file = await download;
    return { name: file.suggestedFilename(), text: readFileSync(await file.path(), 'utf8') };
  };
  const markdown = await saved('Save as Markdown');
  expect(markdown.name).toMatch(/^Reed cloak, three tones.*\.md$/);
  expect(markdown.text).toContain('| 1 | base, brush coat | Reed Straw |');
  const strip = await saved('Save the strip as SVG');
  expect(strip.text.match(/<linearGradient/g)).toHaveLength(9);
});

test('an empty recipe has leaves that say so', async ({ page, demo }) => {
  await page.goto(`${demo.url}/recipes`);
  await page.getByRole('button', { name: 'New recipe' }).click();
  await expect(page.getByLabel('Recipe', { exact: true })).toBeVisible();
  const leaf = (name: string) => page.getByRole('link', { name, exact: true }).click();
  await leaf('Light steps');
  await expect(page.getByText('There is no line yet')).toBeVisible();
  await leaf('Standards');
  await expect(page.getByText('There is no line to finish yet.')).toBeVisible();
  await leaf('On a form');
  await expect(page.getByRole('img', { name: /folds, from the front/ })).toBeVisible();
  await leaf('Card');
  await expect(page.getByText('0 of 0 lines', { exact: false })).toBeVisible();
});

test('leaves are turned with the keyboard', async ({ page, demo }) => {
  await page.goto(`${demo.url}/recipes/oilskin-shadow`);
  await expect(page.getByRole('img', { name: /after line 8/ })).toBeVisible();
  await page.keyboard.press(']');
  await expect(page).toHaveURL(/\/form$/);
  await page.keyboard.press('[');
  await page.keyboard.press('[');
  await expect(page).toHaveURL(/\/card$/);
  await expect(page.getByRole('article', { name: 'Card on A6' })).toBeVisible();
});

test('a version survives a power cut, and a mend too', async ({ page }) => {
  const first = await startServer({ demo: true });
  await page.goto(`${first.url}/recipes/oilskin-shadow`);
  const line = page.getByRole('listitem').filter({ hasText: 'Collar, cuffs' });
  await page.getByRole('button', { name: /^Line 8 / }).click();
  await openMore(page);
  await page.getByLabel('What it is for').selectOption({ index: 1 });
  await page.getByRole('button', { name: 'Done' }).click();
  await line.getByRole('button', { name: 'Make it 3' }).click();
  await isSaved(page);
  await page.getByRole('link', { name: 'Versions' }).click();
  await page.getByLabel('What this version is').fill('Before the storm');
  await page.getByRole('button', { name: 'Save version 1' }).click();
  await expect(page.getByText('Version 1 is saved.')).toBeVisible();
  await first.kill();
  const second = await startServer({ demo: true, dataFolder: first.dataFolder });
  await page.goto(`${second.url}/recipes/oilskin-shadow/versions`);
  await expect(page.getByText(/Before the storm · as the page is now/)).toBeVisible();
  await page.getByRole('link', { name: 'Lines', exact: true }).click();
  await expect(page.getByRole('listitem').nth(7)).toContainText('3 coats');
  await second.stop();
});

test('what is said of the whole recipe is mended from the head of the lines', async ({
  page,
  demo,
}) => {
  await page.goto(`${demo.url}/recipes/oilskin-restored`);
  await page.getByRole('button', { name: /^Line 7 / }).click();
  await page.getByRole('combobox', { name: 'Pot or mix 1' }).fill('peat');
  await page.getByRole('option', { name: /^Peat paint/ }).click();
  await page.getByRole('slider', { name: 'Starts at' }).fill('0.7');
  const whole = page.getByRole('group', { name: 'Remarks on the whole' });
  await expect(whole.getByText(/ends darker than the mid tone/)).toBeVisible();
  await whole.getByRole('button', { name: /^Bring line \d back on top$/ }).click();
  await expect(whole.getByText(/ends darker than the mid tone/)).toBeHidden();
  await expect(page.getByRole('button', { name: /^Line 9 highlight layer/ })).toBeVisible();
});
