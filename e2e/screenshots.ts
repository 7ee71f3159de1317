import { resolve } from 'node:path';
import { chromium, type Page } from '@playwright/test';
import { later, layUnit, paint } from './support/bench';
import { chromiumOptions } from './support/browser';
import { comeIn, startSampleClub } from './support/club';
import { drawBeginning, drawPast } from './support/drawn';
import { startServer } from './support/ledgerServer';

/** Draws docs/screenshots anew from the demo data. */
const folder = resolve(import.meta.dirname, '../docs/screenshots');
const desk = { width: 1280, height: 800 };
const phone = { width: 360, height: 780 };

const isPredicted = (page: Page) =>
  page.getByRole('img', { name: /The surface after line 6/ }).waitFor();
const shots: {
  name: string;
  path: string;
  viewport?: typeof desk;
  colorScheme?: 'dark';
  ready: (page: Page) => Promise<unknown>;
}[] = [
  { name: 'recipe', path: '/recipes/oilskin-shadow', ready: isPredicted },
  {
    name: 'form',
    path: '/recipes/ferryman-face/form',
    async ready(page) {
      await page
        .getByRole('img', { name: /from straight below/ })
        .first()
        .waitFor();
      // The picture says nothing when its last aim is drawn; a moment is enough on any machine used.
      await page.waitForTimeout(4000);
    },
  },
  {
    name: 'match',
    path: '/match',
    async ready(page) {
      await page.getByRole('radio', { name: 'a pot', exact: true }).check();
      await page.getByRole('combobox', { name: 'Pot to match' }).fill('old mari');
      await page.getByRole('option', { name: /Old Marigold/ }).click();
      await page.getByRole('button', { name: 'Find the nearest mixes' }).click();
      await page
        .getByRole('img', { name: /^Target/ })
        .first()
        .waitFor();
    },
  },
  {
    name: 'recipes',
    path: '/recipes',
    ready: (page) => page.getByText('≈ estimate').first().waitFor(),
  },
  {
    name: 'shelf',
    path: '/shelf',
    ready: (page) => page.getByRole('button', { name: 'Peat', exact: true }).waitFor(),
  },
  {
    name: 'army',
    path: '/armies/lanternfen-levy/paint',
    ready: (page) => page.getByText(/^Short of/).waitFor(),
  },
  {
    name: 'plan',
    path: '/armies/lanternfen-levy/plan',
    async ready(page) {
      await page.getByLabel('Plan', { exact: true }).selectOption('All of it, three at the club');
      await page
        .getByRole('img', { name: /^Timetable/ })
        .first()
        .waitFor();
      await page.getByText('Planning …').waitFor({ state: 'hidden' });
    },
  },
  {
    name: 'palette',
    path: '/palette',
    async ready(page) {
      const put = async (name: string, drops: number) => {
        await page.getByRole('combobox', { name: 'What goes in' }).fill(name);
        await page.getByRole('option', { name: new RegExp(`^${name}`) }).click();
        await page.getByLabel('Drops in', { exact: true }).fill(String(drops));
        await page.getByRole('button', { name: 'Put in' }).click();
      };
      await page.getByRole('button', { name: 'Add a well' }).click();
      await put('Gosling Down', 5);
      await page.getByRole('button', { name: 'Add a well' }).click();
      await put('Ditch Ochre', 6);
      await put('Tarred Plank', 2);
      await put('Water', 8);
      await page.getByRole('button', { name: 'As it is now is right' }).click();
      await page.getByLabel('Drops used or poured').fill('8');
      await page.getByRole('button', { name: 'Use', exact: true }).click();
      await put('Tarred Plank', 1);
      await page.getByText(/^Add \d/).waitFor();
    },
  },
  {
    name: 'bench',
    path: '/bench',
    async ready(page) {
      await layUnit(page, page.url().replace('/bench', ''), 'Ferry Crew', 6);
      await page.getByRole('button', { name: 'I’ve mixed it' }).click();
      await paint(page);
      await page.getByRole('button', { name: 'I’ve mixed it' }).click();
      await later(page);
      await page.getByRole('button', { name: 'Model 1 is done' }).click();
      await page.getByRole('button', { name: 'Model 1 is done', pressed: true }).waitFor();
    },
  },
  {
    name: 'bench-phone',
    path: '/bench',
    viewport: phone,
    async ready(page) {
      await page.getByRole('link', { name: 'Continue: Ferry Crew' }).click();
      await page.getByText(/^Still to do in this step/).waitFor();
    },
  },
  {
    name: 'readings',
    path: '/armies/lanternfen-levy/readings',
    async ready(page) {
      await page.getByLabel('Surface', { exact: true }).selectOption('Helm');
      await page.getByLabel('With', { exact: true }).selectOption('practice');
      for (let model = 1; model <= 14; model++) {
        await page.getByRole('button', { name: `Read model ${model} at three places` }).click();
        await page
          .getByRole('button', { name: `Read model ${model + 1} at three places` })
          .waitFor();
      }
      await page.getByText('On recipe.', { exact: true }).waitFor();
      await page.getByText('Every reading, beside what is predicted').scrollIntoViewIfNeeded();
      await page.evaluate(() => window.scrollTo(0, 0));
    },
  },
];

