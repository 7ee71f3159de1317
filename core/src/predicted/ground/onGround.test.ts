import { mainAspects } from '../../written/place/aspects';
import fc from 'fast-check';
import { adviseRecipe } from '../../answers/advice/adviseRecipe';
import { surfaceColour } from '../../light/colour/surfaceColour';
import { paintedForm } from '../form/paintedForm';
import { ribbonStops } from '../../written/place/toneAxis';
import { anyAimedRecipe } from '../../testing/anyAim';
import { anyRecipe } from '../../testing/anyRecipe';
import { mixOf, pots, recipeWith, shelf as potsAlone, stepWith } from '../../testing/sampleRecipe';
import { aspectsOfRecipe } from '../buildUp/aspectsOfRecipe';
import { everyAspect, finishedSurface } from '../buildUp/buildUp';
import { BuildUpPredictor } from '../buildUp/buildUpPredictor';
import { groundWords } from './groundWords';
import { groundOf, potOn, shelfOf } from '../paint/mixedPaint';
import { groundRefusal, groundsBelow, mostGrounds, onGround } from './onGround';
import { ontoGround } from '../../written/lines/ontoGround';
import { predictBuildUp } from '../buildUp/predictBuildUp';
import { recipeSchema, type Recipe } from '../../written/recipe/recipe';
import { pinKey } from '../../written/recipe/recipePin';
import { laidOver, surfaceBelow } from '../buildUp/surfaceBelow';
import { runs } from '../../testing/longTests';

/** A shelf that knows recipes as they are now, and some by a version. */
const shelfWith = (recipes: readonly Recipe[], versions: Record<number, Recipe> = {}) =>
  shelfOf(
    Object.values(pots),
    new Map([
      ...recipes.map((each) => [pinKey({ recipeId: each.id, version: null }), each] as const),
      ...Object.entries(versions).map(
        ([version, each]) => [pinKey({ recipeId: each.id, version: +version }), each] as const,
      ),
    ]),
  );
const now = (recipeId: string) => ({ recipeId, version: null });
const on = (recipe: Recipe, id: string, below?: string): Recipe => ({
  ...recipe,
  id,
  ...(below !== undefined && { ground: now(below) }),
});

const cloth = recipeWith(
  [
    stepWith({ id: 'base', mix: mixOf({ brown: 1 }), coats: 3 }),
    stepWith({
      id: 'light',
      technique: 'layer',
      mix: mixOf({ bone: 1 }),
      coats: 3,
      placement: { from: 0.6, to: 1, softness: 0.1, pull: 'up' },
    }),
  ],
  { id: 'cloth', form: 'folds' },
);
const mark = recipeWith(
  [
    stepWith({
      id: 'mark',
      technique: 'placedGlaze',
      mix: mixOf({ red: 1 }, { mediumParts: 4 }),
      coats: 3,
      placement: { from: 0, to: 1, softness: 0, pull: 'even' },
    }),
  ],
  { id: 'mark', ground: now('cloth') },
);

