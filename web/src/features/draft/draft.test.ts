import {
  lineLimit,
  progressionOptionsSchema,
  recipeSchema,
  type Pot,
  type Progression,
} from '@yellow-ledger/core';
import { draftFormSchema, firstDraftForm, optionsOf } from './draftForm';
import { recipeFromDraft } from './recipeFromDraft';

const pot = (part: Partial<Pot>): Pot => ({
  id: 'pot',
  name: 'Marigold Clay',
  kind: 'paint',
  finish: 'matt',
  flow: 'normal',
  swatch: '#d99a1f',
  hiding: 0.4,
  hidingIsGuess: false,
  volumeMl: null,
  notes: '',
  retired: false,
  ...part,
});
const primer = pot({ id: 'primer', name: 'Lampsoot', kind: 'primer' });
const pots = [primer, pot({})];
const progression: Progression = {
  school: 'shadowUp',
  steps: [],
  spots: [],
  groundPotId: 'primer',
  notes: ['Fen Umber is used instead.', 'Primed pale.'],
};

test('the first wishes on the page are ones that can be drafted', () => {
  const form = firstDraftForm(pots)!;
  expect(draftFormSchema.safeParse(form).success).toBe(true);
  expect(progressionOptionsSchema.safeParse(optionsOf('restore', form)).success).toBe(true);
});

test.each([
  ['no primer', [pot({})]],
  ['no paint', [primer]],
  ['only retired pots', pots.map((each) => ({ ...each, retired: true }))],
  ['nothing at all', []],
])('from a shelf with %s there is nothing to begin with', (_what, shelf) => {
  expect(firstDraftForm(shelf)).toBeNull();
});

test('the mid tone is the pot or the colour, whichever is chosen', () => {
  const form = firstDraftForm(pots)!;
  expect(optionsOf('sketch', form).mid).toEqual({ from: 'pot', potId: 'pot' });
  const towards = { ...form, midFrom: 'colour' as const, midHex: '#123456' };
  expect(optionsOf('sketch', towards).mid).toEqual({ from: 'colour', hex: '#123456' });
});

test('a draft that is taken is a recipe named after its mid tone and its way', () => {
  const asked = optionsOf('shadowUp', firstDraftForm(pots)!);
  const recipe = recipeFromDraft(progression, asked, pots);
  expect(recipeSchema.safeParse(recipe).success).toBe(true);
  expect(recipe.name).toBe('Marigold Clay, from the shadow up');
  expect(recipe.notes).toBe('Fen Umber is used instead.\nPrimed pale.');
  expect(recipe.finishLevel).toBe(asked.finishLevel);
});

test('however long the name of the pot, the recipe’s fits its line', () => {
  const long = [primer, pot({ name: 'y'.repeat(lineLimit) })];
  const recipe = recipeFromDraft(progression, optionsOf('shadowUp', firstDraftForm(long)!), long);
  expect(recipe.name).toHaveLength(lineLimit);
});
