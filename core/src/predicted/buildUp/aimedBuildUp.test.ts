import fc from 'fast-check';
import { surfaceColour } from '../../light/colour/surfaceColour';
import { ribbonStops } from '../../written/place/toneAxis';
import { anyAimedRecipe } from '../../testing/anyAim';
import { anyRecipe } from '../../testing/anyRecipe';
import { crossingAims } from '../../testing/crossingAims';
import { readsAsPlaceByPlace } from '../../testing/placeByPlace';
import { colourDifference } from '../../light/colour/colourDifference';
import { randomFrom } from '../../written/record/randomFrom';
import { predictionWithoutAims } from '../../testing/predictionWithoutAims';
import { mixOf, recipeWith, shelf, stepWith } from '../../testing/sampleRecipe';
import { areaPainted, readsAs, readsAsWhole } from '../form/readsAs';
import { aimKeyOf } from '../../written/recipe/aimOf';
import { BuildUpPredictor } from './buildUpPredictor';
import { buildUpOfAim, everyAspect, finishedSurface, shownBuildUp } from './buildUp';
import { predictBuildUp } from './predictBuildUp';
import { recipeSchema, type Recipe } from '../../written/recipe/recipe';
import { formOf, shapeOf } from '../../written/recipe/shapeOf';
import type { Step } from '../../written/recipe/step';
import { wetVolumeMl } from './wetVolume';
import { runs } from '../../testing/longTests';

const isAimedAtNothing = ({ steps }: Recipe) => steps.every((step) => aimKeyOf(step) === '');

test('a recipe without aims is predicted exactly as it was before there were any', () => {
  fc.assert(
    fc.property(anyRecipe.filter(isAimedAtNothing), (recipe) => {
      const build = predictBuildUp(recipe, shelf);
      const before = predictionWithoutAims(recipe, shelf);
      expect(build.aspects).toEqual([]);
      build.steps.forEach(({ surface }, line) =>
        expect(surface).toEqual(before[line].map(surfaceColour)),
      );
      const quick = new BuildUpPredictor().predict(recipe, shelf);
      expect(quick.steps.at(-1)?.surface.map(({ hex }) => hex)).toEqual(
        before.at(-1)?.map((each) => surfaceColour(each).hex),
      );
    }),
    { numRuns: runs(120) },
  );
});

