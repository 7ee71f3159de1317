import type { LineTime } from '@yellow-ledger/core';
import { isWorthTelling, timeWords } from './timeWords';

const time: LineTime = {
  on: { holderId: 'levy', unitId: 'watch', surfaceId: 'cloak', model: 2 },
  from: '2026-11-30T18:00:00.000Z',
  to: '2026-11-30T18:20:00.000Z',
  technique: 'placedGlaze',
  coats: 3,
  minutes: 8.4,
  differs: [],
  mishaps: [],
  notes: [],
};
const tooBright: LineTime['mishaps'][number] = {
  what: 'too bright',
  mend: {
    kind: 'filter',
    sentence: 'One filter of umber.',
    errorBefore: 9,
    errorAfter: 2,
    minutes: 5,
  },
};

test('a time is told with what went wrong and what was done', () => {
  expect(timeWords(time)).toBe('3 passes, 8 min');
  expect(timeWords({ ...time, minutes: 0.2, coats: 1 })).toBe('1 pass, under a minute');
  expect(timeWords({ ...time, minutes: null, technique: 'layer' })).toBe('3 coats');
  expect(
    timeWords({ ...time, mishaps: [tooBright], differs: ['more thinner'], notes: ['slowly'] }),
  ).toBe('3 passes, 8 min; too bright, toned with one filter of umber; more thinner; “slowly”');
});

test('it is told before painting where something was not as written, and else not', () => {
  expect(isWorthTelling(time, 3)).toBe(false);
  expect(isWorthTelling(time, 2)).toBe(true);
  // One that is not finished yet tells nothing.
  expect(isWorthTelling(time, 4)).toBe(false);
  for (const part of [
    { mishaps: [tooBright] },
    { differs: ['other pot' as const] },
    { notes: ['x'] },
  ])
    expect(isWorthTelling({ ...time, ...part }, 3)).toBe(true);
});
