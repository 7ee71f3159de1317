import fc from 'fast-check';
import { surfaceColour } from '../../light/colour/surfaceColour';
import { masstoneOf } from '../../light/optics/masstone';
import { bridgeInRungs } from '../../predicted/glazes/bridgeMixes';
import { flattenMix } from '../../written/recipe/flattenMix';
import { mixedPaint } from '../../predicted/paint/mixedPaint';
import { mixBetween } from '../../predicted/glazes/mixBetween';
import { predictBuildUp } from '../../predicted/buildUp/predictBuildUp';
import { recipeSchema, type Recipe } from '../../written/recipe/recipe';
import { mixOf, recipeWith, shelf, stepWith } from '../../testing/sampleRecipe';
import { adviseRecipe } from './adviseRecipe';
import { bridgeFix, evenedFix } from './fixes/bridgeFix';
import { applyFix } from './fixes/fix';
import { mixSteps } from './mixSteps';

const stepsOf = (recipe: Recipe) => mixSteps(recipe, predictBuildUp(recipe, shelf), shelf);
const layer = (id: string, mix: Record<string, number>, from: number) =>
  stepWith({
    id,
    technique: 'layer',
    mix: mixOf(mix),
    coats: 3,
    placement: { from, to: 1, softness: 0.04, pull: 'up' },
  });
const base = stepWith({ id: 'base', mix: mixOf({ red: 1 }), coats: 3 });
const valueOf = (recipe: Recipe, id: string) => {
  const index = recipe.steps.findIndex((step) => step.id === id);
  const shares = flattenMix(recipe.steps[index].mix, recipe.steps.slice(0, index));
  return surfaceColour(masstoneOf(mixedPaint(shares, shelf))).value;
};

test('from red to white is stark, and the half-mix makes two steps of it', () => {
  const recipe = recipeWith([base, layer('white', { white: 1 }, 0.7)]);
  const [step] = stepsOf(recipe);
  expect(step.verdict).toBe('stark');
  const mended = applyFix(recipe, step.fix!);
  const after = stepsOf(mended);
  expect(after).toHaveLength(2);
  expect(Math.max(...after.map(({ change }) => Math.abs(change)))).toBeLessThan(step.change);
});

test('a little tan in a red is a step nobody sees', () => {
  const recipe = recipeWith([base, layer('tan', { red: 30, brown: 1 }, 0.6)]);
  expect(stepsOf(recipe)).toMatchObject([{ verdict: 'unseen', fix: null }]);
});

test('of a step the leaf says what the remarks on its line say', () => {
  expect.hasAssertions();
  const recipes = [0.04, 0.1].flatMap((softness) =>
    ['white', 'bone', 'brown', 'red'].map((potId) => {
      const light = layer('light', { [potId]: 1 }, 0.7);
      return recipeWith([base, { ...light, placement: { ...light.placement, softness } }]);
    }),
  );
  for (const recipe of recipes) {
    const build = predictBuildUp(recipe, shelf);
    const said = adviseRecipe(recipe, build, shelf).map(({ rule }) => rule);
    const verdicts = mixSteps(recipe, build, shelf).map(({ verdict }) => verdict);
    expect(verdicts.includes('stark')).toBe(said.includes('starkJump'));
    expect(verdicts.includes('unseen')).toBe(said.includes('unseenStep'));
  }
});

test('darks laid into the recesses are a step down from what lies there', () => {
  const dark = stepWith({
    id: 'dark',
    technique: 'layer',
    mix: mixOf({ black: 1 }),
    placement: { from: 0, to: 0.3, softness: 0.1, pull: 'down' },
  });
  const recipe = recipeWith([base, dark, layer('light', { red: 1, bone: 1 }, 0.7)]);
  const steps = stepsOf(recipe);
  expect(steps.map(({ fromStepId, toStepId }) => [fromStepId, toStepId])).toEqual([
    ['base', 'dark'],
    ['base', 'light'],
  ]);
  expect(steps[0].change).toBeLessThan(0);
  expect(steps[1].change).toBeGreaterThan(0);
});