describe('aimed lines', () => {
  test('any recipe with aims is valid, and its aspects share the form out', () => {
    fc.assert(
      fc.property(anyAimedRecipe, (recipe) => {
        expect(recipeSchema.safeParse(recipe).error?.issues).toBeUndefined();
        const build = predictBuildUp(recipe, shelf);
        const share = everyAspect(build).reduce((sum, { aspect }) => sum + aspect.share, 0);
        expect(share).toBeCloseTo(1, 9);
        for (const { steps } of build.aspects) expect(steps).toHaveLength(recipe.steps.length);
      }),
      { numRuns: runs(60) },
    );
  });

  test('the quick prediction agrees with the plain one in every aspect through a run of edits', () => {
    fc.assert(
      fc.property(fc.array(anyAimedRecipe, { minLength: 2, maxLength: 3 }), (recipes) => {
        const predictor = new BuildUpPredictor();
        for (const recipe of recipes) {
          const quick = everyAspect(predictor.predict(recipe, shelf));
          const plain = everyAspect(predictBuildUp(recipe, shelf));
          expect(quick.map(({ aspect }) => aspect)).toEqual(plain.map(({ aspect }) => aspect));
          plain.forEach(({ steps }, k) =>
            steps.forEach(({ surface, deposit }, line) => {
              expect(quick[k].steps[line].deposit).toEqual(deposit);
              quick[k].steps[line].surface.forEach((place, i) =>
                expect(place.value).toBeCloseTo(surface[i].value, 6),
              );
            }),
          );
        }
      }),
      { numRuns: runs(25) },
    );
  });

  test('what is aimed at nothing there is lays nothing', () => {
    expect.hasAssertions();
    const base = stepWith({ id: 'base', mix: mixOf({ red: 1 }) });
    const nowhere: Step['placement']['aim'][] = [
      { spot: 'gone' },
      { facing: { side: 'up', within: 0 } },
      { along: { from: 0, to: 1, softness: 0 } },
    ];
    for (const aim of nowhere) {
      const line = stepWith({ id: 'line', mix: mixOf({ white: 1 }), coats: 4 });
      const aimed = { ...line, placement: { ...line.placement, aim } };
      const on = (steps: Step[]): Recipe => ({ ...recipeWith(steps), form: 'gem' });
      const build = predictBuildUp(on([base, aimed]), shelf);
      expect(build.aspects).toEqual([]);
      expect(finishedSurface(build)).toEqual(finishedSurface(predictBuildUp(on([base]), shelf)));
      expect(areaPainted(aimed, { form: 'gem' })).toBe(0);
      expect(wetVolumeMl(aimed, { areaCm2: 10, models: 1 }, { form: 'gem' })).toBe(0);
    }
  });

  test('two aims that cross are laid where each holds, in either order', () => {
    const aimed = (
      id: string,
      colour: string,
      aim: NonNullable<Step['placement']['aim']>,
    ): Step => {
      const line = stepWith({ id, mix: mixOf({ [colour]: 1 }), coats: 3 });
      return { ...line, placement: { ...line.placement, from: 0, aim } };
    };
    const red = aimed('left', 'red', { facing: { side: 'left', within: 90 } });
    const yellow = aimed('low', 'yellow', { height: { from: 0, to: 0.5, softness: 0 } });
    const base = stepWith({ id: 'base', mix: mixOf({ blue: 1 }), coats: 2 });
    const built = (steps: Step[]) =>
      predictBuildUp({ ...recipeWith([base, ...steps]), form: 'folds' }, shelf);
    const aspectsWith = (steps: Step[]) => everyAspect(built(steps)).map(({ aspect }) => aspect);
    expect(aspectsWith([red, yellow])).toEqual(aspectsWith([yellow, red]));
    const shareFrom = (low: number, high: number) =>
      everyAspect(shownBuildUp(built([red, yellow])))
        .filter((each) => {
          const { hue } = finishedSurface(each)[12];
          return hue >= low && hue < high;
        })
        .reduce((sum, { aspect }) => sum + aspect.share, 0);
    expect(shareFrom(60, 120)).toBeCloseTo(0.5, 1);
    expect(shareFrom(0, 60)).toBeCloseTo(0.25, 1);
    expect(shareFrom(200, 320)).toBeCloseTo(0.25, 1);
  });

  test('at arm’s length they read as worked out place by place, however many cross', () => {
    const chance = randomFrom(35);
    for (let recipe = 0; recipe < runs(6); recipe++) {
      const aimed = crossingAims(chance);
      const build = new BuildUpPredictor().predict(aimed, shelf);
      const truth = readsAsPlaceByPlace(aimed, shelf, 72);
      expect(colourDifference(readsAsWhole(build, formOf(aimed)), truth)).toBeLessThan(1);
    }
    expect.hasAssertions();
  });

  test('where every line is aimed, what most of it looks like stands for the whole', () => {
    const line = stepWith({ id: 'top', mix: mixOf({ red: 1 }), coats: 3 });
    const all = {
      ...line,
      placement: { ...line.placement, from: 0, aim: { height: { from: 0.1, to: 1, softness: 0 } } },
    };
    const build = predictBuildUp({ ...recipeWith([all]), form: 'folds' }, shelf);
    expect(build.aspect.share).toBeGreaterThan(0.8);
    expect(finishedSurface(build)[12].chroma).toBeGreaterThan(30);
  });

  test('a pink for the lips of a face is on the lips alone, and hardly turns the whole', () => {
    const face = (aim?: Step['placement']['aim']): Recipe => {
      const lips = stepWith({ id: 'lips', mix: mixOf({ red: 1 }), coats: 2 });
      return {
        ...recipeWith([
          stepWith({ id: 'skin', mix: mixOf({ brown: 1 }), coats: 2 }),
          { ...lips, placement: { ...lips.placement, from: 0, ...(aim && { aim }) } },
        ]),
        form: 'face',
        spots: [{ id: 'lips', name: 'Lips', share: 0.03 }],
      };
    };
    const build = predictBuildUp(face({ spot: 'lips' }), shelf);
    const [lips] = build.aspects;
    expect(lips.aspect.share).toBeCloseTo(0.03, 2);
    const skin = build.steps[0].surface;
    expect(finishedSurface(build)).toEqual(skin);
    const red = finishedSurface(predictBuildUp(face(), shelf));
    expect(finishedSurface(lips).map(({ hex }) => hex)).toEqual(red.map(({ hex }) => hex));
    const apart = (recipe: Recipe) => {
      const whole = readsAsWhole(predictBuildUp(recipe, shelf), 'face');
      return Math.abs(whole.a - readsAs(skin, ribbonStops, 'face').a);
    };
    expect(apart(face({ spot: 'lips' }))).toBeLessThan(0.1 * apart(face()));
  });

  test('pits of the underside and of the top are two places', () => {
    const glow = stepWith({ id: 'glow', mix: mixOf({ yellow: 1 }), coats: 3 });
    const wash = stepWith({ id: 'wash', technique: 'recessWash', mix: mixOf({ black: 1 }) });
    const recipe = recipeWith([
      stepWith({ id: 'base', mix: mixOf({ red: 1 }) }),
      {
        ...glow,
        placement: { ...glow.placement, from: 0, aim: { facing: { side: 'down', within: 70 } } },
      },
      { ...wash, placement: { ...wash.placement, aim: { facing: { side: 'up', within: 70 } } } },
    ]);
    const build = predictBuildUp(recipe, shelf);
    const pitOf = (aimKey: string) => finishedSurface(buildUpOfAim(build, aimKey))[0];
    const [underside, top] = recipe.steps.slice(1).map((step) => pitOf(aimKeyOf(step)));
    const elsewhere = everyAspect(build).find(({ aspect }) => aspect.key === '');
    const plain = finishedSurface(elsewhere ?? build)[0];
    expect(underside.value).toBeGreaterThan(plain.value + 10);
    expect(top.value).toBeLessThan(plain.value - 5);
  });

  test('paint, minutes and area of an aimed line are its share of what they are without', () => {
    fc.assert(
      fc.property(anyAimedRecipe, (recipe) => {
        const shape = shapeOf(recipe);
        for (const step of recipe.steps) {
          const { aim: _aim, last: _last, ...tone } = step.placement;
          const anywhere = { ...step, placement: tone };
          const aimed = { ...step, placement: { ...tone, ...(_aim && { aim: _aim }) } };
          const area = areaPainted(aimed, shape);
          expect(area).toBeLessThanOrEqual(areaPainted(anywhere, shape) + 1e-9);
          expect(area).toBeGreaterThanOrEqual(0);
          expect(wetVolumeMl(aimed, recipe, shape)).toBeLessThanOrEqual(
            wetVolumeMl(anywhere, recipe, shape) + 1e-9,
          );
        }
      }),
      { numRuns: runs(40) },
    );
  });

  test('the whole reads as something between its darkest and its lightest aspect', () => {
    fc.assert(
      fc.property(anyAimedRecipe, (recipe) => {
        const build = predictBuildUp(recipe, shelf);
        const form = formOf(recipe);
        const all = everyAspect(build).flatMap((each) =>
          finishedSurface(each).map(({ value }) => value),
        );
        const { value } = readsAsWhole(build, form);
        expect(value).toBeGreaterThanOrEqual(Math.min(...all) - 0.5);
        expect(value).toBeLessThanOrEqual(Math.max(...all) + 0.5);
      }),
      { numRuns: runs(40) },
    );
  });
});

