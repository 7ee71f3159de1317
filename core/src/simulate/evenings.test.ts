import fc from 'fast-check';
import { eveningsOf } from './evenings';
import type { PastPainter } from './past';
import { runs } from '../testing/longTests';

const painter = (evenings: PastPainter['evenings']) => ({ evenings }) as PastPainter;
const now = new Date(2026, 10, 30, 12).getTime();

test('evenings lie on their days of the week, begin at their hour, and are over by now', () => {
  const anyEvening = fc.record({
    day: fc.integer({ min: 0, max: 6 }),
    hour: fc.integer({ min: 0, max: 22 }),
    minutes: fc.integer({ min: 20, max: 300 }),
  });
  fc.assert(
    fc.property(
      fc.array(anyEvening, { minLength: 1, maxLength: 3 }),
      fc.integer({ min: 1, max: 30 }),
      (evenings, weeks) => {
        const found = eveningsOf(painter(evenings), weeks, now);
        for (const { from, to } of found) {
          const began = new Date(from);
          expect(
            evenings.some(
              ({ day, hour, minutes }) =>
                began.getDay() === day &&
                began.getHours() === hour &&
                to - from === minutes * 60_000,
            ),
          ).toBe(true);
          expect(to).toBeLessThanOrEqual(now);
        }
        expect([...found].sort((one, other) => one.from - other.from)).toEqual(found);
      },
    ),
    { numRuns: runs(40) },
  );
});

test('a weekly evening comes once a week', () => {
  for (const weeks of [1, 4, 8]) {
    const found = eveningsOf(painter([{ day: 2, hour: 19, minutes: 120 }]), weeks, now);
    expect(found).toHaveLength(weeks);
  }
});

test('who never paints has no evening', () => {
  expect(eveningsOf(painter([]), 8, now)).toEqual([]);
});
