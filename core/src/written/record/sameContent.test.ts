import fc from 'fast-check';
import { isSameContent } from './sameContent';

test('what is written and read again says the same', () => {
  fc.assert(
    fc.property(fc.jsonValue(), (value) => {
      // Minus nought is written as nought, so it is taken for it first.
      const plain: unknown = JSON.parse(JSON.stringify(value));
      expect(isSameContent(plain, structuredClone(plain))).toBe(true);
    }),
  );
});

test('the order of fields and fields of nothing make no difference', () => {
  expect(isSameContent({ a: 1, b: [2, { c: 3 }] }, { b: [2, { c: 3 }], a: 1, d: undefined })).toBe(
    true,
  );
});

test.each([
  [{ a: 1 }, { a: 2 }],
  [{ a: 1 }, { a: 1, b: null }],
  [
    [1, 2],
    [2, 1],
  ],
  [[], {}],
  [null, {}],
  ['1', 1],
])('%o is not %o', (one, other) => {
  expect(isSameContent(one, other)).toBe(false);
});