shots.push(
  {
    name: 'say',
    path: '/recipes/oilskin-shadow',
    async ready(page) {
      await isPredicted(page);
      await page
        .getByRole('combobox', { name: 'The next line, in words' })
        .fill('glaze rosehip 1:8 ×4 underside');
      await page.getByRole('img', { name: 'The surface after this line' }).waitFor();
    },
  },
  {
    name: 'fill',
    path: '/shelf/fill',
    async ready(page) {
      await page.getByText('Try it with a practice picture').click();
      await page.getByRole('checkbox', { name: 'warm light' }).check();
      await page.getByRole('checkbox', { name: 'shadow' }).check();
      await page.getByRole('button', { name: 'Draw a practice picture' }).click();
      await page.getByRole('button', { name: 'Read it' }).click();
      await page.getByRole('region', { name: 'Pots to look through, a table' }).waitFor();
      await page.getByRole('img', { name: 'The practice picture' }).evaluate((picture) => {
        picture.scrollIntoView({ block: 'start' });
        window.scrollBy(0, -60);
      });
    },
  },
);

const server = await startServer({ demo: true });
const browser = await chromium.launch(chromiumOptions);
for (const { name, path, viewport = desk, colorScheme, ready } of shots) {
  const page = await browser.newPage({ viewport, colorScheme, reducedMotion: 'reduce' });
  await page.clock.install();
  await page.goto(server.url + path);
  await ready(page);
  // The pictures of stripes come from the worker a moment later.
  await page.waitForTimeout(1500);
  await page.screenshot({ path: resolve(folder, `${name}.png`) });
  await page.close();
  console.log(`drew ${name}.png`);
}
await server.stop();

await drawBeginning(browser, resolve(folder, 'begin.png'));
await drawPast(browser, resolve(folder, 'log.png'));

/** Of a club, by its manager. */
const clubShots: { name: string; path: string; ready: (page: Page) => Promise<unknown> }[] = [
  {
    name: 'club-evening',
    path: '/club/evening',
    ready: (page) => page.getByText('At the table').waitFor(),
  },
  {
    name: 'club-proposal',
    path: '/club/proposals',
    async ready(page) {
      await page.getByRole('link', { name: 'Quick yellow' }).click();
      await page.getByText(/They differ most at the/).waitFor();
    },
  },
];

const club = await startSampleClub();
const keeper = await comeIn(browser, club, 'Ottoline');
for (const { name, path, ready } of clubShots) {
  await keeper.goto(club.url + path);
  await ready(keeper);
  await keeper.waitForTimeout(1500);
  await keeper.screenshot({ path: resolve(folder, `${name}.png`) });
  console.log(`drew ${name}.png`);
}

/** Pages for sharing, and the recipes as a guest sees them. */
const barnaby = await comeIn(browser, club, 'Barnaby');
const put = (kind: string, from: string, id: string, name: string) =>
  barnaby.evaluate(
    async ([at, of, to, called]) => {
      const { content } = (await (await fetch(`/api/${at}/${of}`)).json()) as { content: object };
      const body = JSON.stringify({ content: { ...content, id: to, name: called }, revision: 0 });
      const headers = { 'Content-Type': 'application/json' };
      await fetch(`/api/${at}/${to}`, { method: 'PUT', headers, body });
    },
    [kind, from, id, name],
  );
await put('pots', 'heron', 'own-heron', 'Heron Grey, Barnaby’s');
await put('pots', 'sloe', 'own-sloe', 'Sloe, old bottle');
await put('recipes', 'reed-cloak', 'own-cloak', 'Cloak of the night watch');
await put('recipes', 'copper-helm', 'own-helm', 'Helm gone green');
await barnaby.goto(`${club.url}/club/who-sees`);
const recipes = barnaby.getByRole('region', { name: 'My recipes' });
await recipes.getByRole('button', { name: 'Show all to some members' }).click();
await recipes.getByLabel('Wren').selectOption('may change it');
await recipes.getByLabel('Sedge').selectOption('may look at it');
await recipes.getByText(/2 shown/).waitFor();
await barnaby.getByRole('button', { name: 'Show all to the club' }).first().click();
await barnaby.getByText('everybody in the club').first().waitFor();
await barnaby.screenshot({ path: resolve(folder, 'club-who-sees.png') });
console.log('drew club-who-sees.png');
const marsh = await comeIn(browser, club, 'Marsh');
await marsh.goto(`${club.url}/recipes`);
await marsh.getByText('Copper diving helm').waitFor();
await marsh.waitForTimeout(1500);
await marsh.screenshot({ path: resolve(folder, 'club-guest.png') });
console.log('drew club-guest.png');
await browser.close();
await club.stop();
