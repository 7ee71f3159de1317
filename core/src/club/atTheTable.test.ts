import fc from 'fast-check';
import { alsoPaintedOn, atTheTable } from './atTheTable';
import type { CoatEntry, LogEntry } from '../answers/work/log/entry';

const evening = Date.parse('2026-11-27T18:00:00.000Z');
const coat = (id: string, by: string | undefined, minute: number, models = [1]): CoatEntry => ({
  kind: 'coat',
  id,
  benchId: 'b',
  at: new Date(evening + minute * 60_000).toISOString(),
  order: minute + 1000,
  ...(by !== undefined && { by }),
  where: { armyId: 'levy', unitId: 'watch', surfaceId: 'coat', models },
  recipeId: 'r',
  version: null,
  stepId: 's',
  line: 1,
  stage: 'base',
  technique: 'brushCoat',
  placement: { from: 0, to: 1, fromSoft: 0, toSoft: 0, pull: 'even' } as never,
  recipeName: 'Coat',
  groundPotId: 'grey',
  coat: 1,
  brushed: { pots: [{ potId: 'p', share: 1 }], waterParts: 1, mediumParts: 0 },
  differs: [],
  minutes: 4,
  reckoned: 5,
  dryMinutes: 15,
  areaCm2: 6,
  used: [],
});
const strike = (of: string): LogEntry => ({
  kind: 'strike',
  id: `not ${of}`,
  benchId: 'b',
  at: new Date(evening + 3_600_000).toISOString(),
  order: 9999,
  of,
});

test('everybody stands there once, with what they did last, who painted last in front', () => {
  const entries = [
    coat('e1', 'Wren', 1, [1, 2]),
    coat('e2', 'Sedge', 2),
    coat('e3', 'Wren', 5, [3]),
    coat('e0', 'Marsh', -30),
  ];
  expect(atTheTable(entries, evening)).toMatchObject([
    { by: 'Wren', last: { id: 'e3' }, coats: 3, minutes: 8 },
    { by: 'Sedge', last: { id: 'e2' }, coats: 1 },
  ]);
  expect(atTheTable([...entries, strike('e3')], evening)[0]).toMatchObject({ by: 'Sedge' });
});

test('no coat is lost or counted twice, whoever painted it', () => {
  const entry = fc.record({
    by: fc.constantFrom('Wren', 'Sedge', undefined),
    minute: fc.integer({ min: -60, max: 200 }),
    models: fc.uniqueArray(fc.integer({ min: 1, max: 9 }), { minLength: 1 }),
  });
  fc.assert(
    fc.property(fc.array(entry), (drawn) => {
      const entries = drawn.map(({ by, minute, models }, i) => coat(`e${i}`, by, minute, models));
      const told = atTheTable(entries, evening).reduce((sum, { coats }) => sum + coats, 0);
      const meant = drawn
        .filter(({ minute }) => minute >= 0)
        .reduce((sum, { models }) => sum + models.length, 0);
      expect(told).toBe(meant);
    }),
  );
});

test('who takes up a model another has just painted on is told who, which and when', () => {
  const entries = [
    coat('e1', 'Wren', 1, [1, 2]),
    coat('e2', 'Wren', 9, [2, 3]),
    coat('e3', 'Me', 9, [2]),
    coat('e4', 'Sedge', -90, [2]),
  ];
  const on = { armyId: 'levy', unitId: 'watch', models: [2, 3, 4] };
  expect(alsoPaintedOn(entries, on, 'Me', evening)).toEqual([
    { by: 'Wren', models: [2, 3], at: entries[1].at },
  ]);
  expect(alsoPaintedOn(entries, { ...on, unitId: 'spears' }, 'Me', evening)).toEqual([]);
  expect(alsoPaintedOn([...entries, strike('e1'), strike('e2')], on, 'Me', evening)).toEqual([]);
});
