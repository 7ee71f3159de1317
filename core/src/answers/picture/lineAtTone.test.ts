import fc from 'fast-check';
import { formNames } from '../../written/place/forms';
import { predictBuildUp } from '../../predicted/buildUp/predictBuildUp';
import { shadedCloth } from '../../testing/shadedCloth';
import { mixOf, recipeWith, shelf, stepWith } from '../../testing/sampleRecipe';
import { lineAtTone } from './lineAtTone';
import { recipeInValues } from './recipeInValues';

const filtered = recipeWith([
  ...shadedCloth().steps,
  stepWith({ id: 'filter', technique: 'filter', mix: mixOf({ violet: 1 }, { mediumParts: 2 }) }),
]);

test('a place is called by its tone, and by the last line that is for such places', () => {
  const build = predictBuildUp(filtered, shelf);
  expect(lineAtTone(filtered, build, 0.02)).toMatchObject({ stop: 'pit', stepId: 'wash' });
  expect(lineAtTone(filtered, build, 0.94).stop).toBe('edge');
  const last = filtered.steps.at(-2)?.id;
  expect(lineAtTone(filtered, build, 1)).toMatchObject({ stop: 'point', stepId: last });
});

test('where nothing else is, the line that is on everything is named; on bare primer none', () => {
  const flat = recipeWith([stepWith({ id: 'base', mix: mixOf({ brown: 1 }), coats: 2 })]);
  expect(lineAtTone(flat, predictBuildUp(flat, shelf), 0.5).stepId).toBe('base');
  const bare = recipeWith([]);
  expect(lineAtTone(bare, predictBuildUp(bare, shelf), 0.5).stepId).toBeNull();
});

test('a line that is aimed, or switched out, is none that a grey can tell of', () => {
  const [base, ...others] = shadedCloth().steps;
  const top = others.at(-1) ?? base;
  const aimed = {
    ...top,
    id: 'aimed',
    placement: { ...top.placement, aim: { facing: { side: 'up' as const, within: 60 } } },
  };
  const out = { ...top, id: 'out', isOut: true };
  const recipe = recipeWith([base, ...others, aimed, out], { form: 'folds' });
  const { stepId } = lineAtTone(recipe, predictBuildUp(recipe, shelf), 1);
  expect(stepId).toBe(top.id);
});

test('on any form, in any number of values, the shares of a recipe are all of it', () => {
  const build = predictBuildUp(filtered, shelf);
  fc.assert(
    fc.property(fc.constantFrom(...formNames), fc.integer({ min: 3, max: 7 }), (form, values) => {
      const { shares, darkest, lightest } = recipeInValues(build, form, values);
      expect(shares).toHaveLength(values);
      expect(shares.reduce((sum, each) => sum + each, 0)).toBeCloseTo(1, 9);
      expect(lightest).toBeGreaterThan(darkest);
    }),
  );
});

test('a wider highlight leaves more of the form in the lightest values', () => {
  const withTop = (from: number) => {
    const recipe = recipeWith([
      stepWith({ id: 'base', mix: mixOf({ brown: 1 }), coats: 2 }),
      stepWith({
        id: 'top',
        technique: 'layer',
        mix: mixOf({ bone: 1 }),
        coats: 3,
        placement: { from, to: 1, softness: 0.05, pull: 'even' },
      }),
    ]);
    return recipeInValues(predictBuildUp(recipe, shelf), 'folds', 3).shares[2];
  };
  expect(withTop(0.5)).toBeGreaterThan(withTop(0.8) + 0.1);
});
