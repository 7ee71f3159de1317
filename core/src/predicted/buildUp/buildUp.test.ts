import fc from 'fast-check';
import { anyRecipe } from '../../testing/anyRecipe';
import { mixOf, pots, recipeWith, shelf, stepWith } from '../../testing/sampleRecipe';
import { BuildUpPredictor } from './buildUpPredictor';
import { predictBuildUp } from './predictBuildUp';
import { recipeSchema, type Recipe } from '../../written/recipe/recipe';
import { ribbonStops, toneStops } from '../../written/place/toneAxis';
import { runs } from '../../testing/longTests';

const eachFigure = (recipe: Recipe) =>
  predictBuildUp(recipe, shelf).steps.flatMap(({ surface }) => surface);

test('the ribbon has 24 stops, rising, the named ones among them', () => {
  expect(ribbonStops).toHaveLength(24);
  expect([...ribbonStops].sort((a, b) => a - b)).toEqual(ribbonStops);
  for (const { at } of toneStops) expect(ribbonStops).toContain(at);
});

test('a prediction has a colour at every stop after every line', () => {
  fc.assert(
    fc.property(anyRecipe, (recipe) => {
      expect(recipeSchema.safeParse(recipe).success).toBe(true);
      const figures = eachFigure(recipe);
      expect(figures).toHaveLength(recipe.steps.length * 24);
      return figures.every(({ hex, value }) => /^#[0-9a-f]{6}$/.test(hex) && value >= 0);
    }),
    { numRuns: runs(40) },
  );
});

describe('the quick prediction', () => {
  test('agrees with the plain one through a run of edits', () => {
    fc.assert(
      fc.property(fc.array(anyRecipe, { minLength: 2, maxLength: 4 }), (recipes) => {
        const predictor = new BuildUpPredictor();
        for (const recipe of recipes) {
          const quick = predictor.predict(recipe, shelf);
          const plain = predictBuildUp(recipe, shelf);
          for (const [line, step] of plain.steps.entries()) {
            const { surface, ...rest } = quick.steps[line];
            expect(rest).toEqual(withoutSurface(step));
            surface.forEach((place, i) => {
              expect(place.value).toBeCloseTo(step.surface[i].value, 6);
              expect(place.chroma).toBeCloseTo(step.surface[i].chroma, 6);
            });
          }
        }
      }),
      { numRuns: runs(30) },
    );
  });

  test('keeps the lines above an edit, and those a covering coat shields from it', () => {
    const steps = [
      stepWith({ id: 'a', mix: mixOf({ red: 1 }) }),
      stepWith({ id: 'b', technique: 'spray', mix: mixOf({ black: 1 }), coats: 12 }),
      stepWith({ id: 'c', mix: mixOf({ yellow: 1 }) }),
    ];
    const predictor = new BuildUpPredictor();
    const before = predictor.predict(recipeWith(steps), shelf);
    const edited = [{ ...steps[0], coats: 3 }, ...steps.slice(1)];
    const after = predictor.predict(recipeWith(edited), shelf);
    expect(after.steps[0].surface[5]).not.toBe(before.steps[0].surface[5]);
    expect(after.steps[2].surface[5]).toBe(before.steps[2].surface[5]);
  });

  test('notices a pot that changed its swatch', () => {
    const predictor = new BuildUpPredictor();
    const recipe = recipeWith([stepWith({ id: 'a', mix: mixOf({ brown: 1 }), coats: 9 })]);
    const before = predictor.predict(recipe, shelf).steps[0].surface[0].hex;
    const repainted = new Map(shelf).set('brown', { ...pots.brown, swatch: '#334455' });
    expect(predictor.predict(recipe, repainted).steps[0].surface[0].hex).not.toBe(before);
  });
});

const withoutSurface = ({ surface: _surface, ...rest }: { surface: unknown }) => rest;

describe('a step', () => {
  const last = (recipe: Recipe) => predictBuildUp(recipe, shelf).steps.at(-1)!;

  test('touches only where it is placed', () => {
    const step = stepWith({
      id: 'edge',
      technique: 'edgeLine',
      mix: mixOf({ bone: 1 }),
      coats: 4,
    });
    const { surface } = last(recipeWith([step]));
    expect(surface[0].value).toBeLessThan(12);
    expect(surface[16].hex).toBe(surface[0].hex);
    expect(surface[23].value).toBeGreaterThan(70);
  });

  test('thinned without end lays on next to nothing', () => {
    const step = stepWith({ id: 't', mix: mixOf({ white: 1 }, { waterParts: 30 }) });
    expect(last(recipeWith([step])).surface[0].value).toBeLessThan(45);
    expect(
      last(recipeWith([{ ...step, mix: mixOf({ white: 1 }) }])).surface[0].value,
    ).toBeGreaterThan(70);
  });

  test('of medium alone changes nothing and covers nothing', () => {
    const { surface, coverage, mix } = last(
      recipeWith([stepWith({ id: 'm', mix: mixOf({ medium: 1 }) })]),
    );
    expect(surface[3].hex).toBe(predictBuildUp(recipeWith([]), shelf).ground[3].hex);
    expect(coverage).toBeNull();
    expect(mix.isClear).toBe(true);
  });

  test('above the finish level is left out, and its mix can still be carried forward', () => {
    const steps = [
      stepWith({ id: 'fine', mix: mixOf({ red: 1 }), level: 'display', coats: 6 }),
      stepWith({
        id: 'from',
        mix: {
          parts: [{ from: 'step', stepId: 'fine', parts: 1 }],
          waterParts: 0,
          mediumParts: 0,
        },
        coats: 6,
      }),
    ];
    const { steps: lines, ground } = predictBuildUp(recipeWith(steps), shelf);
    expect(lines[0].isIncluded).toBe(false);
    expect(lines[0].surface).toEqual(ground);
    expect(lines[1].surface[0].hue).toBeLessThan(50);
    expect(lines[1].surface[0].chroma).toBeGreaterThan(50);
  });

  test('drawn from a guessed or metallic pot makes an estimate of itself and all above it', () => {
    const steps = [
      stepWith({ id: '1' }),
      stepWith({ id: '2', mix: mixOf({ copper: 1 }) }),
      stepWith({ id: '3' }),
    ];
    const estimated = predictBuildUp(recipeWith(steps), shelf).steps.map((s) => s.isEstimate);
    expect(estimated).toEqual([false, true, true]);
  });

  test('of dry brushing covers a share of the area that rises towards the edge', () => {
    const { surface } = last(
      recipeWith([stepWith({ id: 'd', technique: 'dryBrush', mix: mixOf({ bone: 1 }) })]),
    );
    const values = surface.map(({ value }) => value);
    expect(values[5]).toBeLessThan(12);
    expect(values[15]).toBeGreaterThan(values[12]);
    expect(values[23]).toBeGreaterThan(values[15] + 10);
  });
});
