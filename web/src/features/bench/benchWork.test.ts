import {
  benchSchema,
  oneMoreLike,
  standing,
  type Bench,
  type CoatEntry,
  type LogEntry,
} from '@yellow-ledger/core';
import { coat, levy, levyWith, line, pots, recipe, skin } from '../../testing/levy';
import { keptOf, takeLedger, takeShelf } from '../../testing/inHand';
import { benchWork } from './benchWork';
import { setLedgerData } from '../../workers/shared/ledgerData';
import { logWork } from '../log/logWork';
import { rescueWork } from './mishap/rescueWork';

const at = Date.parse('2026-03-01T18:00:00.000Z');
const bench: Bench = {
  id: 'bench',
  name: 'On the table',
  startedAt: new Date(at).toISOString(),
  isCleared: false,
  armyId: levy.id,
  models: [],
  room: 'usual',
  keeping: 'damp',
  hairDryer: false,
};
beforeEach(() => {
  takeShelf(pots);
  takeLedger([coat, skin], {}, { armies: [levy], benches: [bench] });
});

const look = (entries: LogEntry[] = [], minute = 0) =>
  benchWork.benchView({ bench, army: levy, entries, now: at + minute * 60_000, taskKey: null });
const written = (entry: CoatEntry, id: string, order: number, minute: number): CoatEntry => ({
  ...entry,
  id,
  order,
  at: new Date(at + minute * 60_000).toISOString(),
});

/** Paints whatever is next, a coat every two hours, until so many coats are on. */
function painted(count: number): LogEntry[] {
  const entries: LogEntry[] = [];
  for (let i = 0; i < count; i++) {
    const { now } = look(entries, i * 120);
    if (now) entries.push(written(now.coat, `e${i}`, i, i * 120));
  }
  return entries;
}

test('the first step is large: its line, its drops, and the surface before and after it', () => {
  const { state, now, recipeNames } = look();
  expect(now?.task.models.length).toBeGreaterThan(0);
  expect(now?.step.drops.pots.length).toBeGreaterThan(0);
  expect(now?.step.after).not.toEqual(now?.step.now);
  expect(recipeNames.coat).toBe('Recipe of coat');
  expect(state.coatsDone).toBe(0);
});

test('painted to the end there is nothing left, and every coat is counted', () => {
  const { state } = look();
  const entries = painted(state.coatsLeft);
  const end = look(entries, 100_000);
  expect(end.now).toBeNull();
  expect(end.state).toMatchObject({ coatsLeft: 0, coatsDone: state.coatsLeft });
});

test('a recipe edited elsewhere in the same tab is painted as it is now', () => {
  const before = look().now!.task;
  const recipe = [coat, skin].find(({ id }) => id === before.recipeId)!;
  const written = recipe.steps.find(({ id }) => id === before.stepId)!;
  const edited = {
    ...recipe,
    steps: recipe.steps.map((step) => (step === written ? { ...step, coats: 7 } : step)),
  };
  setLedgerData([{ part: 'recipes', put: [keptOf(edited, 2)], gone: [], isWhole: false }]);
  expect(before.coats).toBe(written.coats);
  expect(look().now?.task).toMatchObject({ stepId: written.id, coats: 7 });
});

test('the painter’s own film is the one the log says now', () => {
  expect(look().own.film).toBe(1);
  const learned: LogEntry = {
    kind: 'learned',
    id: 'film',
    benchId: bench.id,
    at: new Date(at).toISOString(),
    order: 0,
    what: 'film',
    factor: 1.3,
    readings: 9,
    before: 4,
    after: 2,
  };
  setLedgerData([{ part: 'log', put: [learned], gone: [], isWhole: false }]);
  expect(look().own.film).toBe(1.3);
});

test('pots nearest to those of a mix are at hand and nearest first', () => {
  const others = benchWork.otherPots(['umber'], 3);
  expect(others).toHaveLength(3);
  expect(others.map(({ potId }) => potId)).not.toContain('umber');
  const far = others.map(({ difference }) => difference);
  expect(far).toEqual([...far].sort((one, other) => one - other));
});

test('a mishap on what is really on the figure is mended, the best of each kind once', () => {
  const entries = painted(3);
  const { now } = look(entries, 400);
  const { unitId, surfaceId, recipeId, version, stepId } = now?.task ?? {
    ...({} as CoatEntry['where']),
    recipeId: '',
    version: null,
    stepId: '',
  };
  const rescued = rescueWork.mends({
    bench,
    army: levy,
    entries,
    unitId,
    surfaceId,
    model: 1,
    recipeId,
    version,
    stepId,
    place: { from: 0.4, to: 0.7 },
    what: 'spilled',
    degree: 'clear',
    potId: 'tallow',
    minutesAgo: null,
    wet: [],
  });
  const kinds = rescued.mends.map(({ kind }) => kind);
  expect(kinds).toContain('leave');
  expect(rescued.mends[0].error).toBeLessThanOrEqual(rescued.error);
  expect(rescued.stepId).toBe(stepId);
});