test('a glaze is a step too, by what it does to the surface and not by its mix', () => {
  const glaze = stepWith({
    id: 'glaze',
    technique: 'filter',
    mix: mixOf({ black: 1 }, { mediumParts: 20 }),
  });
  const [step] = stepsOf(recipeWith([base, glaze]));
  expect(step.change).toBeLessThan(0);
  expect(step.change).toBeGreaterThan(-8);
});

test('metal bears starker steps than cloth', () => {
  const lines = [base, layer('light', { red: 1, bone: 3 }, 0.7)];
  const [onCloth] = stepsOf(recipeWith(lines));
  const [onMetal] = stepsOf(recipeWith(lines, { surface: 'metal' }));
  expect(onCloth.change).toBeCloseTo(onMetal.change);
  expect([onCloth.verdict, onMetal.verdict]).toEqual(['stark', 'seen']);
});

test('a mix between two is what its parts say, whatever the two are made of', () => {
  const parts = fc.integer({ min: 1, max: 6 });
  fc.assert(
    fc.property(parts, parts, parts, parts, (red, bone, fromParts, toParts) => {
      const upper = layer('upper', { red, bone }, 0.7);
      const mix = mixBetween(base, upper, { fromParts, toParts });
      const shares = flattenMix(mix, [base]);
      const shareOf = (potId: string) => shares.find((each) => each.potId === potId)!.share;
      expect(shareOf('bone')).toBeCloseTo(
        (toParts / (fromParts + toParts)) * (bone / (red + bone)),
        9,
      );
      expect(mix.parts.every((part) => Number.isInteger(part.parts))).toBe(true);
    }),
  );
});

test('more parts than anybody counts out are refused', () => {
  const upper = layer('upper', { red: 97, bone: 2 }, 0.7);
  expect(() => mixBetween(base, upper, { fromParts: 7, toParts: 1 })).toThrow(
    'no mix takes more than 100 parts',
  );
});

test('a bridge goes in as lines that rise in place and in value', () => {
  const white = layer('white', { white: 1 }, 0.8);
  const recipe = recipeWith([base, white]);
  const paint = (id: string) => mixedPaint([{ potId: id, share: 1 }], shelf);
  const { rungs } = bridgeInRungs(paint('red'), paint('white'), 3);
  const bridged = applyFix(recipe, bridgeFix(base, white, rungs, ''));
  expect(recipeSchema.safeParse(bridged).success).toBe(true);
  const ids = bridged.steps.map(({ id }) => id);
  expect(ids).toHaveLength(5);
  const values = ids.map((id) => valueOf(bridged, id));
  expect([...values].sort((one, other) => one - other)).toEqual(values);
  expect(bridged.steps.map(({ placement }) => placement.from)).toEqual([0, 0.2, 0.4, 0.6, 0.8]);
});

test('lines that are there already keep all but their mixes', () => {
  const between = layer('between', { red: 2, white: 1 }, 0.5);
  const white = layer('white', { white: 1 }, 0.8);
  const recipe = recipeWith([base, between, white]);
  const fix = evenedFix(base, white, [between], [{ fromParts: 1, toParts: 3 }], '');
  const [, evened] = applyFix(recipe, fix).steps;
  expect(evened.placement).toEqual(between.placement);
  expect(evened.mix.parts).toEqual([
    { from: 'step', stepId: 'base', parts: 1 },
    { from: 'pot', potId: 'white', parts: 3 },
  ]);
});

test('a line aimed at one side is a step on that side alone', () => {
  const light = layer('light', { white: 1 }, 0.5);
  const recipe = {
    ...recipeWith([
      base,
      { ...light, placement: { ...light.placement, aim: { facing: { side: 'up', within: 60 } } } },
    ]),
    form: 'limb',
  } satisfies Recipe;
  const build = predictBuildUp(recipe, shelf);
  const [above] = build.aspects;
  expect(mixSteps(recipe, build, shelf)).toEqual([]);
  const [step] = mixSteps(recipe, build, shelf, above.aspect.key);
  expect(step.toStepId).toBe('light');
  expect(step.change).toBeGreaterThan(0);
});
