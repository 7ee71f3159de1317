import type { CoatEntry, LogEntry } from '@yellow-ledger/core';
import { coat, levy, pots, skin } from '../../testing/levy';
import { takeLedger, takeShelf } from '../../testing/inHand';
import { armyWork } from '../army/armyWork';
import { logWork } from './logWork';

const unit = levy.units[0];
const surface = unit.surfaces.find(({ recipe }) => recipe?.recipeId === 'coat') ?? unit.surfaces[0];
const start = Date.parse('2026-03-01T18:00:00.000Z');

const painted = (number: number, part: Partial<CoatEntry> = {}): CoatEntry => ({
  kind: 'coat',
  id: `c${number}`,
  benchId: 'evening',
  at: new Date(start + number * 600_000).toISOString(),
  order: number,
  where: { armyId: levy.id, unitId: unit.id, surfaceId: surface.id, models: [1] },
  recipeId: coat.id,
  recipeName: coat.name,
  groundPotId: coat.groundPotId,
  version: null,
  stepId: coat.steps[0].id,
  line: 1,
  stage: 'base',
  technique: 'brushCoat',
  placement: coat.steps[0].placement,
  coat: number + 1,
  brushed: { pots: [{ potId: 'umber', share: 1 }], waterParts: 0, mediumParts: 0 },
  differs: [],
  minutes: 3,
  reckoned: 2,
  dryMinutes: 10,
  areaCm2: 10,
  used: [{ potId: 'umber', ml: 0.1 }],
  ...part,
});
const tick = (id: string, order: number, models: number[], isTicked = true): LogEntry => ({
  kind: 'tick',
  id,
  benchId: 'evening',
  at: new Date(start + order * 600_000).toISOString(),
  order,
  armyId: levy.id,
  unitId: unit.id,
  partId: 'buckles',
  models,
  isTicked,
});

/** A worker that knows a ledger with this log. */
function workWith(log: readonly LogEntry[], recipes = [coat, skin]) {
  takeShelf(pots);
  takeLedger(recipes, {}, { armies: [levy], log });
  return { log: logWork, army: armyWork };
}

test('an empty log has no sittings and nothing learned', () => {
  const { log } = workWith([]);
  expect(log.logOverview()).toMatchObject({ sessions: [], entries: 0 });
  const { learned, handsOn } = log.logFigures();
  expect(learned).toMatchObject({ drying: null, paint: null, film: 1, handsOn: [] });
  expect(handsOn).toEqual([]);
});

test('progress tells the models that are in hand, army by army', () => {
  const { log } = workWith([painted(0)]);
  const [state] = log.logProgress().armies;
  expect(state).toMatchObject({ armyId: levy.id, name: levy.name });
  expect(state.units[0]).toMatchObject({ inHand: [1], done: [], coatsDone: 1 });
  expect(state.lastCoats.map(({ id }) => id)).toEqual(['c0']);
});

test('from three coats on the hand’s own minutes are used, by technique and size', () => {
  const coats = Array.from({ length: 8 }, (_, i) => painted(i));
  const { log } = workWith(coats);
  const { learned, handsOn } = log.logFigures();
  expect(learned.own.handsOn.brushCoat).toBeCloseTo(1.5 ** (8 / 11), 9);
  expect(handsOn).toEqual([
    expect.objectContaining({
      size: unit.size,
      minutesPerModel: 3,
      reckonedPerModel: 2,
      models: 8,
    }),
  ]);
});

test('parts ticked off at the bench are told by model, and a later word undoes an earlier one', () => {
  const { log } = workWith([tick('a', 0, [1, 2, 3]), tick('b', 1, [2], false)]);
  expect(log.partsTicked(levy)).toEqual({ [`${unit.id} buckles`]: [1, 3] });
  expect(log.partsTicked({ ...levy, id: 'another' })).toEqual({});
});

test('what only the log still knows can be told: a recipe that was deleted', () => {
  const { log } = workWith([painted(0), painted(1)], [skin]);
  const shown = log.modelShown(levy.id, unit.id, 1);
  const told = shown?.surfaces.find((each) => each.surface.id === surface.id);
  expect(told?.written).toBeNull();
  expect(told?.done?.name).toBe(coat.name);
  expect(told?.lines[0].step.coats).toBe(2);
});

test('the paint of an army tells what was taken of it, and the own figure it goes by', () => {
  const mixes = Array.from({ length: 8 }, (_, i): LogEntry[] => [
    painted(2 * i, { id: `p${i}`, benchId: `b${i}` }),
    {
      kind: 'mixed',
      id: `m${i}`,
      benchId: `b${i}`,
      at: new Date(start + i * 600_000).toISOString(),
      order: 2 * i + 1,
      recipeId: coat.id,
      stepId: coat.steps[0].id,
      line: 1,
      brushed: painted(0).brushed,
      ml: 0.13,
      differs: [],
    },
  ]).flat();
  const { army } = workWith(mixes);
  const { needed, own } = army.armyPaint(levy);
  expect(own?.factor).toBeCloseTo(1.3, 9);
  expect(own?.from).toMatchObject({ records: 8, isUsed: true });
  const umber = needed.pots.find(({ potId }) => potId === 'umber');
  expect(umber?.takenMl).toBeCloseTo(Math.min(umber?.ml ?? 0, 0.8), 9);
});
