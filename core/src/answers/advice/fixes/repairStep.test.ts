import { includedSteps } from '../../../written/recipe/includedSteps';
import { recipeSchema } from '../../../written/recipe/recipe';
import { mixOf, recipeWith, stepWith } from '../../../testing/sampleRecipe';
import { applyFix } from './fix';
import { isFinePoint, repairFix } from './repairStep';
import { underColourFix } from './underColourFix';

const base = stepWith({ id: 'base' });
const edge = stepWith({
  id: 'edge',
  technique: 'edgeLine',
  stage: 'highlight',
  mix: mixOf({ bone: 1 }),
});
const point = stepWith({
  id: 'point',
  technique: 'point',
  stage: 'detail',
  mix: mixOf({ white: 1 }),
});
const filter = stepWith({ id: 'filter', technique: 'filter', stage: 'glaze', level: 'table' });
const idsOf = (recipe: { steps: { id: string }[] }) => recipe.steps.map(({ id }) => id);

test('points and edges are painted again right after the filter, in their order, from the same mix', () => {
  const recipe = recipeWith([base, edge, point, filter]);
  const repaired = applyFix(recipe, repairFix(recipe, 'filter')!);
  expect(idsOf(repaired)).toEqual(['base', 'edge', 'point', 'filter', 'again-edge', 'again-point']);
  expect(recipeSchema.safeParse(repaired).success).toBe(true);
  const [again] = repaired.steps.slice(4);
  expect(again).toMatchObject({
    restores: 'filter',
    technique: 'edgeLine',
    level: 'table',
    mix: { parts: [{ from: 'step', stepId: 'edge', parts: 1 }] },
  });
});

test('with the filter switched out its repairs are not painted', () => {
  const recipe = recipeWith([base, point, filter]);
  const repaired = applyFix(recipe, repairFix(recipe, 'filter')!);
  const without = {
    ...repaired,
    steps: repaired.steps.map((step) => (step.id === 'filter' ? { ...step, isOut: true } : step)),
  };
  expect(idsOf({ steps: includedSteps(without) })).toEqual(['base', 'point']);
});

test.each([
  ['no points before it', recipeWith([base, filter])],
  ['points only after it', recipeWith([base, filter, point])],
  [
    'its repairs already',
    recipeWith([base, point, filter, { ...point, id: 'x', restores: 'filter' }]),
  ],
  ['points that are switched out', recipeWith([base, { ...point, isOut: true }, filter])],
  ['nothing of that name', recipeWith([base])],
])('a filter with %s needs no repair', (_what, recipe) => {
  expect(repairFix(recipe, 'filter')).toBeNull();
});

test('points, edges and details are fine; a base is not', () => {
  expect([point, edge, { ...base, stage: 'detail' as const }].every(isFinePoint)).toBe(true);
  expect(isFinePoint(base)).toBe(false);
});

describe('an under-colour', () => {
  const light = stepWith({
    id: 'light',
    technique: 'layer',
    level: 'table',
    coats: 9,
    placement: { from: 0.6, to: 1, softness: 0.1, pull: 'up' },
  });
  const under = {
    potId: 'brown',
    underCoats: 2,
    coats: 3,
    surface: { hex: '#000000', value: 0, a: 0, b: 0, chroma: 0, hue: 0 },
    missing: 3,
  };

  test('goes below the line, where the line goes, and the line gets its coats over it', () => {
    const recipe = recipeWith([base, light]);
    const after = applyFix(recipe, underColourFix(light, under, 'Brown'));
    expect(idsOf(after)).toEqual(['base', 'under-light', 'light']);
    expect(after.steps[1]).toMatchObject({
      coats: 2,
      technique: 'layer',
      level: 'table',
      placement: { from: 0.6, pull: 'even' },
    });
    expect(after.steps[2].coats).toBe(3);
  });

  test('below a line that never covers leaves the line as it is written', () => {
    const recipe = recipeWith([base, light]);
    const after = applyFix(recipe, underColourFix(light, { ...under, coats: null }, 'Brown'));
    expect(after.steps[2]).toEqual(light);
  });

  test('for the whole surface is brushed on, not layered', () => {
    const fix = underColourFix(base, under, 'Brown');
    expect(fix.label).toBe('Put Brown under it');
    expect(applyFix(recipeWith([base]), fix).steps[0].technique).toBe('brushCoat');
  });
});
