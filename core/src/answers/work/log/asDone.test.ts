import { bench, cloak, watch, WrittenLog } from '../../../testing/sampleLog';
import { shelf } from '../../../testing/sampleRecipe';
import { flattenMix } from '../../../written/recipe/flattenMix';
import { recipeSchema } from '../../../written/recipe/recipe';
import { predictBuildUp } from '../../../predicted/buildUp/predictBuildUp';
import { asDone, recipeFromLog } from './asDone';
import { asMixed, brushedOf, isSameBrushed, mixOfBrushed } from './mixed/asMixed';
import { benchStep } from '../bench/benchStep';
import { openCoats } from './onFigure/openCoats';
import { onFigures, surfaceKey, untouched } from './onFigure/onFigure';
import { extraStep, paintedCoat } from '../bench/paintedCoat';
import { standing } from './standing';

const onModel = (log: WrittenLog, model = 1) =>
  onFigures(log.entries).get(surfaceKey('watch', 'cloak', model)) ?? untouched();

const asWritten = () => {
  const log = new WrittenLog();
  log.coat(0, 'cloak', 'base', 1, [1]);
  log.coat(30, 'cloak', 'base', 2, [1]);
  log.coat(60, 'cloak', 'shade', 1, [1]);
  log.coat(120, 'cloak', 'light', 1, [1]);
  return log;
};

describe('a recipe as it was done', () => {
  test('is the recipe where everything was done as written', () => {
    expect(asDone(cloak, onModel(asWritten()), 'left out')).toEqual(cloak);
    expect(asDone(cloak, untouched(), 'as written')).toEqual(cloak);
  });

  test('has the coats that were put on, and leaves out what was not', () => {
    const log = new WrittenLog();
    log.coat(0, 'cloak', 'base', 1, [1]);
    const done = asDone(cloak, onModel(log), 'left out');
    expect(done.steps.map(({ coats, isOut }) => [coats, isOut ?? false])).toEqual([
      [1, false],
      [1, true],
      [1, true],
    ]);
  });

  test('with the rest as written has the coats that are still to come, but not those that were skipped', () => {
    const log = new WrittenLog();
    log.coat(0, 'cloak', 'base', 1, [1]);
    expect(asDone(cloak, onModel(log), 'as written')).toEqual(cloak);
    log.line('skip', 1, 'base', [1]);
    expect(asDone(cloak, onModel(log), 'as written').steps[0].coats).toBe(1);
  });

  test('has the mix that was on the brush, and what carries it forward carries that', () => {
    const log = new WrittenLog();
    const brushed = { pots: [{ potId: 'blue', share: 1 }], waterParts: 1, mediumParts: 0 };
    log.mixed(0, 'base', brushed, 1, ['improvised mix']);
    log.coat(1, 'cloak', 'base', 1, [1], { differs: ['improvised mix'] });
    log.coat(2, 'cloak', 'base', 2, [1]);
    log.coat(60, 'cloak', 'light', 1, [1]);
    const done = recipeSchema.parse(asDone(cloak, onModel(log), 'as written'));
    expect(done.steps[0].mix).toEqual({
      parts: [{ from: 'pot', potId: 'blue', parts: 1 }],
      waterParts: 1,
      mediumParts: 0,
    });
    // The last line is still written as half of line 1: only what that is has changed.
    expect(done.steps[2]).toEqual(cloak.steps[2]);
    expect(flattenMix(done.steps[2].mix, done.steps.slice(0, 2))).toEqual([
      { potId: 'blue', share: 0.5 },
      { potId: 'bone', share: 0.5 },
    ]);
  });

  test('gives each paint a line where it was changed between two coats', () => {
    const log = new WrittenLog();
    log.coat(0, 'cloak', 'base', 1, [1]);
    const pots = [{ potId: 'red', share: 1 }];
    log.mixed(1, 'base', { pots, waterParts: 0, mediumParts: 0 }, 1, ['other pot']);
    log.coat(30, 'cloak', 'base', 2, [1]);
    const done = recipeSchema.parse(asDone(cloak, onModel(log), 'as written'));
    expect(done.steps).toHaveLength(4);
    expect(done.steps.slice(0, 2).map(({ coats }) => coats)).toEqual([1, 1]);
  });

  test('that has been written into its recipe is that recipe, and nothing of it is open', () => {
    const log = new WrittenLog();
    log.coat(0, 'cloak', 'base', 1, [1]);
    const pots = [{ potId: 'red', share: 1 }];
    log.mixed(1, 'base', { pots, waterParts: 0, mediumParts: 0 }, 1, ['other pot']);
    log.coat(30, 'cloak', 'base', 2, [1]);
    log.coat(60, 'cloak', 'shade', 1, [1]);
    log.coat(120, 'cloak', 'light', 1, [1]);
    const promoted = recipeSchema.parse(asDone(cloak, onModel(log), 'as written'));
    expect(asDone(promoted, onModel(log), 'as written')).toEqual(promoted);
    expect(openCoats(watch.surfaces[0], promoted, onModel(log))).toMatchObject({
      open: [],
      done: 4,
    });
  });

  test('has an extra step where it went on', () => {
    const log = asWritten();
    const surface = watch.surfaces[0];
    const step = extraStep('more', cloak.steps[1], 'placedGlaze', cloak.steps[0].mix, {
      from: 0,
      to: 0.5,
      softness: 0.1,
      pull: 'down',
    });
    const place = { bench, unit: watch, surface, recipe: cloak, version: null, models: [1] };
    const coat = paintedCoat(place, step, 1, log.head(130), null, ['extra step']);
    log.entries.push({ ...coat, line: 0, after: 'shade' });
    const done = recipeSchema.parse(asDone(cloak, onModel(log), 'as written'));
    expect(done.steps.map(({ id }) => id)).toEqual(['base', 'shade', 'light', 'more']);
    const now = recipeSchema.parse(asDone(cloak, onModel(log), 'left out'));
    expect(now.steps.map(({ id }) => id)).toEqual(['base', 'shade', 'light', 'more']);
    expect(done.steps[3]).toMatchObject({ technique: 'placedGlaze', placement: { to: 0.5 } });
  });

  test('can be had from the log alone, once its recipe is gone', () => {
    const rebuilt = recipeFromLog(onModel(asWritten()), 'cloth');
    const finished = (recipe: typeof cloak) =>
      predictBuildUp(recipe, shelf)
        .steps.at(-1)
        ?.surface.map(({ hex }) => hex);
    expect(rebuilt && finished(rebuilt)).toEqual(finished(cloak));
    expect(recipeFromLog(untouched(), 'cloth')).toBeNull();
  });
});