describe('coats that shrink', () => {
  const glaze = (last?: Step['placement']['last']): Recipe => {
    const line = stepWith({ id: 'glaze', technique: 'placedGlaze', mix: mixOf({ white: 1 }) });
    const placement = { from: 0.2, to: 1, softness: 0.05, pull: 'even' as const };
    return recipeWith([
      stepWith({ id: 'base', mix: mixOf({ red: 1 }) }),
      { ...line, coats: 4, placement: { ...placement, ...(last && { last }) } },
    ]);
  };

  test('lay as much at the light end as coats that do not, and one coat where only the first goes', () => {
    const even = predictBuildUp(glaze(), shelf).steps[1].deposit;
    const shrinking = predictBuildUp(glaze({ from: 0.8, to: 1 }), shelf).steps[1].deposit;
    expect(shrinking.at(-1)).toBeCloseTo(even.at(-1) ?? 0, 9);
    const at = ribbonStops.findIndex((stop) => stop > 0.25 && stop < 0.37);
    expect(shrinking[at]).toBeCloseTo(even[at] / 4, 9);
  });

  test('each place gets no more than without, and rises towards the light', () => {
    expect.hasAssertions();
    const even = finishedSurface(predictBuildUp(glaze(), shelf));
    const shrinking = finishedSurface(predictBuildUp(glaze({ from: 0.8, to: 1 }), shelf));
    shrinking.forEach(({ value }, i) => {
      expect(value).toBeLessThanOrEqual(even[i].value + 1e-9);
      if (i > 0) expect(value).toBeGreaterThanOrEqual(shrinking[i - 1].value - 1e-9);
    });
  });

  test('a last coat that is larger than the first is refused, and named', () => {
    const message = (last: Step['placement']['last']) =>
      recipeSchema
        .safeParse(glaze(last))
        .error?.issues.map(({ path, message }) => [path.slice(2).join('.'), message]);
    expect(message({ from: 0.1, to: 1 })).toEqual([
      ['placement.last.from', expect.stringContaining('within the first coat, 0.2 to 1')],
    ]);
    expect(message({ from: 0.4, to: 1, within: 20 })).toEqual([
      ['placement.last.within', expect.stringContaining('not aimed at a side')],
    ]);
    expect(message({ from: 0.4, to: 0.9 })).toBeUndefined();
  });
});

