import { expect, isSaved, pictureOf, test } from '../support/test';
import { openMore } from '../support/openLine';

const lines = /^Line \d+ /;

test('coverage is told coat by coat, and an under-colour goes in with one press and out with one', async ({
  page,
  demo,
}) => {
  await page.goto(`${demo.url}/recipes/oilskin-restored`);
  await page.getByLabel('Undercoat', { exact: true }).selectOption('Lampsoot Primer');
  await page.getByRole('button', { name: /^Line 1 / }).click();
  await openMore(page);
  await page.getByRole('tab', { name: 'Coverage' }).click();
  await expect(page.getByText(/what is below still shows at pit/)).toBeVisible();
  const grounds = page.getByRole('row').filter({ hasText: 'Primer' });
  await expect(grounds).toHaveCount(4);
  await expect(grounds.first()).toContainText('Chalkbank Primer');
  await page
    .getByRole('tabpanel')
    .getByRole('button', { name: /^Put .* under it$/ })
    .click();
  await expect(page.getByRole('button', { name: lines })).toHaveCount(9);
  await expect(page.getByText(/everything it is meant to cover is covered/)).toBeVisible();
  await page.getByRole('button', { name: 'Undo', exact: true }).click();
  await expect(page.getByRole('button', { name: lines })).toHaveCount(8);
});

test('another primer is chosen from the comparison of grounds', async ({ page, demo }) => {
  await page.goto(`${demo.url}/recipes/oilskin-shadow`);
  await page.getByRole('button', { name: /^Line 1 / }).click();
  await openMore(page);
  await page.getByRole('tab', { name: 'Coverage' }).click();
  const bogoak = page.getByRole('row').filter({ hasText: 'Bogoak Primer' });
  await bogoak.getByRole('button', { name: 'Prime with it' }).click();
  await expect(page.getByText('Undercoat: Bogoak Primer')).toBeVisible();
  await expect(bogoak).toContainText('the undercoat now');
});

test('a consistency is chosen by its word, and remembered for the pot', async ({ page, demo }) => {
  await page.goto(`${demo.url}/recipes/oilskin-shadow`);
  await page.getByRole('button', { name: /^Line 1 / }).click();
  await openMore(page);
  await page.getByRole('tab', { name: 'Thinning' }).click();
  const thinning = page.getByRole('tabpanel');
  await expect(thinning.getByText('On the brush: smooth', { exact: false })).toBeVisible();
  await thinning.getByRole('button', { name: 'Make it runny: 1 paint : 3 water' }).click();
  await expect(thinning.getByText('On the brush: runny', { exact: false })).toBeVisible();
  await expect(page.getByLabel('Water parts')).toHaveValue('3');
  await thinning
    .getByRole('button', { name: 'Remember 1 paint : 3 water for coats of Fen Umber' })
    .click();
  await thinning.getByRole('button', { name: 'Make it stiff: neat' }).first().click();
  await thinning.getByRole('button', { name: /As you usually thin Fen Umber/ }).click();
  await expect(page.getByLabel('Water parts')).toHaveValue('3');
  await isSaved(page);
  // The line is open as it was.
  await page.reload();
  await page.getByRole('tab', { name: 'Thinning' }).click();
  await expect(page.getByRole('button', { name: /As you usually thin Fen Umber/ })).toBeVisible();
});

test('a mix is followed back to its pots, and told until when it stays wet', async ({
  page,
  demo,
}) => {
  await page.goto(`${demo.url}/recipes/oilskin-shadow`);
  await page.getByRole('button', { name: /^Line 5 / }).click();
  await openMore(page);
  await page.getByRole('tab', { name: 'Where the mix comes from' }).click();
  const lineage = page.getByRole('tabpanel');
  await expect(lineage.getByText('1 part of the mix of line 4')).toBeVisible();
  await expect(lineage.getByText('3 parts of Marigold Clay')).toBeVisible();
  await expect(lineage.getByText('Marigold Clay 15 %', { exact: true })).toBeVisible();
  await expect(lineage.getByText(/To make it again from pots: 2 Marigold Clay/)).toBeVisible();
  await expect(lineage.getByText(/Keep this mix wet until line 6, which carries it/)).toBeVisible();
});

test('a filter switched out takes its repair out, and both come back', async ({ page, demo }) => {
  await page.goto(`${demo.url}/recipes/reed-cloak`);
  const finished = await pictureOf(page, /The finished surface/);
  await page.getByRole('button', { name: /^Line 7 / }).click();
  await openMore(page);
  await page.getByRole('tab', { name: 'What the filter does' }).click();
  await expect(page.getByRole('row', { name: /^ΔE00/ })).toBeVisible();
  await page.getByRole('button', { name: 'Switch it off, with line 8 that repairs it' }).click();
  await expect(page.getByText('Left out: it is switched off.')).toBeVisible();
  await expect(page.getByText('Left out, with the line it repairs.')).toBeVisible();
  await expect(page.getByText(/^6 steps/)).toBeVisible();
  await page.getByRole('button', { name: /^Switch it on/ }).click();
  await expect.poll(() => pictureOf(page, /The finished surface/)).toBe(finished);
});

