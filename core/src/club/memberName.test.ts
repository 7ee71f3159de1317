import fc from 'fast-check';
import { likeness, memberNameSchema } from './memberName';

test.each([
  ['Wil', 'wil'],
  ['Wil', '  Wil  '],
  ['Wil', 'WIL'],
  ['Wil', 'WiI'],
  ['Wil', 'Wi1'],
  ['Wil', 'W|l'],
  ['Odo', '0d0'],
  ['Odo', 'Оdо'],
  ['Hesper', 'Hеsрer'],
  ['Hesper', 'Hésper'],
  ['Anna Maria', 'Anna-Maria'],
  ['Straße', 'strasse'],
  ['Wil', 'Ｗｉｌ'],
])('%s and %s look alike', (one, other) => {
  expect(likeness(one)).toBe(likeness(other));
});

test.each([
  ['Wil', 'Will'],
  ['Odo', 'Ode'],
  ['Anna', 'Hanna'],
  ['Мария', 'Дария'],
])('%s and %s do not', (one, other) => {
  expect(likeness(one)).not.toBe(likeness(other));
});

test('whatever a name is, its likeness is its own likeness, and as it is shown it stays', () => {
  fc.assert(
    fc.property(fc.string({ unit: 'grapheme', maxLength: 50 }), (typed) => {
      expect(likeness(likeness(typed))).toBe(likeness(typed));
      const shown = memberNameSchema.safeParse(typed);
      if (!shown.success) return;
      expect(memberNameSchema.parse(shown.data)).toBe(shown.data);
      expect(likeness(shown.data)).toBe(likeness(typed));
    }),
  );
});

test.each([[''], ['   '], ['\u200b'], ['a\u202eb'], ['...'], ['x'.repeat(41)], [7]])(
  '%j is no name',
  (typed) => {
    expect(memberNameSchema.safeParse(typed).success).toBe(false);
  },
);
