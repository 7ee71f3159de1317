import { predictBuildUp } from '../../predicted/buildUp/predictBuildUp';
import { meanings, meaningWord } from '../../written/technique/meaning';
import { mixOf, recipeWith, shelf, stepWith } from '../../testing/sampleRecipe';
import type { Recipe } from '../../written/recipe/recipe';
import { lineMeanings } from './lineMeanings';

const meaningsOf = (recipe: Recipe) => lineMeanings(recipe, predictBuildUp(recipe, shelf), shelf);
const layer = (waterParts: number, coats: number) =>
  stepWith({
    id: 'line',
    stage: 'layer',
    technique: 'layer',
    mix: mixOf({ yellow: 1 }, { waterParts }),
    coats,
  });
const base = stepWith({ id: 'base', mix: mixOf({ brown: 1 }), coats: 2 });

test.each([
  [
    'a base coat is to cover, however it fares',
    [stepWith({ id: 'line', mix: mixOf({ yellow: 1 }) })],
    'cover',
  ],
  ['one translucent coat lets show', [base, layer(2, 1)], 'showThrough'],
  ['many thin coats build up', [base, layer(4, 6)], 'buildUp'],
  ['a glaze tints', [base, stepWith({ id: 'line', technique: 'placedGlaze' })], 'tint'],
  ['a dry brush builds up', [base, stepWith({ id: 'line', technique: 'dryBrush' })], 'buildUp'],
  ['a point marks', [base, stepWith({ id: 'line', technique: 'point' })], 'mark'],
  [
    'a thin coat over a mist from above lets it show',
    [
      stepWith({
        id: 'mist',
        stage: 'prime',
        technique: 'sprayFromAbove',
        mix: mixOf({ white: 1 }),
        coats: 3,
      }),
      stepWith({ id: 'line', mix: mixOf({ red: 1 }, { mediumParts: 3 }) }),
    ],
    'showThrough',
  ],
] as const)('%s', (_what, steps, meaning) => {
  expect(meaningsOf(recipeWith([...steps])).line).toBe(meaning);
});

test('what the painter says holds over what follows', () => {
  const said = { ...layer(2, 1), meaning: 'cover' as const };
  expect(meaningsOf(recipeWith([base, said])).line).toBe('cover');
});

test('a varnish and a line that is left out are for nothing', () => {
  const clear = stepWith({ id: 'clear', mix: mixOf({ medium: 1 }) });
  const out = { ...layer(2, 1), isOut: true };
  expect(meaningsOf(recipeWith([base, clear, out]))).toEqual({ base: 'cover' });
});

test('each meaning has a word of its own', () => {
  expect(new Set(meanings.map(meaningWord)).size).toBe(meanings.length);
});