describe('a mix that was made otherwise', () => {
  test('is written in the fewest whole parts that are right', () => {
    const pots = [
      { potId: 'a', share: 2 / 3 },
      { potId: 'b', share: 1 / 3 },
    ];
    const mix = mixOfBrushed({ pots, waterParts: 2, mediumParts: 0 });
    expect(mix.parts.map(({ parts }) => parts)).toEqual([2, 1]);
    expect(isSameBrushed(brushedOf({ mix }, []), { pots, waterParts: 2, mediumParts: 0 })).toBe(
      true,
    );
  });

  test('stands until the line is mixed as written again', () => {
    const log = new WrittenLog();
    const pots = [{ potId: 'blue', share: 1 }];
    log.mixed(0, 'base', { pots, waterParts: 0, mediumParts: 0 }, 1, ['other pot']);
    expect(asMixed(cloak, standing(log.entries)).steps[0].mix.parts).toHaveLength(1);
    log.mixed(1, 'base', brushedOf(cloak.steps[0], []), 1);
    expect(asMixed(cloak, standing(log.entries))).toEqual(cloak);
  });
});

describe('one coat at the bench', () => {
  const asked = (log: WrittenLog, stepId: string, coat: number) => {
    const surface = watch.surfaces[0];
    const step = cloak.steps.find(({ id }) => id === stepId) ?? cloak.steps[0];
    const place = { bench, unit: watch, surface, recipe: cloak, version: null, models: [1] };
    return benchStep(
      {
        unit: watch,
        surface,
        recipe: cloak,
        stepId,
        models: 3,
        coatsLeft: step.coats - coat + 1,
        on: onModel(log),
        coat: paintedCoat(place, step, coat, log.head(0), null, []),
      },
      shelf,
    );
  };

  test('shows the surface before and after it, and after the last coat what was planned', () => {
    const log = new WrittenLog();
    const first = asked(log, 'base', 1);
    const ground = predictBuildUp(cloak, shelf).ground.map(({ hex }) => hex);
    expect(first.now.map(({ hex }) => hex)).toEqual(ground);
    const planned = predictBuildUp(cloak, shelf).steps[0].surface;
    expect(first.after).not.toEqual(planned);
    log.coat(0, 'cloak', 'base', 1, [1]);
    const second = asked(log, 'base', 2);
    expect(second.now).toEqual(first.after);
    expect(second.after).toEqual(planned);
  });

  test('counts the drops for all models and the coats that are left', () => {
    const two = asked(new WrittenLog(), 'base', 1);
    const one = asked(new WrittenLog(), 'base', 2);
    expect(two.ml).toBeCloseTo(2 * one.ml, 9);
    expect(two.drops.pots.map(({ potId }) => potId)).toEqual(['brown', 'bone']);
    expect(two.consistency?.name).toBe('stiff');
    expect(two.caution).toBeNull();
  });
});
