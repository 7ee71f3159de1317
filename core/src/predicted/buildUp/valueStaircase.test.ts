import { mixOf, recipeWith, shelf, stepWith } from '../../testing/sampleRecipe';
import { changesAt, tints } from '../glazes/filterEffect';
import { predictBuildUp } from './predictBuildUp';
import { placeOf } from '../../written/place/toneAxis';
import { valueStaircase } from './valueStaircase';

const recipe = recipeWith([
  stepWith({ id: 'base', mix: mixOf({ brown: 1 }), coats: 3 }),
  stepWith({
    id: 'light',
    technique: 'layer',
    mix: mixOf({ bone: 1 }),
    coats: 4,
    placement: { from: 0.7, to: 1, softness: 0.05, pull: 'up' },
  }),
  stepWith({ id: 'left', mix: mixOf({ white: 1 }), level: 'display' }),
  stepWith({ id: 'filter', technique: 'filter', mix: mixOf({ brown: 1 }, { mediumParts: 4 }) }),
]);
const build = predictBuildUp(recipe, shelf);

test('the staircase begins on the ground and leaves out what is not painted', () => {
  const stairs = valueStaircase(build);
  expect(stairs.map(({ stepId }) => stepId)).toEqual([null, 'base', 'light', 'filter']);
  expect(stairs[0].mid).toBe(build.ground[build.stops.indexOf(placeOf('mid'))].value);
});

test('a highlight lifts the crown and leaves the mid; a filter pulls the crown down again', () => {
  const [, base, light, filtered] = valueStaircase(build);
  expect(light.mid).toBe(base.mid);
  expect(light.crown).toBeGreaterThan(base.crown + 20);
  expect(filtered.crown).toBeLessThan(light.crown);
});

test('what a filter does to each place is told with its figures', () => {
  const changes = changesAt(build, 'filter');
  expect(changes).toHaveLength(8);
  const edge = changes.find(({ place }) => place === 'edge')!;
  expect(edge.value).toBeCloseTo(edge.after.value - edge.before.value);
  expect(edge.value).toBeLessThan(0);
  const mid = changes.find(({ place }) => place === 'mid')!;
  expect(mid.difference).toBeLessThan(edge.difference);
});

test('a line that is left out or unknown changes nothing', () => {
  expect(changesAt(build, 'left')).toEqual([]);
  expect(changesAt(build, 'nobody')).toEqual([]);
});

test.each([
  ['filter', true],
  ['placedGlaze', true],
  ['allOverWash', true],
  ['layer', false],
  ['dryBrush', false],
  ['oneCoat', false],
] as const)('%s tints what is below: %s', (technique, is) => {
  expect(tints({ technique })).toBe(is);
});
