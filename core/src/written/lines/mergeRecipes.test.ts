import fc from 'fast-check';
import { anyRecipe } from '../../testing/anyRecipe';
import { mixOf, recipeWith, stepWith } from '../../testing/sampleRecipe';
import { differencesBetween, mergeRecipes, usualChoices } from './mergeRecipes';
import { runs } from '../../testing/longTests';

const base = recipeWith([stepWith({ id: 'a' }), stepWith({ id: 'b' }), stepWith({ id: 'c' })]);
const editLine = (id: string, coats: number) => ({
  ...base,
  steps: base.steps.map((step) => (step.id === id ? { ...step, coats } : step)),
});
const settle = (mine: typeof base, theirs: typeof base, choices = {}) => {
  const differences = differencesBetween(base, mine, theirs);
  return mergeRecipes(mine, theirs, differences, { ...usualChoices(differences), ...choices });
};

test('two versions that say the same have no differences, whoever changed what', () => {
  fc.assert(fc.property(anyRecipe, (r) => differencesBetween(base, r, r).length === 0));
});

test('edits of different lines are both kept', () => {
  const merged = settle(editLine('a', 2), editLine('c', 5));
  expect(merged.steps.map(({ coats }) => coats)).toEqual([2, 1, 5]);
});

test('two edits of one line are a choice, and mine until it is made', () => {
  const mine = editLine('b', 2);
  const theirs = editLine('b', 7);
  expect(differencesBetween(base, mine, theirs)).toMatchObject([
    { kind: 'line', stepId: 'b', changedBy: 'both' },
  ]);
  expect(settle(mine, theirs).steps[1].coats).toBe(2);
  expect(settle(mine, theirs, { 'line b': 'theirs' }).steps[1].coats).toBe(7);
});

test('a line added there goes where it was added, a line deleted there goes', () => {
  const added = {
    ...base,
    steps: [base.steps[0], stepWith({ id: 'new', mix: mixOf({ red: 1 }) }), base.steps[1]],
  };
  expect(settle(editLine('a', 4), added).steps.map(({ id }) => id)).toEqual(['a', 'new', 'b']);
});

test('another order is taken as a whole, and the head field by field', () => {
  const mine = { ...base, name: 'Mine', models: 4 };
  const theirs = { ...base, name: 'Theirs', steps: [...base.steps].reverse() };
  const merged = settle(mine, theirs, { 'head name': 'theirs' });
  expect(merged.name).toBe('Theirs');
  expect(merged.models).toBe(4);
  expect(merged.steps.map(({ id }) => id)).toEqual(['c', 'b', 'a']);
});

test('choosing one side throughout gives that side', () => {
  fc.assert(
    fc.property(anyRecipe, anyRecipe, (mine, theirs) => {
      const differences = differencesBetween(base, mine, theirs);
      const all = (side: 'mine' | 'theirs') => ({
        order: side,
        ...Object.fromEntries(differences.map(({ key }) => [key, side])),
      });
      expect(mergeRecipes(mine, theirs, differences, all('mine'))).toEqual(mine);
      expect(mergeRecipes(mine, theirs, differences, all('theirs'))).toEqual(theirs);
    }),
    { numRuns: runs(50) },
  );
});
