import type { Page } from '@playwright/test';
import { violationsOn } from '../support/axe';
import { done } from '../support/bench';
import { expect, isSaved, test } from '../support/test';
import { openMore } from '../support/openLine';

type Screen = [string, string, (page: Page) => Promise<void>];

/** The leaves of a recipe, each with what shows that it is there. */
function leavesOf(recipe: string): Screen[] {
  const there: [string, (page: Page) => Promise<void>][] = [
    [
      'form',
      (page) => expect(page.getByRole('img', { name: /grain, from straight below/ })).toBeVisible(),
    ],
    ['values', (page) => expect(page.getByText(/The steps are/)).toBeVisible()],
    ['levels', (page) => expect(page.getByRole('radio', { name: 'tabletop' })).toBeVisible()],
    [
      'versions',
      (page) => expect(page.getByText('The finished surfaces are the same.')).toBeVisible(),
    ],
    ['card', (page) => expect(page.getByRole('article', { name: 'Card on A6' })).toBeVisible()],
  ];
  return there.map(([leaf, ready]) => [`leaf of ${leaf}`, `${recipe}/${leaf}`, ready]);
}

/** The first models of the sample army on the bench. */
async function layDikeWatch(page: Page): Promise<void> {
  await page.getByRole('button', { name: 'Put it on the bench' }).click();
  await expect(done(page)).toBeEnabled();
}

const studies = ['Thinning', 'Where the mix comes from', 'Coverage', 'What it does'];