describe('painted on a finished surface', () => {
  test('any recipe lies on any other as paint lies on what its lines left, in every aspect', () => {
    fc.assert(
      fc.property(anyAimedRecipe, anyAimedRecipe, (below, above) => {
        const lower = { ...on(below, 'lower'), light: above.light };
        const upper = on(above, 'upper', 'lower');
        const shelf = shelfWith([lower]);
        const primer = groundOf(potOn(shelf, lower.groundPotId));
        const build = everyAspect(predictBuildUp(upper, shelf));
        for (const each of build) {
          const { aspect } = each;
          const bare = ribbonStops.map(() => primer);
          const finished = laidOver(lower, shelf, bare, { aspect });
          const over = laidOver(upper, shelf, finished, { aspect });
          const there = finished.map((spectrum) => surfaceColour(spectrum).value);
          each.ground.forEach(({ value }, i) => expect(value).toBeCloseTo(there[i], 6));
          finishedSurface(each).forEach(({ value, a, b }, i) => {
            const plain = surfaceColour(over[i]);
            expect([value, a, b].map((figure) => figure.toFixed(4))).toEqual(
              [plain.value, plain.a, plain.b].map((figure) => figure.toFixed(4)),
            );
          });
        }
      }),
      { numRuns: runs(60) },
    );
  });

  test('the quick prediction is the plain one while either of the two is edited', () => {
    fc.assert(
      fc.property(fc.array(anyAimedRecipe, { minLength: 3, maxLength: 3 }), ([one, other, top]) => {
        const predictor = new BuildUpPredictor();
        for (const below of [one, other, one]) {
          const shelf = shelfWith([on(below, 'lower')]);
          const upper = on(top, 'upper', 'lower');
          const quick = everyAspect(predictor.predict(upper, shelf));
          const plain = everyAspect(predictBuildUp(upper, shelf));
          expect(quick.map((each) => finishedSurface(each).map(({ hex }) => hex))).toEqual(
            plain.map((each) => finishedSurface(each).map(({ hex }) => hex)),
          );
          expect(quick.map(({ ground }) => ground.map(({ hex }) => hex))).toEqual(
            plain.map(({ ground }) => ground.map(({ hex }) => hex)),
          );
        }
      }),
      { numRuns: runs(25) },
    );
  });

  test('a recipe without lines of its own looks as what it stands on', () => {
    fc.assert(
      fc.property(anyRecipe, (below) => {
        const lower = on(below, 'lower');
        const shelf = shelfWith([lower]);
        const empty = on(recipeWith([]), 'upper', 'lower');
        expect(finishedSurface(predictBuildUp(empty, shelf)).map(({ hex }) => hex)).toEqual(
          finishedSurface(predictBuildUp(lower, shelf)).map(({ hex }) => hex),
        );
      }),
      { numRuns: runs(40) },
    );
  });

  test('it is drawn on its form as it is predicted', () => {
    const shelf = shelfWith([cloth]);
    expect(paintedForm(mark, shelf).hexes).toEqual(
      finishedSurface(predictBuildUp(mark, shelf)).map(({ hex }) => hex),
    );
  });

  test('coverage goes by what really lies below: pale over pale needs less than over the primer', () => {
    const shelf = shelfWith([cloth]);
    const pale = recipeWith(
      [stepWith({ id: 'pale', technique: 'layer', mix: mixOf({ bone: 1 }), coats: 4 })],
      { id: 'pale' },
    );
    const coats = (recipe: Recipe) => predictBuildUp(recipe, shelf).steps[0].coverage?.coats ?? 99;
    expect(coats({ ...pale, ground: now('cloth') })).toBeLessThan(
      coats({ ...pale, groundPotId: 'black' }),
    );
  });

  test('a damp brush takes nothing off a surface that is finished', () => {
    const lifted = recipeWith(
      [
        stepWith({
          id: 'lift',
          technique: 'dampBrush',
          mix: { parts: [], waterParts: 0, mediumParts: 0 },
        }),
      ],
      { id: 'lifted', ground: now('cloth') },
    );
    const shelf = shelfWith([cloth]);
    const build = predictBuildUp(lifted, shelf);
    expect(finishedSurface(build)).toEqual(build.ground);
    const quick = new BuildUpPredictor().predict(lifted, shelf);
    expect(finishedSurface(quick)).toEqual(quick.ground);
    expect(adviseRecipe(lifted, build, shelf).map(({ rule }) => rule)).toContain('nothingWet');
  });

  test('a version stays what it was, whatever the recipe is now', () => {
    const pale = { ...cloth, steps: cloth.steps.slice(0, 1) };
    const shelf = shelfWith([cloth], { 2: pale });
    const onVersion = { ...mark, ground: { recipeId: 'cloth', version: 2 } };
    expect(predictBuildUp(onVersion, shelf).ground).toEqual(
      finishedSurface(predictBuildUp(pale, shelf)),
    );
    expect(groundWords(onVersion, shelf)).toBe(`${cloth.name}, version 2`);
    expect(groundWords(mark, shelf)).toBe(`${cloth.name}, as it is now`);
    expect(groundWords(cloth, shelf)).toBe(pots[cloth.groundPotId as 'black'].name);
  });

  test('what is aimed at the light below keeps the light it was painted for', () => {
    const lit: Recipe = {
      ...cloth,
      light: 'left',
      steps: cloth.steps.map((step, i) =>
        i === 1
          ? {
              ...step,
              placement: { ...step.placement, aim: { facing: { side: 'light', within: 60 } } },
            }
          : step,
      ),
    };
    const shelf = shelfWith([lit]);
    const { recipe } = onGround({ ...mark, light: 'right' }, shelf);
    expect(recipe.steps.map(({ placement }) => placement.aim?.facing?.side)).toEqual([
      undefined,
      'left',
      undefined,
    ]);
    const same = onGround({ ...mark, light: 'left' }, shelf).recipe;
    expect(same.steps[1].placement.aim?.facing?.side).toBe('light');
  });

  test('the aims below are looked at as well, and a surface below a line has them', () => {
    const aimed: Recipe = {
      ...cloth,
      steps: cloth.steps.map((step, i) =>
        i === 1
          ? {
              ...step,
              placement: { ...step.placement, aim: { facing: { side: 'up', within: 60 } } },
            }
          : step,
      ),
    };
    const shelf = shelfWith([aimed]);
    const aspects = aspectsOfRecipe({ ...mark, form: 'folds' }, shelf);
    expect(mainAspects(aspects)).toHaveLength(2);
    const crown = ribbonStops.indexOf(0.8);
    const below = (aspect: (typeof aspects)[number]) =>
      surfaceColour(surfaceBelow(mark, shelf, 'mark', { aspect })[crown]).value;
    expect(below(aspects[1])).toBeGreaterThan(below(aspects[0]) + 5);
  });
});

