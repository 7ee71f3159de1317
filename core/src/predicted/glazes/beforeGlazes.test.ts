import { colourDifference } from '../../light/colour/colourDifference';
import { placeOf } from '../../written/place/toneAxis';
import type { Recipe } from '../../written/recipe/recipe';
import { mixOf, recipeWith, shelf, stepWith } from '../../testing/sampleRecipe';
import { predictBuildUp } from '../buildUp/predictBuildUp';
import { beforeGlazes } from './beforeGlazes';
import { justSeenOn, seenLadder } from './seenLadder';

const layer = (id: string, parts: Record<string, number>, from: number) =>
  stepWith({
    id,
    technique: 'layer',
    mix: mixOf(parts),
    coats: 4,
    placement: { from, to: 1, softness: 0.03, pull: 'even' },
  });
const glaze = stepWith({
  id: 'glaze',
  technique: 'filter',
  mix: mixOf({ brown: 1 }, { waterParts: 5 }),
  coats: 3,
});
const layers = [
  stepWith({ id: 'base', mix: mixOf({ red: 1 }), coats: 4 }),
  layer('mid', { red: 2, bone: 1 }, 0.45),
  layer('light', { red: 1, bone: 3 }, 0.8),
];
const glazed = recipeWith([...layers, glaze]);

const endsAt = (recipe: Recipe, place: Parameters<typeof placeOf>[0]) => {
  const build = predictBuildUp(recipe, shelf);
  return build.steps[build.steps.length - 1].surface[build.stops.indexOf(placeOf(place))];
};

test('layers painted as found end as they were written, and are starker before', () => {
  const found = beforeGlazes(glazed, shelf)!;
  expect(found.lines.map(({ stepId }) => stepId)).toEqual(['base', 'mid', 'light']);
  expect(found.contrast.before).toBeGreaterThan(found.contrast.inTheEnd);
  const steps = glazed.steps.map((step) => found.steps.find(({ id }) => id === step.id) ?? step);
  for (const { place, meant, found: push } of found.lines) {
    const before = colourDifference(endsAt(glazed, place), meant);
    const after = colourDifference(endsAt({ ...glazed, steps }, place), meant);
    expect(after).toBeLessThanOrEqual(before + 0.5);
    if (push.isReached) expect(after).toBeLessThan(4);
  }
});

test('a mix that was carried forward from a pushed line keeps its paint', () => {
  const carrying = layer('mid', {}, 0.45);
  carrying.mix.parts = [
    { from: 'step', stepId: 'base', parts: 2 },
    { from: 'pot', potId: 'bone', parts: 1 },
  ];
  const recipe = recipeWith([layers[0], carrying, layers[2], glaze]);
  const plain = beforeGlazes(glazed, shelf)!.lines.map(({ found }) => found.now.hex);
  const found = beforeGlazes(recipe, shelf)!;
  expect(found.lines.map(({ found: { now } }) => now.hex)).toEqual(plain);
  const mid = found.steps.find(({ id }) => id === 'mid')!;
  expect(mid.mix.parts.every(({ from }) => from === 'pot')).toBe(true);
});

test('without glazes over a layer there is nothing to push', () => {
  expect(beforeGlazes(recipeWith(layers), shelf)).toBeNull();
});

test('each rung of a ladder is just seen in the end, under a glaze more of it than bare', () => {
  const spans = (recipe: Recipe) => seenLadder(recipe, ['base', 'mid', 'light'], shelf);
  for (const recipe of [recipeWith(layers), glazed]) {
    const most = justSeenOn(recipe.surface);
    for (const { bridge } of spans(recipe)) expect(bridge.largestStep).toBeLessThan(1.6 * most);
  }
  const count = (recipe: Recipe) =>
    spans(recipe).reduce((sum, { bridge }) => sum + bridge.rungs.length, 0);
  expect(count(glazed)).toBeLessThanOrEqual(count(recipeWith(layers)));
  expect(count(recipeWith(layers))).toBeGreaterThan(2);
  expect(() => seenLadder(glazed, ['base'], shelf)).toThrow(RangeError);
});
