import fc from 'fast-check';
import { anyRecipe } from '../../testing/anyRecipe';
import { mixOf, recipeWith, stepWith } from '../../testing/sampleRecipe';
import { flattenMix } from '../recipe/flattenMix';
import type { Recipe } from '../recipe/recipe';
import { recipeSchema } from '../recipe/recipe';
import { carriersOf, withoutStep, withStep } from './withoutStep';
import { runs } from '../../testing/longTests';

const paintOf = ({ steps }: Recipe, id: string) => {
  const at = steps.findIndex((step) => step.id === id);
  return flattenMix(steps[at].mix, steps.slice(0, at))
    .map(({ potId, share }) => `${potId} ${share.toFixed(6)}`)
    .sort();
};

test('what carried a line that is taken out keeps its paint', () => {
  fc.assert(
    fc.property(anyRecipe, fc.nat(), (recipe, which) => {
      const gone = recipe.steps[which % recipe.steps.length];
      const rest = withoutStep(recipe, gone.id);
      expect(recipeSchema.safeParse(rest).success).toBe(true);
      expect(rest.steps.map(({ id }) => id)).toEqual(
        recipe.steps.flatMap(({ id }) => (id === gone.id ? [] : [id])),
      );
      expect(carriersOf(rest.steps, gone.id)).toEqual([]);
      expect(rest.steps.some(({ restores }) => restores === gone.id)).toBe(false);
      for (const { id } of rest.steps) expect(paintOf(rest, id)).toEqual(paintOf(recipe, id));
    }),
    { numRuns: runs(60) },
  );
});

test('whole parts stay whole where a carried mix is written out', () => {
  const recipe = recipeWith([
    stepWith({ id: 'one', mix: mixOf({ red: 2, brown: 1 }) }),
    stepWith({
      id: 'two',
      mix: {
        parts: [
          { from: 'step', stepId: 'one', parts: 1 },
          { from: 'pot', potId: 'white', parts: 1 },
        ],
        waterParts: 1,
        mediumParts: 0,
      },
    }),
  ]);
  expect(withoutStep(recipe, 'one').steps[0].mix).toEqual({
    parts: [
      { from: 'pot', potId: 'red', parts: 2 },
      { from: 'pot', potId: 'brown', parts: 1 },
      { from: 'pot', potId: 'white', parts: 3 },
    ],
    waterParts: 1,
    mediumParts: 0,
  });
});

test('a line that is not there is none to take out, or to paint otherwise', () => {
  const recipe = recipeWith([stepWith({ id: 'one' })]);
  expect(withoutStep(recipe, 'gone')).toBe(recipe);
  expect(withStep(recipe, stepWith({ id: 'gone' }))).toBe(recipe);
});

test('a line that is emptied leaves its paint with those that carry it', () => {
  fc.assert(
    fc.property(anyRecipe, fc.nat(), (recipe, which) => {
      const line = recipe.steps[which % recipe.steps.length];
      const emptied = withStep(recipe, {
        ...line,
        technique: 'dampBrush',
        mix: { ...line.mix, parts: [] },
      });
      for (const { id } of recipe.steps)
        if (id !== line.id && carriersOf(recipe.steps, line.id).some((each) => each.id === id))
          expect(paintOf(emptied, id)).toEqual(paintOf(recipe, id));
    }),
    { numRuns: runs(60) },
  );
});
