import { eveningsOn, sessionsOf } from './rhythm';

const tuesday = new Date(2026, 11, 1, 12);
const rhythm = { weekdays: [2, 4], at: '19:00', minutes: 150, until: '2026-12-17' };

test('evenings of a rhythm fall on its days at its time, the last day counted in', () => {
  const made = sessionsOf(rhythm, tuesday, []);
  expect(made.map(({ startsAt }) => new Date(startsAt).getDate())).toEqual([1, 3, 8, 10, 15, 17]);
  expect(made.every(({ startsAt }) => new Date(startsAt).getHours() === 19)).toBe(true);
});

test('an evening that is there is not put in twice, nor one that is over', () => {
  const there = sessionsOf(rhythm, tuesday, []).slice(1, 2);
  expect(sessionsOf(rhythm, tuesday, there)).toHaveLength(5);
  expect(sessionsOf(rhythm, new Date(2026, 11, 1, 20), [])).toHaveLength(5);
  expect(sessionsOf({ ...rhythm, until: '2026-11-01' }, tuesday, [])).toEqual([]);
  expect(sessionsOf({ ...rhythm, until: 'soon' }, tuesday, [])).toEqual([]);
  expect(sessionsOf({ ...rhythm, at: '' }, tuesday, [])).toEqual([]);
});

test('a plan goes on week after week as its last week went, whatever the clocks did', () => {
  const there = sessionsOf(rhythm, tuesday, []);
  const on = eveningsOn(there, 5).map(({ startsAt }) => new Date(startsAt));
  expect(on.map((day) => day.getDate())).toEqual([22, 24, 29, 31, 5]);
  expect(on.every((day) => day.getHours() === 19)).toBe(true);
  expect(eveningsOn([], 5)).toEqual([]);
});