const screens: Screen[] = [
  ['recipes', '/recipes', (page) => expect(page.getByRole('listitem')).toHaveCount(18)],
  [
    'recipe',
    '/recipes/oilskin-shadow',
    (page) => expect(page.getByRole('img', { name: /after line 8/ })).toBeVisible(),
  ],
  [
    'recipe with a line open',
    '/recipes/weathered-skin',
    async (page) => {
      await page.getByRole('button', { name: /^Line 4 / }).click();
      await expect(page.getByRole('slider', { name: 'Starts at' })).toBeVisible();
    },
  ],
  [
    'recipe with a line that is aimed open',
    '/recipes/ferryman-face',
    async (page) => {
      await page.getByRole('button', { name: /^Line 5 / }).click();
      await openMore(page);
      await page.getByRole('button', { name: 'Change the spot' }).click();
      await page.getByRole('button', { name: /^Ends: / }).click();
      await page.getByLabel('each coat smaller').check();
      await page.getByRole('button', { name: /^With what/ }).click();
      await expect(page.getByRole('slider', { name: 'Last coat starts at' })).toBeVisible();
    },
  ],
  [
    'photographs of a recipe',
    '/recipes/ferryman-face/photographs',
    (page) => expect(page.getByRole('img', { name: /^Primed/ })).toBeVisible(),
  ],
  [
    'light of a photograph',
    '/photographs/ferryman-under-lamp',
    async (page) => {
      await page.getByRole('button', { name: 'Cut out a part of it' }).click();
      await page.getByRole('button', { name: 'To the figure' }).click();
      await expect(page.getByText(/, as line \d/)).toBeVisible();
      await expect(
        page.getByRole('heading', { name: 'How much lies in each value' }),
      ).toBeVisible();
    },
  ],
  [
    'recolouring',
    '/recipes/reed-cloak/recolour',
    async (page) => {
      await page.getByRole('button', { name: 'Find new mixes' }).click();
      await expect(page.getByRole('heading', { name: 'After' })).toBeVisible();
    },
  ],
  [
    'lines from notes',
    '/recipes/reed-cloak/text',
    async (page) => {
      await page.getByLabel('Notes', { exact: true }).fill('base ochre 1:1\nfrog teal, soft, reed');
      await page.getByRole('button', { name: 'Read the notes' }).click();
      await expect(page.getByRole('group', { name: 'The line as understood' })).toHaveCount(1);
    },
  ],
  [
    'a line being said, and several at once',
    '/recipes/reed-cloak',
    async (page) => {
      await page
        .getByRole('combobox', { name: 'The next line, in words' })
        .fill('1 gosling, splodge');
      await page.getByText('Several lines at once').click();
      await expect(page.getByRole('img', { name: /The surface after this line/ })).toBeVisible();
    },
  ],
  [
    'beginning',
    '/begin',
    (page) =>
      expect(page.getByRole('button', { name: 'Make a recipe and preview it' })).toBeEnabled(),
  ],
  [
    'finding anything',
    '/recipes',
    async (page) => {
      await expect(page.getByRole('listitem')).toHaveCount(18);
      await page.keyboard.press('Control+k');
      await page.getByRole('combobox', { name: /Find a pot/ }).fill('reed');
      await expect(page.getByRole('option').first()).toBeVisible();
    },
  ],
  [
    'many pots at once',
    '/shelf/fill',
    async (page) => {
      await page.getByText('Try it with a practice picture').click();
      await expect(page.getByRole('checkbox', { name: 'glare' })).toBeVisible();
    },
  ],
  [
    'glaze card',
    '/shelf/glazes',
    async (page) => {
      await page.getByText('Try it with a practice picture').click();
      await expect(page.getByRole('checkbox', { name: 'glare' })).toBeVisible();
    },
  ],
  [
    'labels for pots',
    '/shelf/labels',
    async (page) => {
      await page.getByLabel('Size').selectOption('Round, for lids, 24 mm');
      await expect(page.getByRole('group', { name: 'Page 1' })).toBeVisible();
    },
  ],
  [
    'pigments to look through',
    '/shelf/fill/pigments',
    async (page) => {
      await page.getByRole('button', { name: 'Check these pigments' }).click();
      await expect(page.getByLabel('Name of Yellow ochre')).toBeVisible();
    },
  ],
  ...leavesOf('/recipes/reed-cloak'),
  [
    'drafts',
    '/recipes/draft',
    (page) => expect(page.getByRole('button', { name: 'Take this draft' })).toHaveCount(3),
  ],
  [
    'match',
    '/match',
    async (page) => {
      await page.getByLabel('Colour', { exact: true }).fill('#7a8a30');
      await page.getByRole('button', { name: 'Find the nearest mixes' }).click();
      await expect(page.getByRole('img', { name: /^Target/ }).first()).toBeVisible();
      await expect(page.getByRole('button', { name: 'Stop' })).toBeHidden();
    },
  ],
  [
    'shelf',
    '/shelf',
    (page) => expect(page.getByRole('button', { name: 'Peat', exact: true })).toBeVisible(),
  ],
  [
    'shelf with a pot open',
    '/shelf',
    async (page) => {
      await page.getByRole('button', { name: 'Peat', exact: true }).click();
      await expect(page.getByRole('slider', { name: 'Hue' })).toBeVisible();
      await page.getByText('Measure it on a striped card').click();
      await page.getByRole('button', { name: 'Work it out' }).click();
      await expect(page.getByText(/Laid over the card again/)).toBeVisible();
      await page.getByLabel(/simulated reader/).check();
      await page.getByText('What goes with it').click();
      await page.getByText(/^The bottle:/).click();
      await expect(page.getByLabel('Drops in a ml')).toBeVisible();
      await expect(page.getByRole('img', { name: /in five mixes/ }).first()).toBeVisible();
    },
  ],
  [
    'list to buy',
    '/shelf/buy',
    (page) => expect(page.getByRole('heading', { name: 'To buy' })).toBeVisible(),
  ],
  [
    'list of what can be painted',
    '/shelf/paintable',
    (page) => expect(page.getByRole('heading', { name: /with everything here/ })).toBeVisible(),
  ],
  [
    'replacing of a pot',
    '/shelf/replace/marigold',
    (page) => expect(page.getByRole('button', { name: 'Replace in 1 recipe' })).toBeVisible(),
  ],
  [
    'taking in of a table',
    '/shelf/files',
    async (page) => {
      await page.getByLabel('File to import').setInputFiles({
        name: 'pots.csv',
        mimeType: 'text/csv',
        buffer: Buffer.from('name,hex,hiding\nMudlark,#7a5a3a,0.7\n,mud,3\n'),
      });
      await page.getByText('Which column is which').click();
      await expect(page.getByRole('button', { name: 'Import 1 pot' })).toBeVisible();
    },
  ],
  [
    'palette',
    '/palette',
    async (page) => {
      await page.getByRole('button', { name: 'Add a well' }).click();
      await page.getByRole('button', { name: 'Put in' }).click();
      await page.getByRole('button', { name: 'As it is now is right' }).click();
      await page.getByRole('button', { name: 'As a recipe has it' }).click();
      await expect(page.getByText(/It is as it should be/)).toBeVisible();
      await expect(page.getByLabel('Line', { exact: true })).toBeVisible();
    },
  ],
  ['armies', '/armies', (page) => expect(page.getByText('7 units, 64 models')).toBeVisible()],
  [
    'army with a unit open',
    '/armies/lanternfen-levy',
    async (page) => {
      await page.getByText('Recipes of the whole army').click();
      await page.getByRole('button', { name: 'Lantern Bearers' }).click();
      await expect(page.getByText('The shares add up to 100 %.')).toBeVisible();
      await page.getByRole('button', { name: /^More: / }).click();
      await page.getByText('Glow from a light source').click();
      await page.getByRole('button', { name: 'Work out the light' }).click();
      await expect(page.getByRole('button', { name: /^Write it down/ })).toBeVisible();
    },
  ],
  [
    'paint of an army',
    '/armies/lanternfen-levy/paint',
    async (page) => {
      await page.getByText(/Dike Watch, 20 models/).click();
      await expect(page.getByText(/for later lines of paint/).first()).toBeVisible();
    },
  ],
  [
    'army with all about a surface',
    '/armies/lanternfen-levy',
    async (page) => {
      await page.getByRole('button', { name: 'Dike Watch' }).click();
      await page.getByRole('button', { name: /Reed mantle · / }).click();
      await page.getByText('More about Reed mantle').click();
      await expect(page.getByLabel('Variant 3 of Reed mantle', { exact: true })).toBeVisible();
    },
  ],
  [
    'variants of an army',
    '/armies/lanternfen-levy/variants',
    (page) => expect(page.getByRole('combobox', { name: /^Reed mantle of/ })).toHaveCount(20),
  ],
  [
    'belonging of a model',
    '/armies/lanternfen-levy/together',
    (page) => expect(page.getByRole('img', { name: /^The model/ })).toBeVisible(),
  ],
  [
    'order of work',
    '/armies/lanternfen-levy/order',
    (page) => expect(page.getByText(/min \(least\)/)).toBeVisible(),
  ],
  [
    'sheet of a figure',
    '/armies/lanternfen-levy/sheet',
    async (page) => {
      await page.getByLabel('Unit').selectOption('lantern-bearers');
      await expect(page.getByRole('heading', { name: /^Lantern light/ })).toBeVisible();
    },
  ],
  [
    'one figure',
    '/recipes/figure?of=oilskin-shadow,boundary-sign',
    (page) => expect(page.getByRole('article', { name: 'Sheet' })).toBeVisible(),
  ],
  [
    'recipe on a finished surface',
    '/recipes/boundary-sign',
    (page) => expect(page.getByRole('img', { name: /^After line 3, Sign/ })).toBeVisible(),
  ],
  [
    'plan of an army',
    '/armies/lanternfen-levy/plan',
    async (page) => {
      await page.getByText(/· 3 sessions$/).click();
      await page.getByText('Models only Wil paints').click();
      await page.getByLabel('A hair dryer between coats').check();
      await expect(page.getByRole('img', { name: /^Timetable/ }).first()).toBeVisible();
      await page
        .getByText(/^Evening over/)
        .first()
        .click();
      await expect(page.getByText('Planning …')).toBeHidden();
    },
  ],
  [
    'changes of an army',
    '/armies/lanternfen-levy/changes',
    async (page) => {
      await page.getByLabel('Painted over by').selectOption('Lantern glass, one coat over pale');
      await expect(page.getByText(/coats each/)).toBeVisible();
    },
  ],
  [
    'benches',
    '/bench',
    (page) => expect(page.getByRole('button', { name: 'Put it on the bench' })).toBeVisible(),
  ],
  [
    'bench with what is different',
    '/bench',
    async (page) => {
      await layDikeWatch(page);
      await done(page).click();
      await page.getByRole('button', { name: 'Bench settings' }).click();
      await page.getByLabel('A hair dryer is used').check();
      await page.getByText('Painted before it came to this bench').click();
      await expect(page.getByLabel('is painted up to and with')).toBeVisible();
      await page.getByRole('button', { name: 'Differently …' }).click();
      await expect(
        page.getByRole('button', { name: /for .*: (you|nobody|seen|anybody|another)/ }).first(),
      ).toBeVisible();
    },
  ],
  [
    'bench with what went wrong',
    '/bench',
    async (page) => {
      await layDikeWatch(page);
      await page.getByRole('button', { name: 'Went wrong …' }).click();
      await page.getByRole('button', { name: 'spilled' }).click();
      await expect(page.getByRole('button', { name: /^Do this: / }).first()).toBeVisible({});
    },
  ],
  [
    'log and a model of it',
    '/bench',
    async (page) => {
      await layDikeWatch(page);
      await page.getByRole('button', { name: 'Differently …' }).click();
      await page.getByRole('button', { name: '1 part more water', exact: true }).click();
      // The bench has taken it in when it says so.
      await expect(page.getByText(/Differs from the recipe: more thinner/)).toBeVisible();
      await done(page).click();
      await expect(page.getByRole('button', { name: /^Is dry: / })).toBeVisible();
      await page.getByRole('link', { name: 'Log', exact: true }).click();
      await expect(page.locator('.sitting')).toHaveCount(3);
      expect(await violationsOn(page)).toEqual([]);
      await page.getByRole('link', { name: 'My timings' }).click();
      await expect(page.getByText(/Used once there are 3 timings/)).toBeVisible();
      expect(await violationsOn(page)).toEqual([]);
      await page.getByRole('link', { name: 'Progress', exact: true }).click();
      await page.getByRole('link', { name: 'Dike Watch', exact: true }).click();
      await page.getByRole('button', { name: 'Write it down as I did it' }).first().click();
      await expect(page.getByRole('button', { name: /^Make it version/ })).toBeVisible();
    },
  ],
  [
    'readings of an army',
    '/armies/lanternfen-levy/readings',
    async (page) => {
      await page.getByLabel('With', { exact: true }).selectOption('practice');
      await page.getByRole('button', { name: 'Read model 1 at three places' }).click();
      await page.getByText('Every reading, beside what is predicted').click();
      await expect(page.getByRole('img', { name: /^1 model; the farthest/ })).toBeVisible();
    },
  ],
  [
    'keyboard help',
    '/recipes',
    async (page) => {
      await page.getByRole('button', { name: 'Keyboard help' }).click();
      await expect(page.getByRole('dialog')).toBeVisible();
    },
  ],
];

