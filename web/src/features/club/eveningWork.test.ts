import { paintedCoat, type Bench, type LogEntry } from '@yellow-ledger/core';
import { coat, levy, pots, skin } from '../../testing/levy';
import { takeLedger, takeShelf } from '../../testing/inHand';
import { eveningWork } from './eveningWork';

const at = Date.parse('2026-11-27T19:00:00.000Z');
const bench = (id: string, over: Partial<Bench> = {}): Bench => ({
  id,
  name: id,
  startedAt: new Date(at).toISOString(),
  isCleared: false,
  armyId: levy.id,
  models: [],
  room: 'usual',
  keeping: 'damp',
  hairDryer: false,
  ...over,
});
const [watch] = levy.units;
const [cloth] = watch.surfaces;

const painted = (id: string, by: string, benchId: string, minute: number): LogEntry => ({
  ...paintedCoat(
    {
      bench: bench(benchId),
      unit: watch,
      surface: cloth,
      recipe: coat,
      version: null,
      models: [1],
    },
    coat.steps[0],
    1,
    { id, at: new Date(at + minute * 60_000).toISOString(), order: minute, by },
    null,
    [],
  ),
});
const mixed = (id: string, by: string, benchId: string): LogEntry => ({
  kind: 'mixed',
  id,
  benchId,
  at: new Date(at).toISOString(),
  order: 1,
  by,
  recipeId: coat.id,
  stepId: coat.steps[0].id,
  line: 1,
  brushed: { pots: [{ potId: pots[0].id, share: 1 }], waterParts: 1, mediumParts: 0 },
  ml: 2,
  differs: [],
});
const look = (benches: Bench[], log: LogEntry[], minute = 5) => {
  takeShelf(pots);
  takeLedger([coat, skin], {}, { armies: [levy], benches, log });
  return eveningWork.evening(at, at + minute * 60_000);
};

test('two benches of one army are one table: what stands on both is counted once', () => {
  const one = look([bench('a')], []);
  const two = look([bench('a'), bench('b')], []);
  expect(one.coatsLeft).toBeGreaterThan(0);
  expect(two).toMatchObject({ coatsLeft: one.coatsLeft, coatsDone: 0 });
  expect(look([bench('a', { isCleared: true })], []).coatsLeft).toBe(0);
});

test('what one has painted dries on the board, and is free to nobody until then', () => {
  const evening = look([bench('a'), bench('b')], [painted('e1', 'Wren', 'b', 0)], 1);
  expect(evening.painters).toMatchObject([
    { by: 'Wren', unitName: watch.name, surfaceName: cloth.name, coats: 1 },
  ]);
  expect(evening.drying).toMatchObject([{ surfaceName: cloth.name, models: [1] }]);
  expect(evening.coatsDone).toBe(1);
});

test('a mix is whose table it stands on, as long as it can be used', () => {
  const log = [mixed('m1', 'Wren', 'a'), mixed('m2', 'Sedge', 'b')];
  expect(
    look([bench('a'), bench('b')], log)
      .mixes.map(({ by }) => by)
      .sort(),
  ).toEqual(['Sedge', 'Wren']);
  expect(look([bench('a'), bench('b')], log, 60 * 24 * 30).mixes).toEqual([]);
});
