import fc from 'fast-check';
import { anyRecipe } from '../../testing/anyRecipe';
import { stepWith } from '../../testing/sampleRecipe';
import { recipeSchema } from '../recipe/recipe';
import { withNewIds } from './withNewIds';

const counting = () => {
  let next = 0;
  return () => `new-${next++}`;
};

test('with new identifiers the lines are the same, and lean on each other as they did', () => {
  fc.assert(
    fc.property(anyRecipe, (recipe) => {
      const renamed = withNewIds(recipe.steps, counting());
      expect(recipeSchema.safeParse({ ...recipe, steps: renamed }).success).toBe(true);
      expect(renamed.every(({ id }) => id.startsWith('new-'))).toBe(true);
      // Named back they are what they were, in every field.
      const ids = recipe.steps.map(({ id }) => id);
      expect(withNewIds(renamed, () => ids.shift()!)).toEqual(recipe.steps);
    }),
  );
});

test('a line that is not among them is still the one that is meant', () => {
  const outside = stepWith({
    id: 'two',
    restores: 'one',
    mix: { parts: [{ from: 'step', stepId: 'one', parts: 2 }], waterParts: 0, mediumParts: 0 },
  });
  expect(withNewIds([outside], counting())).toEqual([{ ...outside, id: 'new-0' }]);
});
