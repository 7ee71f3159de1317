import fc from 'fast-check';
import { anyRecipe } from '../../testing/anyRecipe';
import { mixOf, recipeWith, stepWith } from '../../testing/sampleRecipe';
import { copiedLines } from './copiedLines';
import { flattenMix } from '../recipe/flattenMix';
import { recipeSchema } from '../recipe/recipe';
import { runs } from '../../testing/longTests';

test('lines that are copied keep their paint and stand on their own', () => {
  fc.assert(
    fc.property(anyRecipe, fc.nat(), (recipe, bits) => {
      const chosen = recipe.steps.filter((_, index) => (bits >> index) & 1);
      let next = 0;
      const copied = copiedLines(
        recipe,
        chosen.map(({ id }) => id),
        () => `new-${next++}`,
      );
      expect(recipeSchema.safeParse({ ...recipe, steps: copied }).success).toBe(true);
      copied.forEach((step, index) => {
        const was = recipe.steps.findIndex(({ id }) => id === chosen[index].id);
        const shares = (of: ReturnType<typeof flattenMix>) =>
          of.map(({ potId, share }) => `${potId} ${share.toFixed(6)}`).sort();
        expect(shares(flattenMix(step.mix, copied.slice(0, index)))).toEqual(
          shares(flattenMix(chosen[index].mix, recipe.steps.slice(0, was))),
        );
      });
    }),
    { numRuns: runs(60) },
  );
});

test('what was answered “meant so” is asked again where the line goes', () => {
  const recipe = recipeWith([
    stepWith({ id: 'one', mix: mixOf({ brown: 1 }), setAside: [{ rule: 'thin', value: 3 }] }),
  ]);
  const [copied] = copiedLines(recipe, ['one'], () => 'new');
  expect(copied).toEqual({ ...stepWith({ id: 'new', mix: mixOf({ brown: 1 }) }) });
});
