import fc from 'fast-check';
import { benchTasks } from '../../bench/benchTasks';
import { planBatch } from '../../plan/planBatch';
import { ranksOf } from '../../plan/unitOrder';
import { finishedSurface } from '../../../../predicted/buildUp/buildUp';
import { predictBuildUp } from '../../../../predicted/buildUp/predictBuildUp';
import type { Recipe } from '../../../../written/recipe/recipe';
import { anyRecipe } from '../../../../testing/anyRecipe';
import { batchOf } from '../../../../testing/sampleLevy';
import {
  bench,
  cloak,
  evening,
  helm,
  levy,
  watch,
  WrittenLog,
} from '../../../../testing/sampleLog';
import { mixOf, recipeWith, shelf, stepWith } from '../../../../testing/sampleRecipe';
import { armySchema, type Army, type Unit } from '../army';
import { layersOn, onEachOther } from './layersOn';
import type { Over } from './over';
import { paintNeeded, type RecipeOf } from '../paintNeeded';
import { coveredBy, surfaceOf, turnOf, workSurfaces } from './workSurfaces';
import { runs } from '../../../../testing/longTests';

const dust = recipeWith(
  [
    stepWith({ id: 'glaze', technique: 'filter', mix: mixOf({ bone: 1 }, { mediumParts: 3 }) }),
    stepWith({ id: 'brush', technique: 'dryBrush', mix: mixOf({ bone: 1 }), coats: 2 }),
  ],
  { id: 'dust', name: 'Dust' },
);
const glow = recipeWith([stepWith({ id: 'glow', technique: 'placedGlaze' })], { id: 'glow' });
const varnished: Recipe = {
  ...helm,
  steps: [...helm.steps, stepWith({ id: 'varnish', stage: 'finish', mix: mixOf({ medium: 1 }) })],
};
const recipeOf: RecipeOf = ({ recipeId }) =>
  [cloak, varnished, dust, glow].find(({ id }) => id === recipeId);
const over = (id: string, surfaces: Over['surfaces'], part: Partial<Over> = {}): Over => ({
  id,
  name: id,
  recipe: { recipeId: id, version: null },
  surfaces,
  ...part,
});
const unitWith = (...overs: Over[]): Unit => ({ ...watch, overs });
const armyWith = (...overs: Over[]): Army => ({ ...levy, units: [unitWith(...overs)] });

describe('what is painted on a model', () => {
  test('without anything over them it is the surfaces themselves', () => {
    expect(workSurfaces(watch)).toBe(watch.surfaces);
    expect(workSurfaces({ ...watch, overs: [] })).toBe(watch.surfaces);
  });

  test('an over is as large as what it goes over, and lies where that lies', () => {
    const [, , all] = workSurfaces(unitWith(over('dust', 'all')));
    expect(all).toMatchObject({ id: 'dust', share: 1, over: ['cloak', 'helm'] });
    const [, , part] = workSurfaces(unitWith(over('dust', ['helm'])));
    expect(part).toMatchObject({ share: 0.4, surface: 'metal', over: ['helm'] });
    expect(part.places).toContain('headgear');
  });

  test('surfaces that are gone count for nothing; an over of them alone is not painted', () => {
    expect(coveredBy(over('dust', ['gone', 'helm']), watch).map(({ id }) => id)).toEqual(['helm']);
    expect(workSurfaces(unitWith(over('dust', ['gone'])))).toHaveLength(2);
  });

  test('it is found by its identifier, as a surface is', () => {
    const army = armyWith(over('dust', 'all'));
    expect(surfaceOf(army, { unitId: 'watch', surfaceId: 'dust' })?.surface.name).toBe('dust');
  });

  test('an over without a recipe has none, whatever the army has for the kind below it', () => {
    const { recipe: _none, ...bare } = over('dust', ['helm']);
    const army: Army = {
      ...armyWith(bare),
      scheme: [{ surface: 'metal', recipe: { recipeId: 'helm', version: null } }],
    };
    const state = benchTasks(army, bench, recipeOf, [], evening);
    expect(state.without).toEqual([{ unitId: 'watch', surfaceId: 'dust' }]);
  });

  test('an army whose over has the identifier of a surface is refused in words', () => {
    const read = armySchema.safeParse(armyWith(over('helm', 'all')));
    expect(read.error?.issues[0].message).toContain('identifiers of its own');
    expect(armySchema.safeParse(armyWith(over('dust', 'all'))).success).toBe(true);
  });

  test('turns: what is held back after the rest, each over after that, varnish at the end', () => {
    const unit = unitWith(over('dust', 'all'), over('glow', ['helm']));
    const [, metal, first, second] = workSurfaces(unit);
    const base = { stage: 'base' } as const;
    expect(turnOf(unit, metal, base)).toBe(0);
    expect(turnOf(unit, { ...metal, holdBack: 'the whole surface' }, base)).toBe(1);
    expect([first, second].map((each) => turnOf(unit, each, base))).toEqual([2, 3]);
    expect(turnOf(unit, metal, { stage: 'finish' })).toBe(4);
    expect(turnOf(watch, metal, { stage: 'finish' })).toBe(1);
  });
});

