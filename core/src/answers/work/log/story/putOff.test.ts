import fc from 'fast-check';
import type { LogEntry } from '../entry';
import { putOff } from './putOff';

const entry = (
  order: number,
  models: number[],
  isDone = false,
  what = 'lower parts',
  surfaceId = 'cloak',
): LogEntry => ({
  kind: 'later',
  id: `l${order}`,
  benchId: 'evening',
  at: new Date(Date.parse('2026-11-30T18:00:00.000Z') + order * 1000).toISOString(),
  order,
  where: { armyId: null, unitId: 'watch', surfaceId, models },
  recipeId: 'oilskin',
  version: null,
  stepId: 'glow',
  line: 3,
  what,
  isDone,
});
const openIn = (entries: LogEntry[]) =>
  putOff(entries).map(({ what, models }) => `${what} ${models.join()}`);

describe('what was left for later', () => {
  test('stays to be done until it is, model by model', () => {
    const put = [entry(1, [3, 1]), entry(2, [2, 3])];
    expect(openIn(put)).toEqual(['lower parts 1,2,3']);
    expect(openIn([...put, entry(3, [1, 3], true)])).toEqual(['lower parts 2']);
    expect(openIn([...put, entry(3, [1, 2, 3], true)])).toEqual([]);
    expect(openIn([...put, entry(3, [1, 2, 3], true), entry(4, [9])])).toEqual(['lower parts 9']);
  });

  test('is one thing, however it is written, and another on another surface', () => {
    expect(openIn([entry(1, [1]), entry(2, [2], false, ' Lower Parts ')])).toEqual([
      'Lower Parts 1,2',
    ]);
    expect(openIn([entry(1, [1]), entry(2, [1], true, 'lower parts', 'helm')])).toEqual([
      'lower parts 1',
    ]);
  });

  test('is gone with the paint of its surface, and comes back when a strike says so', () => {
    const stripped: LogEntry = {
      kind: 'stripped',
      id: 's',
      benchId: 'evening',
      at: '2026-12-01T18:00:00.000Z',
      order: 5,
      where: { armyId: null, unitId: 'watch', surfaceId: 'cloak', models: [1] },
    };
    expect(openIn([entry(1, [1, 2]), stripped])).toEqual(['lower parts 2']);
    const strike: LogEntry = {
      kind: 'strike',
      id: 'x',
      benchId: 'evening',
      at: stripped.at,
      order: 6,
      of: 's',
    };
    expect(openIn([entry(1, [1, 2]), stripped, strike])).toEqual(['lower parts 1,2']);
  });

  test('is what a plain count of the last word on each model says', () => {
    fc.assert(
      fc.property(
        fc.array(fc.record({ model: fc.integer({ min: 1, max: 4 }), isDone: fc.boolean() })),
        (words) => {
          const last = new Map(words.map(({ model, isDone }) => [model, isDone]));
          const open = [...last].flatMap(([model, isDone]) => (isDone ? [] : [model])).sort();
          const found = putOff(words.map(({ model, isDone }, n) => entry(n, [model], isDone)));
          expect(found.flatMap(({ models }) => models)).toEqual(open);
        },
      ),
    );
  });
});