describe('what cannot be', () => {
  test('a recipe stands on itself neither at once nor by way of others', () => {
    const one = on(cloth, 'one', 'two');
    const two = on(mark, 'two', 'one');
    const shelf = shelfWith([one, two]);
    expect(groundsBelow(one, shelf).problem?.is).toBe('circle');
    expect(groundRefusal(one, shelf)).toContain('painted on top of this one');
    expect(
      groundRefusal(on(cloth, 'self', 'self'), shelfWith([on(cloth, 'self', 'self')])),
    ).toContain('cannot go onto');
    // Where it is there all the same, it is predicted and said.
    const build = predictBuildUp(one, shelf);
    const said = adviseRecipe(one, build, shelf).find(({ rule }) => rule === 'groundGone');
    expect(said?.fixes).toHaveLength(1);
  });

  test('a ground that is gone is said, and the recipe is predicted over its primer', () => {
    const build = predictBuildUp(mark, potsAlone);
    const { ground: _gone, ...onPrimer } = mark;
    expect(build.steps).toEqual(predictBuildUp(onPrimer, potsAlone).steps);
    const remarks = adviseRecipe(mark, build, potsAlone);
    expect(remarks.filter(({ rule }) => rule === 'groundGone')).toHaveLength(1);
    expect(groundWords(mark, potsAlone)).toContain('is gone');
  });

  test('a tower has an end', () => {
    const tower = Array.from({ length: mostGrounds + 2 }, (_, i) =>
      on(cloth, `r${i}`, i > 0 ? `r${i - 1}` : undefined),
    );
    const shelf = shelfWith(tower);
    expect(groundsBelow(tower[mostGrounds], shelf).problem).toBeNull();
    expect(groundsBelow(tower[mostGrounds + 1], shelf).problem?.is).toBe('deep');
  });
});

test('what goes onto a surface has its form and its spots, unless it says otherwise', () => {
  const below: Recipe = {
    ...cloth,
    light: 'left',
    spots: [{ id: 'seam', name: 'Seam', share: 0.05 }],
  };
  expect(ontoGround(mark, below)).toMatchObject({
    form: 'folds',
    light: 'left',
    spots: below.spots,
  });
  expect(ontoGround({ ...mark, form: 'plate', light: 'front' }, below)).toMatchObject({
    form: 'plate',
    light: 'front',
  });
  expect(recipeSchema.safeParse(ontoGround(mark, below)).success).toBe(true);
});
