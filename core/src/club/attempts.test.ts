import fc from 'fast-check';
import { isForgotten, waitBefore, withWrong, type Attempts } from './attempts';

const day = 24 * 3_600_000;
const wrongTimes = (times: readonly number[]) =>
  times.reduce<Attempts | undefined>((attempts, at) => withWrong(attempts, at), undefined);

test('five wrong answers are free, each after that doubles the wait, to a quarter of an hour', () => {
  const waits = [1, 4, 5, 6, 7, 12, 40].map((wrong) => waitBefore({ wrong, lastAt: 0 }, 0) / 1000);
  expect(waits).toEqual([0, 0, 30, 60, 120, 900, 900]);
});

test('after a day without a wrong answer everything is as at first', () => {
  const attempts = wrongTimes([0, 1, 2, 3, 4, 5, 6, 7]);
  expect(waitBefore(attempts, 8)).toBeGreaterThan(0);
  expect(waitBefore(attempts, 7 + day)).toBe(0);
  expect(isForgotten(attempts!, 7 + day)).toBe(true);
  expect(withWrong(attempts, 7 + day).wrong).toBe(1);
});

test('however it is tried, nobody gets more than 110 answers in a day', () => {
  const gaps = fc.array(fc.integer({ min: 0, max: 3_600_000 }), { maxLength: 400 });
  fc.assert(
    fc.property(gaps, (waited) => {
      let attempts: Attempts | undefined;
      let now = 0;
      let answered = 0;
      for (const gap of waited) {
        now += gap;
        if (now > day) break;
        if (waitBefore(attempts, now) > 0) continue;
        answered++;
        attempts = withWrong(attempts, now);
      }
      expect(answered).toBeLessThanOrEqual(110);
    }),
  );
});
