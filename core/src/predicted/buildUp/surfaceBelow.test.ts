import fc from 'fast-check';
import { surfaceColour } from '../../light/colour/surfaceColour';
import { anyRecipe } from '../../testing/anyRecipe';
import { mixOf, recipeWith, shelf, stepWith } from '../../testing/sampleRecipe';
import { predictBuildUp } from './predictBuildUp';
import { surfaceBelow } from './surfaceBelow';
import { runs } from '../../testing/longTests';

const hexesOf = (surface: Float64Array[]) => surface.map((place) => surfaceColour(place).hex);

test('what a line goes onto is what the lines before it leave, in any recipe', () => {
  fc.assert(
    fc.property(anyRecipe, fc.nat(7), (recipe, nth) => {
      const index = nth % recipe.steps.length;
      const { ground, steps } = predictBuildUp(recipe, shelf);
      const before = index === 0 ? ground : steps[index - 1].surface;
      const below = surfaceBelow(recipe, shelf, recipe.steps[index].id);
      expect(hexesOf(below)).toEqual(before.map(({ hex }) => hex));
    }),
    { numRuns: runs(30) },
  );
});

test('the first line goes onto the ground, and after the last comes the finished surface', () => {
  const recipe = recipeWith([stepWith({ id: 'a', mix: mixOf({ brown: 1 }), coats: 2 })]);
  const { ground, steps } = predictBuildUp(recipe, shelf);
  expect(hexesOf(surfaceBelow(recipe, shelf, 'a'))).toEqual(ground.map(({ hex }) => hex));
  expect(hexesOf(surfaceBelow(recipe, shelf, 'none'))).toEqual(
    steps[0].surface.map(({ hex }) => hex),
  );
});
