import { readFileSync } from 'node:fs';
import type { Page } from '@playwright/test';
import { done, layRecipe, layUnit, logOf, now, which } from '../support/bench';
import { expect, test } from '../support/test';

/** Lets the simulated clock run on; presses count as apart, and paint dries. */
const later = (page: Page, time: string) => page.clock.fastForward(time);

/** Done on everything that can be painted, evening by evening, until nothing is left or it is enough. */
async function paintOn(page: Page, steps: number): Promise<void> {
  for (let i = 0; i < steps; i++) {
    await later(page, '00:20');
    if ((await done(page).count()) === 0) await later(page, '50:00');
    await expect(done(page)).toBeEnabled();
    const before = await page.getByText(/^\d+ of \d+ coats$/).innerText();
    await done(page).click();
    await expect(page.getByText(/^\d+ of \d+ coats$/)).not.toHaveText(before);
  }
}

test('a whole session of the sample army: mixing, coats, a mishap mended, a deviation made a version, two days later one more like it', async ({
  page,
  demo,
}) => {
  await page.clock.install({ time: new Date('2026-11-25T18:00:00') });
  await layUnit(page, demo.url, 'Ferry Crew', 2);
  await page.getByRole('button', { name: 'I’ve mixed it' }).click();
  await expect(now(page).getByText(/It is mixed\./)).toBeVisible();
  await paintOn(page, 2);

  // Thinner than written: two presses, and the coats that follow say so.
  await later(page, '00:20');
  const line = await which(page).innerText();
  await page.getByRole('button', { name: 'Differently …' }).click();
  await page.getByRole('button', { name: '1 part more water', exact: true }).click();
  await expect(now(page).getByText(/Differs from the recipe: more thinner/)).toBeVisible();
  expect(await which(page).innerText()).toBe(line);
  await paintOn(page, 1);

  // Something spilled: what mends it is chosen, and is in the log.
  await later(page, '00:20');
  await page.getByRole('button', { name: 'Went wrong …' }).click();
  const wrong = page.getByRole('region', { name: 'Something went wrong' });
  await wrong.getByRole('button', { name: 'spilled' }).click();
  const mends = wrong.getByRole('list', { name: 'What mends it, the best first' });
  await expect(mends.getByRole('listitem').first()).toBeVisible();
  await expect(mends).toContainText(/Leave it: |≈ then /);
  await mends
    .getByRole('button', { name: /^Do this/ })
    .first()
    .click();
  await expect(wrong).toHaveCount(0);
  await paintOn(page, 3);

  const kinds = (await logOf(page, demo.url)).map(({ kind }) => kind);
  expect(kinds.filter((kind) => kind === 'mishap')).toHaveLength(1);
  expect(kinds.filter((kind) => kind === 'mixed').length).toBeGreaterThanOrEqual(2);

  // The painted lines become a version of the recipe, line by line.
  await page.getByRole('link', { name: 'log', exact: true }).last().click();
  await page
    .getByRole('link', { name: /^Model 1 of Ferry Crew/ })
    .first()
    .click();
  const story = page.getByRole('region', { name: 'How it went', exact: true });
  await expect(story).toContainText('more thinner');
  await expect(story).toContainText('It was the first.');
  await page
    .getByRole('region')
    .filter({ has: page.getByRole('cell', { name: /thinner/ }) })
    .getByRole('button', { name: 'Write it down as I did it' })
    .first()
    .click();
  const asDone = page.getByRole('radio', { name: /water/ }).last();
  await expect(asDone).toBeChecked();
  await page.getByRole('button', { name: /^Make it version \d/ }).click();
  await expect(page.getByText(/has version \d now/)).toBeVisible();

  // Two days later.
  await later(page, '48:00:00');
  await page.reload();
  await page.getByRole('button', { name: 'Paint one more like this' }).click();
  await expect(page.getByRole('heading', { name: /^One more like Ferry Crew 1$/ })).toBeVisible();
  await expect(done(page)).toHaveText(/model 1/);
  await paintOn(page, 1);
  await page.getByRole('link', { name: 'Log', exact: true }).click();
  const sittings = page.locator('.sitting');
  // Two of the sample world’s own among them.
  await expect(sittings).toHaveCount(4);
  await expect(sittings.first()).toContainText('27 November 2026');
  await expect(sittings.first()).toContainText('One more like Ferry Crew 1');
});

