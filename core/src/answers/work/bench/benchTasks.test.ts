import {
  bench,
  cloak,
  evening,
  levy,
  recipeOf,
  watch,
  WrittenLog,
} from '../../../testing/sampleLog';
import { mixOf, recipeWith, shelf, stepWith } from '../../../testing/sampleRecipe';
import { armyOnBench, benchSchema, looseUnit, recipesOnBench } from './bench';
import { benchTasks } from './benchTasks';
import { wetMixes } from './wetMixes';

const at = (log: WrittenLog, minute: number, army = levy) =>
  benchTasks(army, bench, recipeOf, log.entries, evening + minute * 60_000);
const told = (log: WrittenLog, minute: number) =>
  at(log, minute).tasks.map(({ stepId, coat, models, waiting }) => ({
    on: `${stepId} ${coat}`,
    models,
    waiting: waiting.map(({ model }) => model),
  }));

describe('what to paint now', () => {
  test('with nothing done every surface waits for its first coat, and nothing dries', () => {
    const state = at(new WrittenLog(), 0);
    expect(state.tasks.map(({ stepId, models }) => [stepId, models])).toEqual(
      expect.arrayContaining([
        ['base', [1, 2, 3]],
        ['copper', [1, 2, 3]],
      ]),
    );
    expect(state).toMatchObject({ drying: [], coatsDone: 0, coatsLeft: 15, without: [] });
  });

  test('the line that was begun goes on with the models that are left', () => {
    const log = new WrittenLog();
    log.coat(0, 'helm', 'copper', 1, [2]);
    expect(told(log, 1)[0]).toEqual({ on: 'copper 1', models: [1, 3], waiting: [] });
  });

  test('a coat dries before the next one; the other surface can be painted meanwhile', () => {
    const log = new WrittenLog();
    log.coat(0, 'cloak', 'base', 1, [1, 2, 3]);
    expect(told(log, 1)).toEqual([
      { on: 'copper 1', models: [1, 2, 3], waiting: [] },
      { on: 'base 2', models: [], waiting: [1, 2, 3] },
    ]);
    expect(at(log, 1).drying).toMatchObject([{ surfaceId: 'cloak', models: [1, 2, 3], line: 1 }]);
    expect(at(log, 1).drying[0].ms).toBe(19 * 60_000);
    const later = at(log, 20);
    expect(later.drying).toEqual([]);
    expect(later.tasks.find(({ stepId }) => stepId === 'base')?.models).toEqual([1, 2, 3]);
  });

  test('a wet wash keeps all else on its body waiting', () => {
    const log = new WrittenLog();
    log.line('found', 0, 'base', [1, 2, 3]);
    log.coat(1, 'cloak', 'shade', 1, [1]);
    const copper = at(log, 2).tasks.find(({ stepId }) => stepId === 'copper');
    expect(copper?.models).toEqual([2, 3]);
    expect(copper?.waiting.map(({ model }) => model)).toEqual([1]);
  });

  test('held back waits until all else on the model is done', () => {
    const surfaces = watch.surfaces.map((surface) =>
      surface.id === 'helm' ? { ...surface, holdBack: 'the whole surface' as const } : surface,
    );
    const army = { ...levy, units: [{ ...watch, surfaces }] };
    const log = new WrittenLog();
    const copper = at(log, 0, army).tasks.find(({ stepId }) => stepId === 'copper');
    expect(copper).toMatchObject({ models: [], later: 3, isHeldBack: true });
    log.line('found', 1, 'light', [2]);
    expect(at(log, 2, army).tasks.find(({ stepId }) => stepId === 'copper')).toMatchObject({
      models: [2],
      later: 2,
    });
  });

  test('one more coat, a skipped line and what was found before are reckoned with', () => {
    const log = new WrittenLog();
    log.coat(0, 'cloak', 'base', 1, [1]);
    log.coat(30, 'cloak', 'base', 2, [1], { wanted: 3 });
    log.line('skip', 31, 'shade', [2]);
    log.line('found', 32, 'shade', [3]);
    const next = (model: number) =>
      at(log, 300).tasks.find(
        ({ models, surfaceId }) => surfaceId === 'cloak' && models.includes(model),
      );
    expect(next(1)).toMatchObject({ stepId: 'base', coat: 3, coats: 3 });
    expect(next(2)).toMatchObject({ stepId: 'base', coat: 1 });
    expect(next(3)).toMatchObject({ stepId: 'light', coat: 1 });
  });

  test('a coat noted twice is one coat', () => {
    const log = new WrittenLog();
    log.coat(0, 'cloak', 'base', 1, [1]);
    const once = at(log, 60);
    log.coat(0.01, 'cloak', 'base', 1, [1]);
    expect(at(log, 60)).toMatchObject({ tasks: once.tasks, coatsDone: 1, coatsLeft: 14 });
  });

  test('a clock set back makes nobody wait longer than the whole time, and is told', () => {
    const log = new WrittenLog();
    log.coat(0, 'cloak', 'base', 1, [1]);
    const state = at(log, -120);
    expect(state.drying[0].ms).toBe(20 * 60_000);
    expect(state.clockBehindMs).toBe(120 * 60_000);
  });

  test('after two hours asleep all is dry', () => {
    const log = new WrittenLog();
    log.coat(0, 'cloak', 'base', 1, [1, 2, 3]);
    expect(at(log, 120).drying).toEqual([]);
  });

  test('a recipe that is gone holds nothing else up, and is named', () => {
    const state = benchTasks(
      levy,
      bench,
      (pin) => (pin.recipeId === 'cloak' ? undefined : recipeOf(pin)),
      [],
      evening,
    );
    expect(state.without).toEqual([{ unitId: 'watch', surfaceId: 'cloak' }]);
    expect(state.tasks.map(({ stepId }) => stepId)).toEqual(['copper']);
  });

  test('models left out of the bench are left alone', () => {
    const some = { models: [{ unitId: 'watch', from: 2, to: 2 }] };
    const { tasks } = benchTasks(levy, some, recipeOf, [], evening);
    expect(tasks.map(({ models }) => models)).toEqual([[2], [2]]);
  });
});

