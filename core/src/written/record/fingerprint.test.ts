import fc from 'fast-check';
import { fingerprint } from './fingerprint';

const turned = (value: unknown): unknown => {
  if (Array.isArray(value)) return value.map(turned);
  if (typeof value !== 'object' || value === null) return value;
  return Object.fromEntries(
    Object.entries(value)
      .reverse()
      .map(([key, each]) => [key, turned(each)]),
  );
};

test('the order of keys does not matter', () => {
  fc.assert(
    fc.property(fc.jsonValue(), (value) => {
      expect(fingerprint(turned(value))).toBe(fingerprint(value));
      expect(fingerprint(value)).toMatch(/^[0-9a-f]{14}$/);
    }),
  );
});

test('the order of a list, a figure and a missing key do', () => {
  const marks = [{ a: [1, 2] }, { a: [2, 1] }, { a: [1, 3] }, { a: [1, 2], b: null }, {}];
  expect(new Set(marks.map(fingerprint)).size).toBe(marks.length);
});