test('a line that was not painted as written says so before it is painted again', async ({
  page,
  demo,
}) => {
  await page.clock.install({ time: new Date('2026-11-25T18:00:00') });
  await layUnit(page, demo.url, 'Ferry Crew', 1);
  await expect(now(page).getByText(/^The last time/)).toHaveCount(0);
  await page.getByRole('button', { name: 'Differently …' }).click();
  await page.getByRole('button', { name: '1 part more water', exact: true }).click();
  await expect(now(page).getByText(/Differs from the recipe: more thinner/)).toBeVisible();
  await paintOn(page, 1);
  await layUnit(page, demo.url, 'Ferry Crew', 2);
  await expect(
    now(page).getByText(/^The last time, Ferry Crew 1, 25 Nov: 1 coat.*; more thinner\.$/),
  ).toBeVisible();
});

test('starting in the middle, an extra step, a skipped line and another pot are all in the log', async ({
  page,
  demo,
}) => {
  await layRecipe(page, demo.url, 'reed-cloak', 1);
  await page.getByRole('button', { name: 'Bench settings' }).click();
  await page.getByText('Painted before it came to this bench').click();
  await page.getByLabel('is painted up to and with').selectOption({ index: 0 });
  await page.getByRole('button', { name: 'Note it for all 1' }).click();
  await expect(now(page)).toContainText('line 2');
  await page.getByRole('button', { name: 'Close' }).click();
  await page.getByRole('button', { name: 'Differently …' }).click();
  await page
    .getByRole('region', { name: 'Done differently' })
    .getByRole('button', { name: /for .*: (you|nobody|seen|anybody|another)/ })
    .first()
    .click();
  await expect(now(page).getByText(/Differs from the recipe: other pot/)).toBeVisible();
  await page.getByRole('button', { name: 'Differently …' }).click();
  await page.getByRole('button', { name: 'placed glaze', exact: true }).click();
  await expect.poll(async () => (await logOf(page, demo.url)).length).toBe(3);
  await page.getByRole('button', { name: 'Is dry: hair 1' }).click();
  await page.getByRole('button', { name: 'Skip', exact: true }).click();
  await expect(now(page)).toContainText('line 3');
  // The page goes on before the server has it.
  await expect
    .poll(async () => (await logOf(page, demo.url)).map(({ kind }) => kind))
    .toEqual(['found', 'mixed', 'coat', 'dry', 'skip']);
});

test('what was used is drawn from the shelf, and comes back when it is taken back', async ({
  page,
  demo,
}) => {
  const level = async () => {
    const kept = await (await page.request.get(`${demo.url}/api/pots/helmcopper`)).json();
    return kept.content.volumeMl - (kept.usedMl ?? 0);
  };
  const before = await level();
  await layRecipe(page, demo.url, 'copper-helm', 20);
  await done(page).click();
  await expect.poll(level).toBeLessThan(before);
  await page.getByRole('button', { name: 'Take it back' }).click();
  await expect.poll(level).toBe(before);
});

test('the log goes out as a table, and its calendar leads to a day', async ({ page, demo }) => {
  await layRecipe(page, demo.url, 'copper-helm', 1);
  await done(page).click();
  await expect.poll(async () => (await logOf(page, demo.url)).length).toBe(1);
  await page.getByRole('link', { name: 'Log', exact: true }).click();
  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Save as a table (CSV)' }).click();
  const text = readFileSync(await (await download).path(), 'utf8');
  const rows = text.split('\r\n');
  // Beside what the sample world has painted before, each under its own name.
  expect(rows.filter((row) => !row.includes('Old Drummer'))).toHaveLength(2);
  expect(text).toContain('Copper diving helm');
  const today = page.getByRole('button', { name: /^Today, / });
  await today.click();
  await expect(page.locator('.sitting')).toHaveCount(1);
  await page.keyboard.press('ArrowLeft');
  await page.keyboard.press('Enter');
  await expect(page.getByText('Nothing was painted that day.')).toBeVisible();
  await page.getByRole('button', { name: 'All sessions' }).click();
  await page.getByRole('link', { name: 'My timings' }).click();
  await expect(page.getByText(/Used once there are 3 timings/)).toBeVisible();
  await page.getByRole('link', { name: 'Progress' }).click();
  await expect(page.getByRole('region', { name: 'Progress of Lanternfen Levy' })).toBeVisible();
});

