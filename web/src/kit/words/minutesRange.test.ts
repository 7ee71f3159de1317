import { minutesRange } from './minutesRange';

test.each([
  [40, false, '30–55 min'],
  [3, false, '2–4 min'],
  [100, false, '1¼–2½ h'],
  [300, false, '4–7 h'],
  [40, true, '35–50 min'],
  [0, false, '0 min'],
])('%s minutes, own pace %s: %s', (minutes, isOwn, words) => {
  expect(minutesRange(minutes, isOwn)).toBe(words);
});