describe('at the bench', () => {
  const at = (log: WrittenLog, minute: number, army: Army) =>
    benchTasks(army, bench, recipeOf, log.entries, evening + minute * 60_000);
  const taskOf = (log: WrittenLog, minute: number, army: Army, stepId: string) =>
    at(log, minute, army).tasks.find((task) => task.stepId === stepId);

  test('an over waits for the surfaces it goes over, and for no others', () => {
    const army = armyWith(over('dust', ['helm']));
    const log = new WrittenLog();
    expect(taskOf(log, 0, army, 'glaze')).toMatchObject({ models: [], later: 3 });
    log.coat(0, 'helm', 'copper', 1, [1, 2]);
    expect(taskOf(log, 60, army, 'glaze')).toMatchObject({ models: [1, 2], later: 1 });
  });

  test('it waits until they are dry', () => {
    const army = armyWith(over('dust', ['helm']));
    const log = new WrittenLog();
    log.coat(0, 'helm', 'copper', 1, [1]);
    const glaze = taskOf(log, 1, army, 'glaze');
    expect(glaze?.models).toEqual([]);
    expect(glaze?.waiting.map(({ model }) => model)).toEqual([1]);
  });

  test('one over waits for the one before it on the same surface; varnish waits for both', () => {
    const army = armyWith(over('dust', ['helm']), over('glow', ['helm']));
    const log = new WrittenLog();
    log.coat(0, 'helm', 'copper', 1, [1]);
    log.line('found', 0, 'light', [1]);
    expect(taskOf(log, 60, army, 'glaze')?.models).toEqual([1]);
    expect(taskOf(log, 60, army, 'glow')?.models).toEqual([]);
    expect(taskOf(log, 60, army, 'varnish')).toMatchObject({ models: [], later: 1 });
  });

  test('overs on different surfaces do not wait for each other', () => {
    const army = armyWith(over('dust', ['cloak']), over('glow', ['helm']));
    const log = new WrittenLog();
    log.coat(0, 'helm', 'copper', 1, [1]);
    expect(taskOf(log, 60, army, 'glow')?.models).toEqual([1]);
    expect(taskOf(log, 60, army, 'glaze')?.models).toEqual([]);
  });
});

describe('in the plan, and in paint', () => {
  const army = armyWith(over('dust', 'all'), over('glow', ['helm']));
  const evenings = batchOf({
    sessions: [{ id: 'one', startsAt: '2026-03-05T18:00:00Z', minutes: 900 }],
  });

  test('every over comes after what it goes over, and varnish after all of them', () => {
    const tries = planBatch(army, evenings, recipeOf, shelf);
    let next = tries.next();
    while (!next.done) next = tries.next();
    const { runs, left } = next.value;
    expect(left).toBe(0);
    for (const model of [1, 2, 3]) {
      const order = runs
        .filter(({ models }) => models.includes(model))
        .sort((one, other) => one.starts - other.starts);
      const first = (surfaceId: string) => order.findIndex((each) => each.surfaceId === surfaceId);
      const last = (surfaceId: string) =>
        order.findLastIndex((each) => each.surfaceId === surfaceId && each.stepId !== 'varnish');
      expect(first('dust')).toBeGreaterThan(Math.max(last('cloak'), last('helm')));
      expect(first('glow')).toBeGreaterThan(last('dust'));
      expect(order.at(-1)?.stepId).toBe('varnish');
    }
  });

  test('in the order of work overs are last', () => {
    const ranks = ranksOf(army, army.units[0], recipeOf);
    expect(
      [...ranks]
        .sort(([, a], [, b]) => a - b)
        .map(([id]) => id)
        .slice(-2),
    ).toEqual(['dust', 'glow']);
  });

  test('its paint is counted over all it goes over', () => {
    const ml = (each: Army) =>
      paintNeeded(each, recipeOf, shelf)
        .mixes.filter(({ surfaceId }) => surfaceId === 'dust')
        .reduce((sum, { ownMl }) => sum + ownMl, 0);
    const whole = ml(army);
    const part = ml(armyWith(over('dust', ['helm'])));
    expect(part).toBeGreaterThan(0);
    expect(whole).toBeGreaterThan(part);
  });
});

describe('on each other', () => {
  test('layers of a surface are its own recipe and what goes over it, in order', () => {
    const unit = unitWith(over('dust', 'all'), over('glow', ['helm']));
    const names = (surfaceId: string) =>
      layersOn(levy, unit, surfaceId, recipeOf).map(({ recipe }) => recipe.id);
    expect(names('cloak')).toEqual(['cloak', 'dust']);
    expect(names('helm')).toEqual(['helm', 'dust', 'glow']);
  });

  test('three on each other are what their lines are one after the other', () => {
    fc.assert(
      fc.property(anyRecipe, anyRecipe, anyRecipe, (one, two, three) => {
        const laid = onEachOther(
          [one, two, three].map((recipe, i) => ({ ...recipe, id: `r${i}` })),
          shelf,
        );
        const grounds = laid.recipes.map((recipe) => predictBuildUp(recipe, laid.shelf));
        const hexes = (list: readonly { hex: string }[]) => list.map(({ hex }) => hex);
        expect(hexes(grounds[1].ground)).toEqual(hexes(finishedSurface(grounds[0])));
        expect(hexes(grounds[2].ground)).toEqual(hexes(finishedSurface(grounds[1])));
      }),
      { numRuns: runs(40) },
    );
  });

  test('they have the form and the light of what they lie on', () => {
    const lit: Recipe = { ...cloak, form: 'folds', light: 'left' };
    const { recipes } = onEachOther([lit, { ...dust, form: 'plate', light: 'front' }], shelf);
    expect(recipes[1]).toMatchObject({ form: 'folds', light: 'left' });
  });
});
