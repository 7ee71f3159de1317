import { predictBuildUp } from '../../predicted/buildUp/predictBuildUp';
import type { Recipe } from '../../written/recipe/recipe';
import { mixOf, recipeWith, shelf, stepWith } from '../../testing/sampleRecipe';
import { stoppingPoints } from './stoppingPoints';

const stopsOf = (recipe: Recipe) => stoppingPoints(recipe, predictBuildUp(recipe, shelf), shelf);
const base = stepWith({ id: 'base', coats: 2 });
const wash = stepWith({
  id: 'wash',
  stage: 'shade',
  technique: 'allOverWash',
  mix: mixOf({ wash: 1 }),
});
const restore = stepWith({
  id: 'restore',
  stage: 'layer',
  technique: 'layer',
  coats: 2,
  placement: { from: 0.4, to: 1, softness: 0.1, pull: 'up' },
});
const light = stepWith({
  id: 'light',
  stage: 'highlight',
  technique: 'layer',
  mix: mixOf({ brown: 1, bone: 1 }),
  coats: 3,
  placement: { from: 0.66, to: 1, softness: 0.1, pull: 'up' },
});

test('not on a flat base, nor on a wash that is still to be cleaned up', () => {
  expect(stopsOf(recipeWith([base, wash, restore, light]))).toEqual(['restore', 'light']);
});

test('on the wash itself where nothing is painted back after it', () => {
  expect(stopsOf(recipeWith([base, wash]))).toEqual(['wash']);
});

test('not while a light is patchy', () => {
  const patchy = { ...light, mix: mixOf({ yellow: 1 }), coats: 1 };
  expect(
    stopsOf(recipeWith([stepWith({ id: 'black', mix: mixOf({ black: 1 }) }), patchy])),
  ).toEqual([]);
});

test('not before the repair of what a filter dulled', () => {
  const filter = stepWith({
    id: 'filter',
    stage: 'glaze',
    technique: 'filter',
    mix: mixOf({ brown: 1 }, { mediumParts: 4 }),
  });
  const again = { ...light, id: 'again', restores: 'filter' };
  expect(stopsOf(recipeWith([base, light, filter, again]))).toEqual(['light', 'again']);
});
