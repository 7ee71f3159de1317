import fc from 'fast-check';
import { colourOfHex } from '../../light/colour/colourOfHex';
import { finishedSurface } from '../../predicted/buildUp/buildUp';
import { shelfOf } from '../../predicted/paint/mixedPaint';
import { predictBuildUp } from '../../predicted/buildUp/predictBuildUp';
import { recipeSchema, type Recipe } from '../../written/recipe/recipe';
import { mixOf, pots, recipeWith, stepWith } from '../../testing/sampleRecipe';
import { placeOf, ribbonStops, type ToneStopName } from '../../written/place/toneAxis';
import { markAt, markOnGround } from './markOnGround';

const cloth = recipeWith(
  [
    stepWith({ id: 'base', mix: mixOf({ blue: 1, black: 1 }), coats: 3 }),
    stepWith({
      id: 'light',
      technique: 'layer',
      mix: mixOf({ blue: 1, white: 2 }),
      coats: 3,
      placement: { from: 0.55, to: 1, softness: 0.2, pull: 'up' },
    }),
  ],
  { id: 'cloth' },
);
const shelf = shelfOf(Object.values(pots), new Map([['cloth now', cloth]]));
const empty: Recipe = {
  ...recipeWith([], { id: 'mark' }),
  ground: { recipeId: 'cloth', version: null },
};
const written = (hex: string, keepsLight: number): Recipe => {
  let count = 0;
  return { ...empty, steps: markOnGround(empty, shelf, { hex, keepsLight }, () => `m${count++}`) };
};
const valueAt = (recipe: Recipe, place: ToneStopName) =>
  finishedSurface(predictBuildUp(recipe, shelf))[ribbonStops.indexOf(placeOf(place))].value;

test('a mark that keeps no light is one flat line', () => {
  const flat = written('#a82222', 0);
  expect(flat.steps).toHaveLength(1);
  expect(valueAt(flat, 'edge') - valueAt(flat, 'shadow')).toBeLessThan(4);
});

test('one that keeps it is dark where the cloth is dark and light where it is light', () => {
  const lit = written('#a82222', 0.7);
  expect(lit.steps.length).toBeGreaterThan(1);
  const ground = valueAt(cloth, 'edge') - valueAt(cloth, 'shadow');
  const kept = valueAt(lit, 'edge') - valueAt(lit, 'shadow');
  expect(kept).toBeGreaterThan(0.3 * ground);
  expect(kept).toBeLessThan(1.1 * ground);
});

test('the more light it is to keep the more it keeps, and its lines are lines of a recipe', () => {
  fc.assert(
    fc.property(fc.constantFrom('#a82222', '#e8b51c', '#2c6b3a', '#ddd0a8'), (hex) => {
      const kept = [0, 0.4, 0.8].map((keepsLight) => {
        const recipe = written(hex, keepsLight);
        expect(recipeSchema.safeParse(recipe).success).toBe(true);
        return valueAt(recipe, 'edge') - valueAt(recipe, 'shadow');
      });
      expect(kept[1]).toBeGreaterThan(kept[0] - 1);
      expect(kept[2]).toBeGreaterThan(kept[1] - 1);
      expect(kept[2]).toBeGreaterThan(kept[0] + 5);
    }),
    { numRuns: 4 },
  );
});

test('in its middle it has its own colour, in the dark it is duller as well as darker', () => {
  const red = colourOfHex('#a82222');
  expect(markAt(red, 0, 1).hex).toBe(red.hex);
  const dark = markAt(red, -20, 1);
  expect(dark.value).toBeCloseTo(red.value - 20, 6);
  expect(dark.chroma).toBeLessThan(red.chroma);
  expect(markAt(red, 90, 1).value).toBe(96);
});

test('without a paint at hand there are no lines', () => {
  const bare = shelfOf([pots.black], new Map([['cloth now', recipeWith([], { id: 'cloth' })]]));
  expect(markOnGround(empty, bare, { hex: '#a82222', keepsLight: 1 }, () => 'm')).toEqual([]);
});