test('readings: a wrong place is asked about, and twelve models by the practice reader are on recipe', async ({
  page,
  demo,
}) => {
  await page.goto(`${demo.url}/armies/lanternfen-levy/readings`);
  await page.getByLabel('Place', { exact: true }).selectOption('shadow');
  await page.getByLabel('L*').fill('76');
  await page.getByLabel('a', { exact: true }).fill('8');
  await page.getByLabel('b', { exact: true }).fill('68');
  await page.getByRole('button', { name: 'Use these numbers' }).click();
  await expect(page.getByText(/Was another place read/)).toBeVisible();
  await page.getByRole('button', { name: /^It was the / }).click();
  await expect(page.getByText(/^1 model is read/)).toBeVisible();
  await page.getByLabel('Surface', { exact: true }).selectOption('Helm');
  await page.getByLabel('With', { exact: true }).selectOption('practice');
  for (let model = 1; model <= 12; model++) {
    await page.getByRole('button', { name: `Read model ${model} at three places` }).click();
    await expect(
      page.getByRole('button', { name: `Read model ${model + 1} at three places` }),
    ).toBeVisible();
  }
  await expect(page.getByText('On recipe.', { exact: true })).toBeVisible();
  await expect(page.getByRole('img', { name: /^12 models; the farthest/ })).toBeVisible();
});

test('a photo without a grey patch is refused, and one with it is read', async ({ page, demo }) => {
  await page.goto(`${demo.url}/armies/lanternfen-levy/readings`);
  // Left half red, right half an even grey.
  const png = await page.evaluate(() => {
    const sheet = document.createElement('canvas');
    sheet.width = 200;
    sheet.height = 100;
    const context = sheet.getContext('2d');
    if (!context) throw new Error('no canvas');
    context.fillStyle = '#a82222';
    context.fillRect(0, 0, 100, 100);
    context.fillStyle = '#767676';
    context.fillRect(100, 0, 100, 100);
    return sheet.toDataURL('image/png').split(',')[1];
  });
  await page.getByLabel('With', { exact: true }).selectOption('photo');
  await page.getByLabel('Photo', { exact: true }).setInputFiles({
    name: 'cloak.png',
    mimeType: 'image/png',
    buffer: Buffer.from(png, 'base64'),
  });
  const photo = page.getByRole('application', { name: /^The photo/ });
  await photo.click({ position: { x: 40, y: 50 } });
  await expect(page.getByText(/A photo without a grey patch cannot be read/)).toBeVisible();
  await photo.click({ position: { x: 150, y: 50 } });
  await expect(page.getByText('Now mark the spot that is to be read.')).toBeVisible();
  await photo.click({ position: { x: 40, y: 50 } });
  await expect(page.getByText(/predicted .* ΔE00/)).toBeVisible();
  await page.getByRole('button', { name: 'Note it' }).click();
  await expect(page.getByText(/^1 model is read/)).toBeVisible();
});

test('an entry of long ago is struck out and counted again, a coat is put right, and a reload keeps it', async ({
  page,
  demo,
}) => {
  await page.goto(`${demo.url}/log`);
  const coats = page.getByRole('listitem').filter({ hasText: /, coat 1; / });
  const first = coats.first();
  const said = (await first.locator('span').first().innerText()).trim();
  const row = page.getByRole('listitem').filter({ hasText: said });
  const count = await row.count();
  await first.getByRole('button', { name: 'Change' }).click();
  await first.getByRole('button', { name: 'Strike out' }).click();
  const gone = page.getByRole('region', { name: 'Struck out just now' });
  await expect(gone).toContainText(', coat 1; ');
  await gone.getByRole('button', { name: 'Count it again' }).click();
  await expect(gone).toBeHidden();
  await expect(row).toHaveCount(count);

  await first.getByRole('button', { name: 'Change' }).click();
  const form = page.getByRole('form', { name: 'Correct this coat' });
  await form.getByLabel('It was models').fill('9-2');
  await expect(form.getByText(/^Write models from 1 to \d+, as 4–6, 9\.$/)).toBeVisible();
  await form.getByLabel('It was models').fill('1');
  await form.getByLabel('Minutes it took').fill('21');
  const before = await logOf(page, demo.url);
  await form.getByRole('button', { name: 'Correct it' }).click();
  await expect.poll(async () => (await logOf(page, demo.url)).length).toBe(before.length + 2);
  const [strike, right] = (await logOf(page, demo.url))
    .slice(-2)
    .sort((one, other) => (one.kind === 'strike' ? -1 : other.kind === 'strike' ? 1 : 0));
  expect(strike.kind).toBe('strike');
  expect(right).toMatchObject({ kind: 'coat', minutes: 21, where: { models: [1] } });
  await page.reload();
  await page
    .getByRole('link', { name: /^Model 1 of / })
    .first()
    .click();
  await page.getByText('Its entries in the log, to correct or strike out').click();
  await page.getByRole('button', { name: 'Change' }).first().click();
  await expect(page.getByRole('button', { name: 'Strike out' })).toBeVisible();
});