test('what was done on a model is told, and makes a bench for one more like it', () => {
  const entries = painted(6).map((entry) =>
    entry.kind === 'coat' && entry.line === 1
      ? {
          ...entry,
          brushed: { ...entry.brushed, waterParts: 2 },
          differs: ['more thinner' as const],
        }
      : entry,
  );
  takeLedger([coat, skin], {}, { armies: [levy], benches: [bench], log: entries });
  const unit = levy.units[0];
  const shown = logWork.modelShown(levy.id, unit.id, 1);
  const painted1 = shown?.surfaces.filter(({ done }) => done !== null) ?? [];
  expect(painted1.length).toBeGreaterThan(0);
  expect(painted1[0].lines[0].differs).toEqual(['more thinner']);
  let made = 0;
  const like = oneMoreLike(
    unit,
    1,
    shown?.surfaces ?? [],
    bench,
    bench.startedAt,
    () => `n${made++}`,
  );
  expect(benchSchema.parse(like).loose?.unit.models).toBe(1);
  expect(like.loose?.recipes[0].steps[0].mix.waterParts).toBe(2);
  const overview = logWork.logOverview();
  expect(overview.entries).toBe(standing(entries).length);
  expect(overview.sessions.length).toBeGreaterThan(1);
  expect(logWork.logCsv().split('\r\n')).toHaveLength(entries.length + 1);
  expect(logWork.modelShown(levy.id, unit.id, 9999)).toBeNull();
});

describe('what lies below', () => {
  const glaze = recipe('glaze', [line('tint', 'tallow', { technique: 'placedGlaze', coats: 1 })]);
  const sooty = recipe('sooty', [line('first', 'coot')]);
  const over = { id: 'dust', name: 'Dust', recipe: { recipeId: 'glaze', version: null } };
  const army = levyWith({ overs: [{ ...over, surfaces: 'all' }] });
  const view = (entries: LogEntry[], of = army, minute = 6000) =>
    benchWork.benchView({ bench, army: of, entries, now: at + minute * 60_000, taskKey: null });
  /** Paints on until the line of some name is next. */
  const paintedTo = (stepId: string, of = army): LogEntry[] => {
    const entries: LogEntry[] = [];
    for (let i = 0; i < 40; i++) {
      const { now } = view(entries, of, i * 120);
      if (!now || now.task.stepId === stepId) break;
      entries.push(written(now.coat, `e${i}`, i, i * 120));
    }
    return entries;
  };
  const hexes = (list: readonly { hex: string }[] | undefined) => list?.map(({ hex }) => hex);
  beforeEach(() =>
    takeLedger([coat, skin, sooty, glaze], {}, { armies: [army], benches: [bench] }),
  );

  test('an over is shown on each surface as it stands, and after the coat', () => {
    const entries = paintedTo('tint');
    const { now } = view(entries);
    expect(now?.task).toMatchObject({ surfaceId: 'dust', stepId: 'tint', models: [1, 2, 3, 4] });
    expect(now?.step.onto.map(({ name }) => name)).toEqual(['Coat', 'Face']);
    const [onCoat, onFace] = now?.step.onto ?? [];
    expect(hexes(onCoat.now)).not.toEqual(hexes(onFace.now));
    for (const each of [onCoat, onFace]) expect(hexes(each.after)).not.toEqual(hexes(each.now));
  });

  test('a surface given another recipe shows its old colour, and no primer', () => {
    const entries = painted(8);
    const repainted = levyWith({
      surfaces: [
        { ...levy.units[0].surfaces[0], recipe: { recipeId: 'sooty', version: null } },
        levy.units[0].surfaces[1],
      ],
    });
    const before = view([], repainted, 0).now;
    const { now } = view(entries, repainted);
    expect(now?.recipe.id).toBe('sooty');
    expect(hexes(now?.step.now)).not.toEqual(hexes(before?.step.now));
  });

  test('a mishap on an over is mended on what it lies on', () => {
    const entries = paintedTo('tint');
    const { now } = view(entries);
    const asked = {
      bench,
      army,
      entries,
      unitId: 'watch',
      surfaceId: 'dust',
      model: 1,
      recipeId: 'glaze',
      version: null,
      stepId: 'tint',
      place: { from: 0.4, to: 0.7 },
      what: 'spilled' as const,
      degree: 'clear' as const,
      potId: 'coot',
      minutesAgo: null,
      wet: [],
    };
    const rescued = rescueWork.mends(asked);
    const middle = Math.floor(rescued.planned.length / 2);
    // The plan is the glaze on the coat, and not on its primer.
    expect(rescued.planned[middle].hex).toBe(now?.step.onto[0].after[middle].hex);
  });

  test('one more like it has what lies over it, as that was painted', () => {
    const entries = [...paintedTo('tint')];
    const next = view(entries).now;
    entries.push(written(next!.coat, 'over', 99, 6100));
    takeLedger([coat, skin, glaze], {}, { armies: [army], benches: [bench], log: entries });
    const shown = logWork.modelShown(army.id, 'watch', 1);
    expect(shown?.surfaces.map(({ surface }) => surface.id)).toEqual(['coat', 'face', 'dust']);
    let made = 0;
    const like = oneMoreLike(
      army.units[0],
      1,
      shown?.surfaces ?? [],
      bench,
      bench.startedAt,
      () => `n${made++}`,
    );
    const read = benchSchema.safeParse(like);
    expect(read.error?.issues).toBeUndefined();
    expect(like.loose?.unit.surfaces).toHaveLength(2);
    expect(like.loose?.unit.overs).toMatchObject([{ id: 'dust', surfaces: 'all' }]);
    expect(like.loose?.recipes).toHaveLength(3);
  });
});
