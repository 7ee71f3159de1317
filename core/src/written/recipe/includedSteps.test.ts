import fc from 'fast-check';
import { anyRecipe } from '../../testing/anyRecipe';
import { mixOf, recipeWith, shelf, stepWith } from '../../testing/sampleRecipe';
import { coatsOf, includedSteps, middleCoats } from './includedSteps';
import { moveStep } from '../lines/moveStep';
import { predictBuildUp } from '../../predicted/buildUp/predictBuildUp';
import { recipeSchema } from './recipe';
import { withoutStep } from '../lines/withoutStep';
import { runs } from '../../testing/longTests';

const base = stepWith({ id: 'base' });
const filter = stepWith({ id: 'filter', technique: 'filter', mix: mixOf({ yellow: 1 }) });
const again = stepWith({ id: 'again', technique: 'point', restores: 'filter' });
const names = (steps: { id: string }[]) => steps.map(({ id }) => id);

test('a filter switched out takes its repair out with it, and back in again', () => {
  const isIn = recipeWith([base, filter, again]);
  const isOut = recipeWith([base, { ...filter, isOut: true }, again]);
  expect(names(includedSteps(isIn))).toEqual(['base', 'filter', 'again']);
  expect(names(includedSteps(isOut))).toEqual(['base']);
});

test('a repair of a line that begins at a higher level is left out below it', () => {
  const recipe = recipeWith([base, { ...filter, level: 'display' }, again], {
    finishLevel: 'field',
  });
  expect(names(includedSteps(recipe))).toEqual(['base']);
});

test('a line has as many passes as its finish level says', () => {
  const glaze = { ...filter, coats: 2, coatsAt: { display: 5 } };
  const coatsAt = (finishLevel: 'field' | 'table' | 'display') =>
    includedSteps(recipeWith([glaze], { finishLevel }))[0].coats;
  expect([coatsAt('field'), coatsAt('table'), coatsAt('display')]).toEqual([2, 2, 5]);
});

test('the passes of the level are what the build-up is predicted with', () => {
  const at = (coats: number, coatsAt?: { display: number }) =>
    predictBuildUp(
      recipeWith([{ ...filter, coats, coatsAt }], { finishLevel: 'display' }),
      shelf,
    ).steps[0].surface.map(({ hex }) => hex);
  expect(at(1, { display: 3 })).toEqual(at(3));
  expect(at(1)).not.toEqual(at(3));
});

test('a repair cannot stand above what it repairs, by schema and by moving', () => {
  expect(recipeSchema.safeParse(recipeWith([base, again, filter])).success).toBe(false);
  expect(moveStep(recipeWith([base, filter, again]), 'again', 0)).toEqual({
    carrier: 3,
    carried: 2,
    because: 'restores',
  });
});

test('a repair whose filter is deleted becomes an ordinary line', () => {
  const { steps } = withoutStep(recipeWith([base, filter, again]), 'filter');
  expect(steps.map(({ id, restores }) => [id, restores])).toEqual([
    ['base', undefined],
    ['again', undefined],
  ]);
});

test('no line is painted that its finish level leaves out, in any recipe', () => {
  fc.assert(
    fc.property(anyRecipe, (recipe) => {
      const painted = names(includedSteps(recipe));
      const predicted = predictBuildUp(recipe, shelf)
        .steps.filter(({ isIncluded }) => isIncluded)
        .map(({ stepId }) => stepId);
      expect(predicted).toEqual(painted);
    }),
    { numRuns: runs(30) },
  );
});

test.each([
  [{ coats: 2 }, 2, 2],
  [{ coats: 2, coatsUpTo: 3 }, 3, 2.5],
  [{ coats: 2, coatsUpTo: 4 }, 3, 3],
  // More than it goes up to is what it is.
  [{ coats: 3, coatsUpTo: 2 }, 3, 3],
  [{ coats: 2, coatsUpTo: 6, coatsAt: { table: 1 } }, 1, 1],
])('of %j so many coats are counted: %d, in the middle %d', (step, counted, middle) => {
  expect(coatsOf(step, 'table')).toBe(counted);
  expect(middleCoats(step, 'table')).toBe(middle);
});
