import type { BrowserContext, Locator, Page } from '@playwright/test';
import { coatsCounted, done, later, layRecipe, logOf, now, paint } from '../support/bench';
import { violationsOn } from '../support/axe';
import { expect, test } from '../support/test';

test.beforeEach(({ page }) => page.clock.install({ time: new Date('2026-11-25T18:00:00') }));

test('a mix is adjusted by drops and in words, with wet hands on a narrow phone', async ({
  page,
  demo,
}) => {
  await page.setViewportSize({ width: 360, height: 740 });
  await layRecipe(page, demo.url, 'reed-cloak', 2);
  await paint(page);
  await later(page);
  await page.getByRole('button', { name: 'Adjust the mix' }).click();
  const puddle = page.getByRole('region', { name: 'Mixed by drops' });
  await puddle.getByLabel('In words').fill('two drops of umber and a bit thinner');
  await puddle.getByLabel('In words').press('Enter');
  await expect(puddle.getByText('Put in 2 Fen Umber + ½ water.')).toBeVisible();
  await puddle.getByLabel('In words').fill('thicker');
  await puddle.getByLabel('In words').press('Enter');
  await expect(puddle.getByText(/Water does not come out again/)).toBeVisible();
  const near = puddle.getByRole('region', { name: 'How near it is' });
  await expect(near).toContainText('On the last model');
  await expect(near).toContainText(/darker, .*another colour|darker, you/);
  const before = await near.innerText();
  await puddle.getByRole('button', { name: 'A drop less: Fen Umber' }).click();
  await expect(near).not.toHaveText(before);
  expect(await violationsOn(page)).toEqual([]);
  await puddle.getByRole('button', { name: 'That’s it' }).click();
  await expect(now(page)).toContainText('Differs from the recipe: improvised mix');
  await expect(now(page)).toContainText('Fen Umber');
});

test('an evening with six corrections: what counts at the end is what was really done', async ({
  page,
  demo,
}) => {
  await page.setViewportSize({ width: 360, height: 740 });
  await layRecipe(page, demo.url, 'copper-helm', 6);
  const last = page.getByRole('region', { name: 'Last entries' });
  const counted = () => coatsCounted(page, demo.url);
  const correct = async (models: string) => {
    await last.getByRole('button', { name: 'Change' }).first().click();
    await last.getByLabel('It was models').fill(models);
    await last.getByRole('button', { name: 'Correct it' }).click();
  };
  await paint(page);
  await expect.poll(counted).toEqual(['1: 1,2,3,4,5,6']);
  await last.getByRole('button', { name: 'Correct an entry' }).click();
  // 1: it was the first three alone. 2: and the fourth.
  await correct('1–3');
  await expect.poll(counted).toEqual(['1: 1,2,3']);
  await correct('1-4');
  await expect.poll(counted).toEqual(['1: 1,2,3,4']);
  // 3: undone as one thing, and 4: done again.
  await page.keyboard.press('Control+z');
  await expect.poll(counted).toEqual(['1: 1,2,3']);
  await page.keyboard.press('Control+y');
  await expect.poll(counted).toEqual(['1: 1,2,3,4']);
  // A model that is not there is refused in words.
  await last.getByRole('button', { name: 'Change' }).first().click();
  await last.getByLabel('It was models').fill('1–99');
  await expect(last.getByText(/Write models from 1 to 6/)).toBeVisible();
  await last.getByLabel('It was models').fill('2–4');
  await last.getByRole('button', { name: 'Correct it' }).click();
  await expect.poll(counted).toEqual(['1: 2,3,4']);
  // 5: struck out. 6: painted, once, on those that are left.
  await last.getByRole('button', { name: 'Change' }).first().click();
  await last.getByRole('button', { name: 'Strike out' }).click();
  await expect.poll(counted).toEqual([]);
  await later(page);
  await done(page).click();
  await expect.poll(counted).toEqual(['1: 1,2,3,4,5,6']);
});

/** One coat painted on three models, and a second tab at the same bench. */
async function twoTabs(page: Page, context: BrowserContext, url: string): Promise<Page> {
  await layRecipe(page, url, 'copper-helm', 3);
  await paint(page);
  await expect.poll(async () => (await logOf(page, url)).length).toBe(1);
  const other = await context.newPage();
  await other.clock.install({ time: new Date('2026-11-25T18:01:00') });
  await other.goto(page.url());
  return other;
}

/** Opens the form that puts the last entry right. */
async function openCorrection(tab: Page): Promise<Locator> {
  const last = tab.getByRole('region', { name: 'Last entries' });
  await last.getByRole('button', { name: 'Correct an entry' }).click();
  await last.getByRole('button', { name: 'Change' }).first().click();
  return last;
}

test('two tabs that correct the same entry leave one coat, and the second is told', async ({
  page,
  context,
  demo,
}) => {
  const other = await twoTabs(page, context, demo.url);
  const [here, there] = [await openCorrection(page), await openCorrection(other)];
  // Neither hears of the other in between.
  await other.route('**/api/log?after=*', (route) => route.abort());
  await here.getByLabel('It was models').fill('1');
  await there.getByLabel('It was models').fill('2');
  await here.getByRole('button', { name: 'Correct it' }).click();
  await expect.poll(async () => (await logOf(page, demo.url)).length).toBe(3);
  await there.getByRole('button', { name: 'Correct it' }).click();
  await expect(other.getByText(/not taken|refused|was not|could not/i).first()).toBeVisible();
  const coats = (await logOf(page, demo.url)).filter(({ kind }) => kind === 'coat');
  expect(coats.map(({ where }) => where?.models)).toEqual([[1, 2, 3], [1]]);
});