const phone = { width: 360, height: 740 };

/** Where something is written to come to the screen; these have a ledger of their own. */
const leavesTraces = ['/bench', '/palette', '/armies/lanternfen-levy/readings'];

for (const [name, path, ready] of screens) {
  const look = async (page: Page, url: string) => {
    await page.goto(url + path);
    await ready(page);
    expect(await violationsOn(page)).toEqual([]);
    // As the button in the head does it.
    const theme = (wanted: string) =>
      page.evaluate((value) => (document.documentElement.dataset.bsTheme = value), wanted);
    await theme('dark');
    // The light one has been looked at for all else: a theme changes colours and nothing more.
    expect(await violationsOn(page, { runOnly: ['color-contrast'] })).toEqual([]);
    await theme('light');
    await page.setViewportSize(phone);
    // A drawing that is fitted to its box is drawn again before the next frame but one.
    await page.evaluate(
      () => new Promise((drawn) => requestAnimationFrame(() => requestAnimationFrame(drawn))),
    );
    const overhang = await page.evaluate(
      () => document.documentElement.scrollWidth - window.innerWidth,
    );
    expect(overhang).toBeLessThanOrEqual(0);
    // Colours are those that were looked at on the wide page.
    const others = { rules: { 'color-contrast': { enabled: false } } };
    expect(await violationsOn(page, others)).toEqual([]);
  };
  const says = `axe finds nothing on the ${name}, light, dark and on a phone, which it fits`;
  if (leavesTraces.includes(path)) test(says, ({ page, demo }) => look(page, demo.url));
  else test(says, ({ page, standing }) => look(page, standing.url));
}