test('a highlight is pushed so that it lands on target after the filter', async ({
  page,
  demo,
}) => {
  await page.goto(`${demo.url}/recipes/oilskin-restored`);
  await page.getByRole('button', { name: /^Line 8 / }).click();
  await openMore(page);
  await page.getByLabel('Technique').selectOption('filter');
  // Where it went is kept: it is to go over all of it.
  await page.getByRole('slider', { name: 'Tone ends at' }).fill('1');
  await page.getByRole('tab', { name: 'What the filter does' }).click();
  await expect(page.getByText(/the filters to come .* move it: /)).toBeVisible();
  // As thick as it is nothing can make up for it, and nothing is offered.
  await expect(page.getByText(/It cannot be reached from this shelf/)).toBeVisible();
  await expect(page.getByRole('button', { name: /^Push/ })).toBeHidden();
  await page.getByLabel('Thinned with medium').fill('3');
  await page.getByRole('button', { name: /^Push line \d so$/ }).click();
  await expect(page.getByRole('button', { name: 'Undo', exact: true })).toBeEnabled();
  await isSaved(page);
});

test('the studies are walked with the arrow keys', async ({ page, demo }) => {
  await page.goto(`${demo.url}/recipes/oilskin-shadow`);
  await page.getByRole('button', { name: /^Line 2 / }).press('Enter');
  await openMore(page);
  const first = page.getByRole('tab', { name: 'Where it goes' });
  await first.focus();
  await page.keyboard.press('ArrowRight');
  await expect(page.getByRole('tab', { name: 'Thinning' })).toHaveAttribute(
    'aria-selected',
    'true',
  );
  await page.keyboard.press('End');
  await expect(page.getByRole('tab', { name: 'Photographs' })).toHaveAttribute(
    'aria-selected',
    'true',
  );
});

test('wet paint is drawn out with a damp brush, which holds no paint', async ({ page, demo }) => {
  await page.goto(`${demo.url}/recipes/oilskin-shadow`);
  await page.getByRole('button', { name: /^Line 5 / }).click();
  await openMore(page);
  await page.getByLabel('Technique').selectOption('damp brush');
  await expect(page.getByText(/No paint: a clean brush, wrung out/)).toBeVisible();
  await expect(page.getByRole('button', { name: 'Add to the mix' })).toBeHidden();
  await expect(page.getByText(/never in your mouth/).first()).toBeVisible();
  await isSaved(page);
  await page.getByRole('form').getByRole('button', { name: 'Done' }).click();
  await expect(
    page.getByRole('button', { name: /^Line 5 .* damp brush: water alone\. / }),
  ).toBeVisible();
  // A line that paints again begins with a pot.
  await page.getByRole('button', { name: /^Line 5 / }).click();
  await openMore(page);
  await page.getByLabel('Technique').selectOption('layer');
  await expect(page.getByRole('button', { name: 'Add to the mix' })).toBeVisible();
  await isSaved(page);
});

test('a glaze goes on the border where two glazes meet', async ({ page, demo }) => {
  await page.goto(`${demo.url}/recipes/weathered-skin/values`);
  await expect(page.getByText(/They meet at 0\.\d\d, by the/)).toBeVisible();
  await page.getByLabel('On their border').selectOption('Marigold Clay');
  await expect(page.getByText(/passe?s? of Marigold Clay/)).toBeVisible();
  await page.getByRole('button', { name: 'Put it in as a line' }).click();
  await page.getByRole('link', { name: 'Lines', exact: true }).click();
  await expect(
    page.getByRole('button', { name: /^Line \d glaze placed glaze: Marigold Clay\. / }),
  ).toBeVisible();
  await expect(page.getByRole('button', { name: lines })).toHaveCount(9);
});

test('a hair dryer is said once, with what to heed', async ({ page, demo }) => {
  await page.goto(`${demo.url}/recipes/weathered-skin/levels`);
  const head = page.getByText(/ drying/).first();
  const before = await head.textContent();
  await page.getByLabel('A hair dryer between coats').check();
  await expect(page.getByText(/the vapour catches fire/)).toBeVisible();
  await expect(head).toContainText('drying with a hair dryer');
  expect(await head.textContent()).not.toBe(before);
  await isSaved(page);
  await page.getByRole('link', { name: 'Card' }).click();
  await expect(page.getByRole('article')).toContainText('with a hair dryer');
});

test('layers are pushed for the glazes over them by one press, and a ladder is put in', async ({
  page,
  demo,
}) => {
  await page.goto(`${demo.url}/recipes`);
  await page.getByRole('link', { name: 'Cloak of bleached reeds', exact: true }).first().click();
  await page.getByRole('link', { name: 'Light steps' }).click();
  const before = page.getByRole('region', { name: 'Before the glazes', exact: true });
  await expect(before.getByRole('row')).toHaveCount(3);
  await before.getByRole('button', { name: 'Write these mixes' }).click();
  await expect(page.getByRole('button', { name: /^Undo/ })).toBeEnabled();
  await page.goto(`${demo.url}/recipes/oilskin-shadow`);
  await expect(page.getByRole('button', { name: lines })).toHaveCount(8);
  await page.getByRole('link', { name: 'Light steps' }).click();
  const ladder = page.getByRole('region', { name: 'Steps that are just seen' });
  await expect(ladder.getByText(/mix(es)? between line 1 and line/)).toBeVisible();
  await ladder.getByRole('button', { name: 'Put these steps in as lines' }).click();
  await page.getByRole('link', { name: 'Lines', exact: true }).click();
  await expect(page.getByRole('button', { name: /^Line 9 / })).toBeVisible();
});
