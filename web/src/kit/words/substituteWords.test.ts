import type { Substitute } from '@yellow-ledger/core';
import { nearnessWords, standInWords } from './substituteWords';

const near = (error: number, hidingError: number) =>
  nearnessWords({ error, hidingError } as Substitute);

test('a stand-in is said by its pots and parts', () => {
  const parts = [
    { potId: 'umber', parts: 3 },
    { potId: 'peat', parts: 1 },
  ] as Substitute['parts'];
  expect(standInWords(parts, (potId) => potId.toUpperCase())).toBe('3 UMBER + 1 PEAT');
});

test.each([
  [0.2, /hides more$/],
  [-0.2, /hides less$/],
  [0.05, /hides more$/],
  [-0.05, /hides less$/],
])('one whose hiding is off by %d says so', (hidingError, words) => {
  expect(near(1, hidingError)).toMatch(words);
});

test('one that hides as well says only how near its colour comes', () => {
  expect(near(1, 0.04)).not.toMatch(/hides/);
  expect(near(1, 0)).not.toBe(near(12, 0));
});