describe('mixes that stand on the palette', () => {
  test('the one that goes off first is in front, and says how many coats still need it', () => {
    const log = new WrittenLog();
    const pots = [{ potId: 'brown', share: 1 }];
    log.mixed(0, 'base', { pots, waterParts: 0, mediumParts: 0 }, 1);
    log.mixed(30, 'light', { pots, waterParts: 0, mediumParts: 0 }, 1);
    const { tasks } = at(log, 31);
    const now = evening + 31 * 60_000;
    const wet = wetMixes(bench, log.entries, tasks, shelf, now);
    expect(wet.map(({ entry }) => entry.stepId)).toEqual(['base', 'light']);
    expect(wet[0].coatsLeft).toBe(6);
    expect(wet[1].ms - wet[0].ms).toBe(30 * 60_000);
    expect(wetMixes(bench, log.entries, tasks, shelf, now + 48 * 3_600_000)).toEqual([]);
  });
});

describe('a bench without an army', () => {
  const alone = recipeWith([stepWith({ id: 'one', mix: mixOf({ blue: 1 }) })], { id: 'only-here' });
  const own = benchSchema.parse({
    ...bench,
    armyId: undefined,
    loose: { unit: looseUnit('A blue one', alone, null, 2), recipes: [alone] },
  });

  test('is an army of one unit, painted by recipes that are only there', () => {
    const army = armyOnBench(own, null);
    expect(army?.units[0].models).toBe(2);
    const { tasks } = benchTasks(army ?? levy, own, recipesOnBench(own, recipeOf), [], evening);
    expect(tasks).toMatchObject([{ stepId: 'one', models: [1, 2] }]);
    expect(recipesOnBench(own, recipeOf)({ recipeId: 'cloak', version: null })).toBe(cloak);
  });

  test('beyond the standard of the bench nothing is asked, and below the recipe’s it changes nothing', () => {
    const two = recipeWith(
      [
        stepWith({ id: 'one', mix: mixOf({ blue: 1 }) }),
        stepWith({ id: 'two', mix: mixOf({ brown: 1 }), level: 'display' }),
      ],
      { id: 'only-here', finishLevel: 'display' },
    );
    const bench = {
      ...own,
      loose: { unit: looseUnit('A blue one', two, null, 1), recipes: [two] },
    };
    const coatsLeft = (standard?: 'field' | 'display') => {
      const asked = { ...bench, ...(standard && { standard }) };
      const army = armyOnBench(asked, null);
      const state = benchTasks(army ?? levy, asked, recipesOnBench(asked, recipeOf), [], evening);
      return state.coatsLeft;
    };
    expect([coatsLeft(), coatsLeft('display'), coatsLeft('field')]).toEqual([2, 2, 1]);
  });

  test('both an army and models of its own are refused, and neither', () => {
    expect(benchSchema.safeParse({ ...own, armyId: 'levy' }).success).toBe(false);
    expect(benchSchema.safeParse({ ...own, loose: undefined }).success).toBe(false);
  });
});