describe('a range of coats', () => {
  const layer = (coats: number, coatsUpTo?: number): Recipe => {
    const line = stepWith({ id: 'layer', mix: mixOf({ yellow: 1 }, { waterParts: 1 }) });
    return recipeWith([
      stepWith({ id: 'base', mix: mixOf({ brown: 1 }) }),
      { ...line, coats, ...(coatsUpTo !== undefined && { coatsUpTo }) },
    ]);
  };
  const midOf = (recipe: Recipe) => finishedSurface(predictBuildUp(recipe, shelf))[12].value;

  test('is predicted at its middle', () => {
    expect(midOf(layer(2, 4))).toBe(midOf(layer(3)));
    const between = midOf(layer(2, 3));
    expect(between).toBeGreaterThan(midOf(layer(2)));
    expect(between).toBeLessThan(midOf(layer(3)));
  });

  test('whose most is not more than its least is refused', () => {
    expect(recipeSchema.safeParse(layer(3, 3)).error?.issues[0].message).toContain(
      'more than the 3',
    );
    expect(recipeSchema.safeParse(layer(3, 4)).success).toBe(true);
  });
});

test('a heavier dry brush touches more of the area, a faint one less, and neither more than all of it', () => {
  expect.hasAssertions();
  const dry = (density?: number) => {
    const line = stepWith({ id: 'dry', technique: 'dryBrush', mix: mixOf({ bone: 1 }) });
    return predictBuildUp(
      recipeWith([
        stepWith({ id: 'base', mix: mixOf({ brown: 1 }) }),
        { ...line, ...(density !== undefined && { density }) },
      ]),
      shelf,
    ).steps[1].deposit;
  };
  const [faint, usual, heavy] = [dry(0.5), dry(), dry(3)];
  usual.forEach((share, i) => {
    expect(faint[i]).toBeCloseTo(share / 2, 9);
    expect(heavy[i]).toBeCloseTo(Math.min(1, share * 3), 9);
  });
});
