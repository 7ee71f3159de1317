import { agoWords, dayWords, sessionsAfter } from './momentWords';

const now = new Date(2026, 11, 2, 20, 0);
const at = (day: number, hour: number, minute = 0) => new Date(2026, 11, day, hour, minute);

test('moments are told as a painter would', () => {
  expect(dayWords(at(2, 19), now)).toBe('Today');
  expect(dayWords(at(1, 23), now)).toBe('Yesterday');
  expect(dayWords(new Date(2026, 10, 29), now)).toBe('Sunday, 29 Nov 2026');
  expect(agoWords(at(2, 19, 50), now)).toBe('10 minutes ago');
  expect(agoWords(at(2, 19, 59), now)).toBe('1 minute ago');
  expect(agoWords(at(2, 20), now)).toBe('just now');
  expect(agoWords(at(2, 17, 10), now)).toBe('about 3 hours ago');
  expect(agoWords(at(1, 23), now)).toBe('');
  // A clock that was set back says nothing wrong.
  expect(agoWords(at(2, 21), now)).toBe('');
});

test('each session stands over the state that was there before it, and over no other', () => {
  const until = (hour: number) => ({ until: at(1, hour).toISOString() });
  const moments = [until(22), until(18), until(9)];
  const sessions = [23, 20, 18, 12, 8].map((hour) => ({ from: at(1, hour).getTime() }));
  const hoursAt = (index: number) =>
    sessionsAfter(moments, index, sessions).map(({ from }) => new Date(from).getHours());
  expect([0, 1, 2].map(hoursAt)).toEqual([[23], [20, 18], [12]]);
});
