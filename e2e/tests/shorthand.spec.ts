import type { Page } from '@playwright/test';
import { expect, isSaved, test } from '../support/test';

const said = (page: Page) => page.getByRole('combobox', { name: 'The next line, in words' });
const lines = (page: Page) => page.getByRole('button', { name: /^Line \d+ / });

/** The eight lines of a blade, as somebody says them who knows the words. */
const blade = [
  'base dusk water + coot half and half, ½ water, 2 coats',
  'layer dusk water 1:1, 2 coats, shadow up, soft',
  'dusk water + kingfisher 1:1, 1 water, 2 coats, mid up',
  'highlight kingfisher + frost pool, 1½ water, 2 coats, raised up',
  'frost pool + gull white, 1½ water, 2 coats, crown up',
  'edges gull white 1:1, from table',
  'detail: coot ½ water, lining, note "Where the blade meets the grip."',
  'glaze dusk water 1:8 ×2 underside',
];

/** Presses of keys that are no letters of what is written, and of the mouse. */
class Hand {
  presses = 0;
  constructor(private readonly page: Page) {}

  async press(key: string) {
    this.presses++;
    await this.page.keyboard.press(key);
  }
}

test('a blade of eight lines is written by keyboard in at most 25 presses beside its letters', async ({
  page,
  demo,
}) => {
  const hand = new Hand(page);
  await page.goto(`${demo.url}/recipes`);
  await expect(page.getByRole('heading', { name: 'Recipes' })).toBeVisible();
  await expect(
    page.getByRole('link', { name: 'Reed cloak, three tones', exact: true }),
  ).toBeVisible();
  await hand.press('n');
  await expect(page.getByRole('button', { name: 'Write the first line' })).toBeVisible();
  await hand.press('l');
  await expect(said(page)).toBeFocused();
  for (const [index, sentence] of blade.entries()) {
    await page.keyboard.type(sentence);
    await hand.press('Enter');
    await expect(lines(page)).toHaveCount(index + 1);
  }
  expect(hand.presses).toBeLessThanOrEqual(25);
  await isSaved(page);
  await page.reload();
  await expect(lines(page)).toHaveCount(8);
  await expect(lines(page).first()).toHaveAccessibleName(/1 Dusk Water \+ 1 Coot Black/);
  await expect(page.getByText('Where the blade meets the grip.')).toBeVisible();
});

test('what is said is shown with its ribbon, and what is not understood is not added', async ({
  page,
  demo,
}) => {
  await page.goto(`${demo.url}/recipes/oilskin-shadow`);
  await expect(lines(page)).toHaveCount(8);
  await said(page).fill('glaze rosehip 1:8 ×4 underside');
  const line = page.getByRole('group', { name: 'The line as understood' });
  await expect(line).toContainText('Rosehip');
  await expect(line).toContainText('1 paint : 8 water');
  await expect(line).toContainText('facing down within 75°');
  await expect(line.getByRole('img', { name: /The surface after this line/ })).toBeVisible();

  await said(page).fill('2 rosehip + 1 flumox, as a glaze');
  await said(page).press('Enter');
  await expect(page.getByText('Not added yet')).toBeVisible();
  await expect(lines(page)).toHaveCount(8);
  await said(page).fill("rosehip glaze, don't let it pool, splodged");
  await said(page).press('Enter');
  await expect(lines(page)).toHaveCount(9);
  await expect(page.getByText("don't let it pool, splodged", { exact: true })).toBeVisible();

  await said(page).fill('1 reed + 1 gull white');
  await page.getByRole('button', { name: 'Reed Straw', exact: true }).click();
  await expect(said(page)).toHaveValue('1 Reed Straw + 1 gull white');
  await said(page).fill('dusk wa');
  await expect(page.getByRole('option', { name: 'Dusk Water' })).toBeVisible();
  await said(page).press('ArrowDown');
  await said(page).press('Enter');
  await expect(said(page)).toHaveValue('Dusk Water');
});

