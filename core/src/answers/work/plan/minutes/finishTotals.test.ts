import { mixOf, recipeWith, stepWith } from '../../../../testing/sampleRecipe';
import { reckonedDryMinutes } from './dryingTime';
import { finishTotals } from './finishTotals';

const base = stepWith({ id: 'base', coats: 2 });
const light = stepWith({
  id: 'light',
  stage: 'highlight',
  technique: 'layer',
  mix: mixOf({ brown: 1, bone: 1 }),
  coats: 3,
  level: 'display',
});

test('totals go by the finish level and its passes', () => {
  const recipe = recipeWith([{ ...base, coatsAt: { display: 4 } }, light]);
  expect(finishTotals(recipe, 'field')).toMatchObject({
    steps: 1,
    coats: 2,
    dryMinutes: 40,
    pots: 1,
  });
  expect(finishTotals(recipe, 'display')).toMatchObject({
    steps: 2,
    coats: 7,
    dryMinutes: 140,
    pots: 2,
  });
  expect(finishTotals(recipeWith([]), 'table')).toEqual({
    steps: 0,
    coats: 0,
    handsOnMinutes: 0,
    dryMinutes: 0,
    pots: 0,
    isOwn: false,
  });
});

test('go by the painter’s own minutes where they were learned', () => {
  const recipe = recipeWith([base, { ...light, level: 'field' }]);
  const usual = finishTotals(recipe);
  const own = finishTotals(recipe, recipe.finishLevel, {
    handsOn: { brushCoat: 2, layer: 2 },
    drying: 0.5,
    paint: 1,
    film: 1,
    coats: {},
  });
  expect(own.handsOnMinutes).toBeCloseTo(2 * usual.handsOnMinutes, 9);
  expect(own.dryMinutes).toBeCloseTo(usual.dryMinutes / 2, 9);
  expect([usual.isOwn, own.isOwn]).toEqual([false, true]);
});

test('own minutes of a technique that is not used are not called own', () => {
  const own = { handsOn: { spray: 3 }, drying: 1, paint: 1, film: 1, coats: {} };
  expect(finishTotals(recipeWith([base]), 'table', own).isOwn).toBe(false);
});

test('a hair dryer, said once, is there for every coat', () => {
  const recipe = recipeWith([base, { ...light, level: 'field' }]);
  const blown = finishTotals({ ...recipe, hairDryer: true });
  expect(blown.dryMinutes).toBeCloseTo(finishTotals(recipe).dryMinutes / 3, 9);
  expect(blown.handsOnMinutes).toBe(finishTotals(recipe).handsOnMinutes);
});

test('hands-on time is of all models: twice as many take twice as long', () => {
  const six = finishTotals(recipeWith([base], { models: 6 }));
  const twelve = finishTotals(recipeWith([base], { models: 12 }));
  expect(six.handsOnMinutes).toBeGreaterThan(1);
  expect(twelve.handsOnMinutes).toBeCloseTo(2 * six.handsOnMinutes);
});

test('where no minutes are written, drying is reckoned: a thin glaze dries sooner than a coat', () => {
  const glaze = stepWith({ id: 'g', technique: 'placedGlaze', dryMinutes: 0 });
  const coat = stepWith({ id: 'c', dryMinutes: 0 });
  expect(finishTotals(recipeWith([glaze])).dryMinutes).toBeCloseTo(reckonedDryMinutes(glaze));
  expect(reckonedDryMinutes(glaze)).toBeLessThan(reckonedDryMinutes(coat));
});
