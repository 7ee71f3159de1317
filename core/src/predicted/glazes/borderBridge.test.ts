import { mixOf, recipeWith, shelf, stepWith } from '../../testing/sampleRecipe';
import { borderBridge } from './borderBridge';
import { recipeSchema } from '../../written/recipe/recipe';

const base = stepWith({ id: 'base', mix: mixOf({ bone: 1 }), coats: 4 });
const hard = { softness: 0, pull: 'even' } as const;
const red = stepWith({
  id: 'red',
  stage: 'glaze',
  technique: 'placedGlaze',
  mix: mixOf({ red: 1 }, { mediumParts: 3 }),
  coats: 4,
  placement: { from: 0, to: 0.5, ...hard },
});
const green = stepWith({
  ...red,
  id: 'green',
  mix: mixOf({ green: 1 }, { mediumParts: 3 }),
  placement: { from: 0.5, to: 1, ...hard },
});
const recipe = recipeWith([base, red, green], { groundPotId: 'white' });

test('the border is where the two meet, and a glaze of both softens it', () => {
  const found = borderBridge(recipe, shelf, ['red', 'green'], null)!;
  expect(found.at).toBeCloseTo(0.5);
  expect(found.stepWith).toBeLessThan(found.stepWithout);
  expect(found.isSofter).toBe(true);
  expect(found.step.mix.parts.map(({ from }) => from)).toEqual(['step', 'step']);
});

test('what it says is what the recipe shows with the line in it', () => {
  const {
    step,
    afterStepId,
    stepWith: said,
  } = borderBridge(recipe, shelf, ['green', 'red'], null)!;
  const index = recipe.steps.findIndex(({ id }) => id === afterStepId);
  const with_ = { ...recipe, steps: recipe.steps.toSpliced(index + 1, 0, step) };
  expect(recipeSchema.safeParse(with_).success).toBe(true);
  // Looked at again, without another line, from the recipe alone.
  expect(borderBridge(with_, shelf, ['red', 'green'], null)!.stepWithout).toBeCloseTo(said, 1);
});

test('a third hue can be laid there instead', () => {
  const found = borderBridge(recipe, shelf, ['red', 'green'], 'yellow')!;
  expect(found.step.mix.parts).toEqual([{ from: 'pot', potId: 'yellow', parts: 1 }]);
  expect(found.with.some(({ b }, i) => b > found.without[i].b + 3)).toBe(true);
});

test('what changes nothing is not called softer', () => {
  const found = borderBridge(recipe, shelf, ['red', 'green'], 'medium')!;
  expect(found.stepWith).toBeCloseTo(found.stepWithout, 9);
  expect(found.isSofter).toBe(false);
});

test('where no step is to be seen nothing is called softer', () => {
  const clear = { ...red, mix: mixOf({ medium: 1 }) };
  const found = borderBridge(
    recipeWith([base, clear, { ...clear, id: 'green' }]),
    shelf,
    ['red', 'green'],
    null,
  )!;
  expect(found).toMatchObject({ stepWithout: 0, isSofter: false });
});

test('two lines over everything meet nowhere; a line that is gone has no border', () => {
  const all = { from: 0, to: 1, softness: 0, pull: 'even' } as const;
  const filters = recipeWith([base, { ...red, placement: all }, { ...green, placement: all }]);
  expect(borderBridge(filters, shelf, ['red', 'green'], null)).toBeNull();
  expect(borderBridge(recipe, shelf, ['red', 'gone'], null)).toBeNull();
});
