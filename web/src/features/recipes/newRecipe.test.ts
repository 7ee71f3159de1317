import {
  flattenMix,
  potSchema,
  recipeSchema,
  type Pot,
  type Recipe,
  type Step,
} from '@yellow-ledger/core';
import { changedFields } from '../recipe/line/changedFields';
import { minutesInWords } from '../../kit/words/minutesInWords';
import { newStep } from '../../kit/paint/newStep';
import { copyOfRecipe, newRecipe } from './newRecipe';

const pot = (id: string, kind: Pot['kind'], retired = false): Pot => ({
  id,
  name: id,
  kind,
  finish: 'matt',
  flow: 'normal',
  swatch: '#887755',
  hiding: 0.7,
  hidingIsGuess: false,
  volumeMl: null,
  notes: '',
  retired,
});
const pots = [pot('ochre', 'paint'), pot('soot', 'primer')];

/** A recipe of three lines, the third carrying the second forward. */
function threeLines(): Recipe {
  let { recipe } = newRecipe(pots);
  for (let line = 0; line < 3; line++) {
    const step = newStep(recipe, pots)!;
    recipe = { ...recipe, steps: [...recipe.steps, step] };
  }
  const [, second, third] = recipe.steps;
  third.mix = { ...third.mix, parts: [{ from: 'step', stepId: second.id, parts: 2 }] };
  return recipe;
}

test('a new recipe stands on a primer, and brings plain ones where there is none in use', () => {
  expect(newRecipe(pots)).toMatchObject({ recipe: { groundPotId: 'soot' }, primers: [] });
  const { recipe, primers } = newRecipe([pot('soot', 'primer', true)]);
  expect(primers.map(({ id }) => id)).toContain(recipe.groundPotId);
  expect(primers.every(({ kind, hidingIsGuess }) => kind === 'primer' && hidingIsGuess)).toBe(true);
  for (const each of primers) expect(potSchema.safeParse(each).success).toBe(true);
});

test('new lines make a recipe that can be kept, each starting higher', () => {
  const recipe = threeLines();
  expect(recipeSchema.safeParse(recipe).success).toBe(true);
  const starts = recipe.steps.map(({ placement }) => placement.from);
  expect([...starts].sort((a, b) => a - b)).toEqual(starts);
});

test('without a pot there is no line', () => {
  expect(newStep(threeLines(), [])).toBeNull();
});

test('a copy has lines of its own, and carries its own mixes forward', () => {
  const recipe = threeLines();
  const copy = copyOfRecipe(recipe);
  expect(recipeSchema.safeParse(copy).success).toBe(true);
  const ids = new Set([recipe, copy].flatMap(({ id, steps }) => [id, ...steps.map((s) => s.id)]));
  expect(ids.size).toBe(8);
  expect(flattenMix(copy.steps[2].mix, copy.steps.slice(0, 2))).toEqual([
    { potId: 'ochre', share: 1 },
  ]);
});

test('a name at its limit can still be copied', () => {
  const copy = copyOfRecipe({ ...threeLines(), name: 'y'.repeat(120) });
  expect(copy.name).toHaveLength(120);
  expect(copy.name).toContain('(copy)');
});

test('the fields that changed are named, those of the mix too', () => {
  const [before] = threeLines().steps;
  const after: Step = { ...before, coats: 9, mix: { ...before.mix, waterParts: 4 } };
  expect(changedFields(before, after)).toEqual(['coats', 'waterParts']);
  expect(changedFields(before, structuredClone(before))).toEqual([]);
});

test.each([
  [0, '0 min'],
  [59.6, '1 h'],
  [135, '2 h 15 min'],
])('%p minutes are %s', (minutes, words) => {
  expect(minutesInWords(minutes)).toBe(words);
});
