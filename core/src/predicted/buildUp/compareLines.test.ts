import fc from 'fast-check';
import { anyRecipe } from '../../testing/anyRecipe';
import { mixOf, recipeWith, shelf, stepWith } from '../../testing/sampleRecipe';
import { pairLines, worstPlace } from './compareLines';
import { predictBuildUp } from './predictBuildUp';

const base = stepWith({ id: 'base' });
const light = stepWith({ id: 'light', technique: 'layer', mix: mixOf({ bone: 1 }), coats: 4 });
const idsOf = (pairs: ReturnType<typeof pairLines>) =>
  pairs.map(({ left, right }) => [left?.id ?? null, right?.id ?? null]);

test('versions of one recipe are paired by line, whatever was put in between', () => {
  const glaze = stepWith({ id: 'glaze', technique: 'filter' });
  const pairs = pairLines(
    recipeWith([base, light]),
    recipeWith([base, glaze, { ...light, coats: 5 }]),
  );
  expect(idsOf(pairs)).toEqual([
    ['base', 'base'],
    [null, 'glaze'],
    ['light', 'light'],
  ]);
  expect(pairs.map(({ isSame }) => isSame)).toEqual([true, false, false]);
});

test('recipes that never were one are paired by place', () => {
  const others = [stepWith({ id: 'x' }), stepWith({ id: 'y' }), stepWith({ id: 'z' })];
  expect(idsOf(pairLines(recipeWith([base, light]), recipeWith(others)))).toEqual([
    ['base', 'x'],
    ['light', 'y'],
    [null, 'z'],
  ]);
});

test('every line of both stands in the comparison once', () => {
  fc.assert(
    fc.property(anyRecipe, anyRecipe, (left, right) => {
      const pairs = pairLines(left, right);
      const lefts = pairs.flatMap((pair) => (pair.left ? [pair.left.id] : []));
      const rights = pairs.flatMap((pair) => (pair.right ? [pair.right.id] : []));
      expect(lefts).toEqual(left.steps.map(({ id }) => id));
      expect([...rights].sort()).toEqual(right.steps.map(({ id }) => id).sort());
    }),
  );
});

test('a recipe compared with itself does not differ, with another highlight it does up there', () => {
  const one = predictBuildUp(recipeWith([base, light]), shelf);
  const other = predictBuildUp(recipeWith([base]), shelf);
  expect(worstPlace(one, one).difference).toBe(0);
  expect(worstPlace(one, other).difference).toBeGreaterThan(10);
  expect(['raised', 'crown', 'edge', 'point']).toContain(worstPlace(one, other).place);
  const empty = predictBuildUp(recipeWith([]), shelf);
  expect(worstPlace(empty, empty).difference).toBe(0);
});