test('a correction made while away meets another’s: one stands, and whoever was away is told', async ({
  page,
  context,
  demo,
}) => {
  const away = await twoTabs(page, context, demo.url);
  const correct = async (tab: typeof page, models: string) => {
    const last = await openCorrection(tab);
    await last.getByLabel('It was models').fill(models);
    await last.getByRole('button', { name: 'Correct it' }).click();
    await expect(last.getByText(new RegExp(`, ${models}$`)).first()).toBeVisible();
  };
  await away.route('**/api/**', (route) => route.abort());
  await correct(away, '2');
  await correct(page, '1');
  await expect.poll(async () => (await logOf(page, demo.url)).length).toBe(3);
  await away.unroute('**/api/**');
  await away.clock.fastForward('10:00');
  await expect(away.getByText(/not taken|refused|was not|could not/i).first()).toBeVisible();
  const coats = (await logOf(page, demo.url)).filter(({ kind }) => kind === 'coat');
  expect(coats.map(({ where }) => where?.models)).toEqual([[1, 2, 3], [1]]);
});

/** From each of three places the last coat is reached, and its recipe written down as it was painted. */
const places = [
  {
    place: 'the bench',
    open: async (page: Page) => {
      const last = page.getByRole('region', { name: 'Last entries' });
      await last.getByRole('button', { name: 'Correct an entry' }).click();
    },
    writeDown: async (page: Page) => {
      await page.getByRole('link', { name: 'Write it down as I did it' }).click();
    },
  },
  {
    place: 'the log',
    open: async (page: Page, url: string) => {
      await page.goto(`${url}/log`);
    },
    writeDown: async (page: Page) => {
      await page
        .getByText('Write it down as I did it:')
        .first()
        .locator('..')
        .getByRole('link')
        .first()
        .click();
    },
  },
  {
    place: 'the model’s page',
    open: async (page: Page, url: string) => {
      const [{ benchId, where }] = (await logOf(page, url)).filter(({ kind }) => kind === 'coat');
      await page.goto(`${url}/log/models/${benchId}/${where?.unitId}/1`);
      await page.getByText('Its entries in the log, to correct or strike out').click();
    },
    writeDown: async (page: Page) => {
      await page.getByRole('button', { name: 'Write it down as I did it' }).click();
    },
  },
];

for (const { place, open, writeDown } of places)
  test(`from ${place} a coat is put right, its recipe written down as it was painted, and the coat struck out`, async ({
    page,
    demo,
  }) => {
    await layRecipe(page, demo.url, 'copper-helm', 3);
    const bench = page.url();
    await adjustWithUmber(page);
    await paint(page);
    const counted = () => coatsCounted(page, demo.url);
    await expect.poll(counted).toEqual(['1: 1,2,3']);

    await open(page, demo.url);
    await openLastCoat(page);
    await page.getByLabel('It was models').fill('1–2');
    await page.getByRole('button', { name: 'Correct it' }).click();
    await expect.poll(counted).toEqual(['1: 1,2']);

    await writeDown(page);
    await page.getByRole('button', { name: 'Make it the recipe' }).click();
    await expect(page.getByText(/says now what was done/)).toBeVisible();
    await expect.poll(() => firstMix(page, demo.url)).toContain('fenumber');

    await page.goto(bench);
    await open(page, demo.url);
    await openLastCoat(page);
    await page.getByRole('button', { name: 'Strike out', exact: true }).click();
    await expect.poll(counted).toEqual([]);
  });

/** Opens the row of the last coat, whether it stands at the bench or in the log. */
async function openLastCoat(page: Page): Promise<void> {
  const rows = page.getByRole('listitem').filter({ hasText: /painted metal|, coat 1; / });
  await rows.first().getByRole('button', { name: 'Change', exact: true }).click();
}

async function adjustWithUmber(page: Page): Promise<void> {
  await page.getByRole('button', { name: 'Adjust the mix' }).click();
  const puddle = page.getByRole('region', { name: 'Mixed by drops' });
  await puddle.getByLabel('In words').fill('three drops of umber');
  await puddle.getByLabel('In words').press('Enter');
  await puddle.getByRole('button', { name: 'That’s it' }).click();
  await expect(now(page)).toContainText('improvised mix');
}

async function firstMix(page: Page, url: string): Promise<string> {
  const response = await page.request.get(`${url}/api/recipes/copper-helm`);
  const { content } = (await response.json()) as { content: { steps: { mix: unknown }[] } };
  return JSON.stringify(content.steps[0].mix);
}

test('from the bench a recipe is written down as it was painted, and that is undone', async ({
  page,
  demo,
}) => {
  await layRecipe(page, demo.url, 'copper-helm', 2);
  await adjustWithUmber(page);
  await paint(page);
  const before = await firstMix(page, demo.url);
  await page.getByRole('link', { name: 'Write it down as I did it' }).click();
  const asDone = page.getByRole('radio', { name: /Fen Umber/ }).last();
  await expect(asDone).toBeChecked();
  await page.getByRole('button', { name: 'Make it the recipe' }).click();
  await expect(page.getByText(/says now what was done/)).toBeVisible();
  await expect.poll(() => firstMix(page, demo.url)).toContain('fenumber');
  await page.keyboard.press('Control+z');
  await expect.poll(() => firstMix(page, demo.url)).toBe(before);
});