test('it hears what painters say: then, three times smaller, a spot by its word, and a command', async ({
  page,
  demo,
}) => {
  await page.goto(`${demo.url}/recipes/oilskin-shadow`);
  await expect(lines(page)).toHaveCount(8);
  const shown = page.getByRole('group', { name: 'The line as understood' });

  await said(page).fill(
    'peatwater into the recesses, leave the raised bits clean, then tallow on the very tips',
  );
  await expect(shown).toHaveCount(2);
  await page.getByRole('button', { name: 'Add 2 lines' }).click();
  await expect(lines(page)).toHaveCount(10);
  await expect(lines(page).nth(8)).toHaveAccessibleName(/recess wash.*Peatwater/);

  await said(page).fill('three layers of rosehip, each smaller, adding tallow');
  await expect(shown).toHaveCount(3);
  await said(page).press('Enter');
  await expect(lines(page)).toHaveCount(13);
  await expect(lines(page).nth(12)).toHaveAccessibleName(/1 of line 12/);

  await said(page).fill('a dot of gull white on the buckle');
  await page.getByRole('button', { name: 'Make a spot “buckle”, and add it there' }).click();
  await expect(lines(page)).toHaveCount(14);
  await expect(page.getByText(/on buckle/).first()).toBeVisible();

  await said(page).fill('delete line 9');
  await expect(page.getByText('Delete line 9 of 14.')).toBeVisible();
  await expect(lines(page)).toHaveCount(14);
  await said(page).press('Enter');
  await expect(lines(page)).toHaveCount(13);
  await page.getByRole('button', { name: /^Undo/ }).click();
  await expect(lines(page)).toHaveCount(14);
});

test('a line is edited as its sentence; typing it is undone by one press', async ({
  page,
  demo,
}) => {
  await page.goto(`${demo.url}/recipes/oilskin-shadow`);
  await lines(page).nth(3).click();
  const words = page.getByRole('combobox', { name: 'The line in words' });
  await expect(words).toHaveValue(/3 Marigold Clay \+ 1 Ditch Ochre/);
  await words.fill('3 Marigold Clay + 2 Rosehip, 1:2 water, crown up');
  await expect(lines(page).nth(3)).toHaveAccessibleName(/3 Marigold Clay \+ 2 Rosehip/);
  await expect(page.getByRole('textbox', { name: 'Water' }).first()).toHaveValue('2');
  await words.fill('3 Marigold Clay + 2 Flumox');
  await expect(page.getByText('The line counts as it was')).toBeVisible();
  await words.fill('3 Marigold Clay + 2 Rosehip');
  await words.press('Enter');
  await expect(words).toBeHidden();
  await page.keyboard.press('Control+z');
  await expect(lines(page).nth(3)).toHaveAccessibleName(/3 Marigold Clay \+ 1 Ditch Ochre/);
});

test('pasted notes become lines only once they are looked through', async ({ page, demo }) => {
  await page.goto(`${demo.url}/recipes/oilskin-shadow/text`);
  const read = page.getByRole('button', { name: 'Read the notes' });
  await page.getByLabel('Notes', { exact: true }).fill('x'.repeat(30_000));
  await read.click();
  await expect(page.getByText(/this one has 30,000/)).toBeVisible();
  await page
    .getByLabel('Notes', { exact: true })
    .fill(
      'Coat:\n1. base ochre 1:1, 2 coats\n2. wash frog teal 1:1 medium recesses\n3. line 1 + a third gosling, raised up',
    );
  await read.click();
  const proposed = page.getByRole('list', { name: 'Proposed lines' }).getByRole('listitem');
  await expect(proposed).toHaveCount(4);
  await expect(page.getByText('1 line waits for you')).toBeVisible();
  await page.getByLabel('Colour of frog teal').fill('#2f7f78');
  await page.getByRole('button', { name: 'Put frog teal on the shelf' }).click();
  await page.getByRole('button', { name: 'Put 3 lines into the recipe' }).click();
  await expect(lines(page)).toHaveCount(11);
  await expect(lines(page).nth(9)).toHaveAccessibleName(/recess wash: frog teal/);
  await expect(lines(page).nth(10)).toHaveAccessibleName(/1 of line 9 \+ ⅓ Gosling Down/);
  await page.keyboard.press('Control+z');
  await expect(lines(page)).toHaveCount(8);
});