test.describe('on a phone', () => {
  test.use({ viewport: phone, hasTouch: true });

  test('a line is added, thinned and saved by touch', async ({ page, demo }) => {
    await page.goto(`${demo.url}/recipes/lantern-glass`);
    await page.getByRole('button', { name: 'Add a line' }).tap();
    await page.getByLabel('Water parts').fill('3');
    await page.getByRole('button', { name: 'Done' }).tap();
    await expect(page.getByRole('button', { name: /^Line 7 / })).toBeVisible();
    await expect(page.getByText('· 1 paint : 3 water')).toBeVisible();
    await isSaved(page);
  });
});

test('axe finds nothing on any study of a line', async ({ page, demo }) => {
  await page.goto(`${demo.url}/recipes/oilskin-shadow`);
  await page.getByRole('button', { name: /^Line 5 / }).click();
  await openMore(page);
  for (const study of studies) {
    await page.getByRole('tab', { name: study }).click();
    await expect(page.getByRole('tabpanel').locator('p, table').first()).toBeVisible();
    expect(await violationsOn(page)).toEqual([]);
  }
  await page.goto(`${demo.url}/recipes/weathered-skin`);
  await page.getByRole('button', { name: /^Line 2 / }).click();
  await openMore(page);
  await page.getByRole('tab', { name: 'Pass by pass' }).click();
  await expect(page.getByRole('region', { name: 'Pass by pass' })).toBeVisible();
  expect(await violationsOn(page)).toEqual([]);
});

test('light and dark are a press apart, and remembered', async ({ page, demo }) => {
  await page.goto(demo.url);
  await page.getByRole('button', { name: 'Change to dark' }).click();
  await page.reload();
  await expect(page.getByRole('button', { name: 'Change to light' })).toBeVisible();
  expect(await page.evaluate(() => document.documentElement.dataset.bsTheme)).toBe('dark');
});
