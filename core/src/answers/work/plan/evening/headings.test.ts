import { partsOfShares } from '../../../../written/mix/simplestParts';
import { headingsOf, rowsOf } from './headings';
import type { PlannedRun } from '../plannedWork';

let minute = 0;
const run = (part: Partial<PlannedRun> = {}): PlannedRun => {
  minute += 10;
  return {
    unitId: 'crew',
    surfaceId: 'smock',
    recipeId: 'oilskin',
    stepId: 'base',
    coat: 1,
    wetMl: 0.1,
    painterId: 'wil',
    sessionId: 'thursday',
    mix: 0,
    models: [1, 2, 3],
    mixing: 0,
    changing: 0,
    from: minute * 60_000,
    starts: minute * 60_000,
    to: (minute + 10) * 60_000,
    driesAt: (minute + 20) * 60_000,
    ...part,
  };
};

test('coats on one surface of one unit are one job, and coats of one line one row of it', () => {
  const runs = [
    run(),
    run({ coat: 2 }),
    run({ stepId: 'wash', mix: 1 }),
    run({ surfaceId: 'face', mix: 2 }),
  ];
  const headings = headingsOf(runs);
  expect(headings.map(({ number, runs: own }) => [number, own.length])).toEqual([
    [1, 3],
    [2, 1],
  ]);
  expect(rowsOf(headings[0]).map((row) => row.length)).toEqual([2, 1]);
});

test('one mix over several surfaces is one job; each painter counts from one', () => {
  const runs = [
    run({ mix: 7 }),
    run({ painterId: 'hesper' }),
    run({ surfaceId: 'boots', mix: 7 }),
    run({ surfaceId: 'belt', mix: 7 }),
    run({ surfaceId: 'belt', mix: 8 }),
  ];
  const headings = headingsOf(runs);
  expect(
    headings.map(({ painterId, number, runs: own }) => [painterId, number, own.length]),
  ).toEqual([
    ['wil', 1, 3],
    ['hesper', 1, 1],
    ['wil', 2, 1],
  ]);
});

test.each([
  [
    [0.75, 0.25],
    [3, 1],
  ],
  [
    [1 / 3, 2 / 3],
    [1, 2],
  ],
  [[1], [1]],
  [
    [0.5, 0.25, 0.25],
    [2, 1, 1],
  ],
  [
    [0.617, 0.383],
    [15, 9],
  ],
])('shares of %p are %p parts', (shares, parts) => {
  expect(partsOfShares(shares.map((share) => ({ share }))).map((each) => each.parts)).toEqual(
    parts,
  );
});
