import fc from 'fast-check';
import type { PlannedRun } from '../plannedWork';
import { tableAt } from './tableAt';

const minute = 60_000;
const run = (from: number, more: Partial<PlannedRun> = {}): PlannedRun => ({
  unitId: 'u',
  surfaceId: 's',
  recipeId: 'r',
  stepId: 'base',
  coat: 1,
  wetMl: 0.1,
  painterId: 'wren',
  sessionId: 'monday',
  mix: 0,
  models: [1, 2, 3, 4],
  mixing: 2,
  changing: 0,
  from: from * minute,
  starts: (from + 2) * minute,
  to: (from + 10) * minute,
  driesAt: (from + 20) * minute,
  ...more,
});

test('mixing, the third of four models, waiting and done', () => {
  const runs = [run(0), run(30)];
  const at = (time: number) => tableAt(runs, time * minute).hands[0];
  expect(at(1)).toMatchObject({ doing: 'mixing', through: 0 });
  expect(at(7)).toMatchObject({ doing: 'painting', through: 2 });
  expect(at(20)).toMatchObject({ doing: 'waiting', run: { from: 30 * minute } });
  expect(at(40)).toMatchObject({ doing: 'done', run: null });
});

test('models dry one after another, each as long as the last', () => {
  const { drying } = tableAt([run(0)], 14 * minute);
  // The first was through after 4 minutes and dry after 14.
  expect(drying.map(({ model }) => model)).toEqual([2, 3, 4]);
  expect(drying.map(({ left }) => left)).toEqual(
    [0.2, 0.4, 0.6].map((each) => expect.closeTo(each, 9)),
  );
});

test('at any moment a model is to come, through, or dry, and nothing is left over in the end', () => {
  fc.assert(
    fc.property(fc.double({ min: -5, max: 60, noNaN: true }), (time) => {
      const { hands, drying } = tableAt([run(0), run(12)], time * minute);
      expect(hands).toHaveLength(1);
      for (const { left } of drying) expect(left > 0 && left <= 1).toBe(true);
      expect(time >= 33 ? drying : []).toEqual([]);
    }),
  );
});
