import fc from 'fast-check';
import { colourDifference } from '../../light/colour/colourDifference';
import { surfaceColour } from '../../light/colour/surfaceColour';
import { waitsOf } from '../../answers/work/plan/minutes/dryingTime';
import { anyRecipe } from '../../testing/anyRecipe';
import { mixOf, recipeWith, shelf, stepWith } from '../../testing/sampleRecipe';
import { BuildUpPredictor } from './buildUpPredictor';
import { predictBuildUp } from './predictBuildUp';
import { recipeSchema } from '../../written/recipe/recipe';
import { stepSchema, type Step } from '../../written/recipe/step';
import { surfaceBelow } from './surfaceBelow';
import { withStep } from '../../written/lines/withoutStep';
import { runs } from '../../testing/longTests';

const everywhere = { from: 0, to: 1, softness: 0, pull: 'even' } as const;
const water = { parts: [], waterParts: 0, mediumParts: 0 };

const base = stepWith({ id: 'base', mix: mixOf({ brown: 1 }), coats: 2, placement: everywhere });
const light = stepWith({
  id: 'light',
  technique: 'layer',
  mix: mixOf({ bone: 1 }),
  coats: 1,
  placement: everywhere,
});
const lift = (more: Partial<Step> = {}) =>
  stepWith({ id: 'lift', technique: 'dampBrush', mix: water, placement: everywhere, ...more });

const lightness = (steps: Step[]) =>
  predictBuildUp(recipeWith(steps), shelf).steps.map(({ surface }) => surface[12].value);

test('takes off some of the coat just before and nothing that lies deeper', () => {
  const [dark, lit, lifted] = lightness([base, light, lift()]);
  expect(lifted).toBeLessThan(lit);
  expect(lifted).toBeGreaterThan(dark);
});

test('of several coats only the last is wet', () => {
  const three = { ...light, coats: 3 };
  const two = { ...light, coats: 2 };
  const [, , worn] = lightness([base, three, lift({ coats: 12 })]);
  const [, twoCoats] = lightness([base, two]);
  expect(worn).toBeCloseTo(twoCoats, 1);
});

test('the same stroke again takes its share of what is left', () => {
  const once = lightness([base, light, lift()])[2];
  const twice = lightness([base, light, lift({ coats: 2 })])[2];
  const apart = lightness([base, light, lift(), lift({ id: 'again' })])[3];
  expect(twice).toBeLessThan(once);
  expect(apart).toBeCloseTo(twice, 9);
});

test.each([
  ['nothing was painted before', []],
  ['what was painted dries at once', [base, { ...light, technique: 'dryBrush' as const }]],
])('changes nothing where %s', (_, before) => {
  const values = lightness([...before, lift()]);
  const { ground } = predictBuildUp(recipeWith([]), shelf);
  expect(values.at(-1)).toBe(values.at(-2) ?? ground[12].value);
});

test('only where the damp brush goes', () => {
  const steps = [base, light, lift({ placement: { ...everywhere, from: 0.5 } })];
  const [, before, after] = predictBuildUp(recipeWith(steps), shelf).steps;
  expect(after.surface[2].hex).toBe(before.surface[2].hex);
  expect(after.surface.at(-1)?.hex).not.toBe(before.surface.at(-1)?.hex);
});

test('the kept prediction, the plain one and a surface laid over agree, edit after edit', () => {
  const predictor = new BuildUpPredictor();
  fc.assert(
    fc.property(
      anyRecipe,
      fc.array(fc.nat(8), { maxLength: 3 }),
      fc.integer({ min: 1, max: 3 }),
      (drawn, places, coats) => {
        const steps = places.reduce<Step[]>(
          (now, place, nth) =>
            now.toSpliced(place % (now.length + 1), 0, lift({ id: `lift-${nth}`, coats })),
          drawn.steps,
        );
        const recipe = { ...drawn, steps };
        const plain = predictBuildUp(recipe, shelf);
        const kept = predictor.predict(recipe, shelf);
        kept.steps.forEach(({ surface }, line) =>
          surface.forEach((colour, i) =>
            expect(colourDifference(colour, plain.steps[line].surface[i])).toBeLessThan(1e-6),
          ),
        );
      },
    ),
    { numRuns: runs(60) },
  );
});

test('a surface laid over by a recipe knows it as well', () => {
  const recipe = recipeWith([base, light, lift()]);
  const [, , last] = predictBuildUp(recipe, shelf).steps;
  const over = surfaceBelow(recipe, shelf, 'no such line').map(surfaceColour);
  expect(over.map(({ hex }) => hex)).toEqual(last.surface.map(({ hex }) => hex));
  expect(last.mix.isClear).toBe(true);
});

test('nobody waits between a coat and the damp brush; the coat dries after it', () => {
  const place = { room: 'usual', hairDryer: false } as const;
  const wet = { ...light, dryMinutes: 0 };
  const [alone] = waitsOf([wet], place);
  const [before, after] = waitsOf([{ ...wet, coats: 2 }, lift({ coats: 2, dryMinutes: 0 })], place);
  expect(before).toEqual([alone[0], 0]);
  expect(after).toEqual([0, alone[0]]);
});

describe('a line that holds no paint', () => {
  const messages = (step: Step) => stepSchema.safeParse(step).error?.issues ?? [];

  test('has no pots, and every other line has some', () => {
    expect(messages(lift())).toEqual([]);
    expect(messages(lift({ mix: mixOf({ bone: 1 }) }))).toMatchObject([
      { path: ['mix', 'parts'], message: 'nothing: a damp brush holds no paint' },
    ]);
    expect(messages({ ...light, mix: water })).toMatchObject([
      { path: ['mix', 'parts'], message: 'at least one pot or carried-forward mix' },
    ]);
  });

  const carrier = stepWith({
    id: 'carrier',
    mix: { parts: [{ from: 'step', stepId: 'light', parts: 1 }], waterParts: 0, mediumParts: 0 },
  });

  test('is carried forward by none', () => {
    const recipe = recipeWith([base, { ...lift(), id: 'light' }, carrier]);
    expect(recipeSchema.safeParse(recipe).error?.issues).toMatchObject([
      { message: expect.stringContaining('a line that holds paint') as string },
    ]);
  });

  test('that held some leaves its mix written out where it was carried', () => {
    const recipe = withStep(recipeWith([base, light, carrier]), { ...lift(), id: 'light' });
    expect(recipeSchema.safeParse(recipe).success).toBe(true);
    expect(recipe.steps[2].mix.parts).toEqual(light.mix.parts);
  });
});
