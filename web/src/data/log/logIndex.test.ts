import { nextOrder, type LogEntry } from '@yellow-ledger/core';
import fc from 'fast-check';
import { entriesOfBench, grownLog, nextOrderOf, withWaiting } from './logIndex';

const benches = ['a', 'b', 'c'];
const tick = (number: number, benchId: string, order: number): LogEntry =>
  ({
    kind: 'strike',
    id: `e${number}`,
    benchId,
    at: '2026-01-01T00:00:00.000Z',
    order,
    of: 'x',
  }) as const;

const anyEntries = fc.array(
  fc
    .tuple(fc.nat(30), fc.constantFrom(...benches), fc.nat(50))
    .map(([number, bench, order]) => tick(number, bench, order)),
  { maxLength: 12 },
);
const once = (entries: readonly LogEntry[]) =>
  entries.filter(({ id }, at) => entries.findIndex((each) => each.id === id) === at);

test('however a log grows, each bench has its entries, the next order is right, and none is twice', () => {
  fc.assert(
    fc.property(fc.array(anyEntries, { maxLength: 6 }), anyEntries, (growths, waiting) => {
      let log: LogEntry[] = [];
      let plain: LogEntry[] = [];
      for (const more of growths) {
        log = grownLog(log, once(more));
        plain = once([...plain, ...more]);
      }
      const all = withWaiting(log, once(waiting));
      plain = once([...plain, ...waiting]);
      expect(all).toEqual(plain);
      expect(nextOrderOf(all)).toBe(nextOrder(plain));
      for (const bench of benches)
        expect(entriesOfBench(all, bench)).toEqual(
          plain.filter(({ benchId }) => benchId === bench),
        );
    }),
  );
});

test('a log that was left behind by a newer one is still told rightly', () => {
  const old = grownLog([], [tick(1, 'a', 4)]);
  grownLog(old, [tick(2, 'a', 9)]);
  expect(entriesOfBench(old, 'a')).toHaveLength(1);
  expect(nextOrderOf(old)).toBe(5);
});

test('a bench that got no entry keeps its list as it was', () => {
  const log = grownLog([], [tick(1, 'a', 1), tick(2, 'b', 2)]);
  const before = entriesOfBench(log, 'a');
  const next = grownLog(log, [tick(3, 'b', 3)]);
  expect(entriesOfBench(next, 'a')).toBe(before);
});