test('a note of three surfaces is put into three recipes with two questions', async ({
  page,
  demo,
}) => {
  await page.goto(`${demo.url}/recipes/oilskin-shadow/text`);
  await page
    .getByLabel('Notes', { exact: true })
    .fill(
      'Leather straps:\nbase rush brown, 2 thin coats\nstraw on the edges\n\nSkin\nbase ferryman tan\nember ink 2:1 water on the raised parts\n\nOld bone:\nditch ochre everywhere\ntallow on the tips',
    );
  await page.getByRole('button', { name: 'Read the notes' }).click();
  const questions = page.getByRole('region', { name: 'Questions about the notes' });
  await expect(questions.getByRole('listitem')).toHaveCount(2);
  await questions.getByRole('button', { name: 'A recipe for each' }).click();
  await questions.getByRole('button', { name: '2 water to 1 paint' }).click();
  await expect(questions).toBeHidden();
  await page.getByRole('button', { name: 'Put 6 lines into 3 recipes' }).click();
  await expect(
    page.getByText(/“?Skin”? and “?Old bone”? written as recipes of their own/),
  ).toBeVisible();
  await expect(lines(page)).toHaveCount(10);
  await page.goto(`${demo.url}/recipes`);
  for (const name of ['Skin', 'Old bone'])
    await expect(page.getByRole('link', { name, exact: true })).toBeVisible();
});

test('notes are put in on an empty shelf: what is missing is put there by its name', async ({
  page,
  empty,
}) => {
  await page.goto(`${empty.url}/recipes`);
  await page.getByRole('button', { name: 'Put in my notes' }).click();
  await page
    .getByLabel('Notes', { exact: true })
    .fill('Swamp cloak\n1) basecoat dark green + black 3:1, 2 thin coats\n2) matt varnish');
  await page.getByRole('button', { name: 'Read the notes' }).click();
  const missing = page.getByRole('region', { name: 'Pots that are not on the shelf' });
  await expect(missing.getByRole('listitem')).toHaveCount(3);
  await expect(page.getByRole('button', { name: /^Put \d lines? into/ })).toBeDisabled();
  for (const name of ['dark green', 'black', 'matt varnish'])
    await page.getByRole('button', { name: `Put ${name} on the shelf` }).click();
  await expect(missing).toBeHidden();
  await page.getByRole('button', { name: 'Put 2 lines into the recipe' }).click();
  await expect(
    page.getByRole('button', { name: 'Line 1 base brush coat: 3 dark green + 1 black' }),
  ).toBeVisible();
  await expect(page.getByRole('button', { name: /^Line 2 finish.*matt varnish/ })).toBeVisible();
});

test('several lines are changed together, and copied into another recipe', async ({
  page,
  demo,
}) => {
  await page.goto(`${demo.url}/recipes/oilskin-shadow`);
  await page.getByText('Several lines at once').click();
  await page.getByRole('checkbox', { name: '3 layer, layer' }).check();
  await page.getByRole('checkbox', { name: '4 layer, layer' }).check();
  await page.getByRole('combobox', { name: 'What to change' }).fill('1 paint : 3 water');
  await page.getByRole('button', { name: 'Change 2 lines' }).click();
  await expect(page.getByText('1 paint : 3 water')).toHaveCount(2);
  await page.getByLabel('Copy into').selectOption({ label: 'Reed cloak, three tones' });
  await page.getByRole('button', { name: 'Copy 2 lines' }).click();
  await expect(page.getByText(/2 lines stand at the end of Reed cloak/)).toBeVisible();
});
