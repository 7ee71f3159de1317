import fc from 'fast-check';
import { pots } from '../../testing/sampleRecipe';
import { asLeft, asMeasured } from './left';

const now = '2026-03-01T18:00:00.000Z';
const measured = { ...pots.brown, volumeMl: 17, measuredAt: '2026-01-01T10:00:00.000Z' };

test('what is left is what was measured less what was used, and never below nothing', () => {
  expect(asLeft({ content: measured, usedMl: 3 }).volumeMl).toBe(14);
  expect(asLeft({ content: measured, usedMl: 30 }).volumeMl).toBe(0);
  expect(asLeft({ content: { ...measured, volumeMl: null }, usedMl: 3 }).volumeMl).toBeNull();
});

test('an edit of something else is no measuring, however much was used meanwhile', () => {
  fc.assert(
    fc.property(fc.double({ min: 0, max: 40, noNaN: true }), (usedMl) => {
      const kept = { content: measured, usedMl };
      const renamed = { ...asLeft(kept), name: 'Another' };
      expect(asMeasured(kept, renamed, now)).toEqual({ ...measured, name: 'Another' });
    }),
  );
});

test('another figure is a new measuring, from now on', () => {
  const kept = { content: measured, usedMl: 3 };
  const edited = { ...asLeft(kept), volumeMl: 10 };
  expect(asMeasured(kept, edited, now)).toEqual({ ...measured, volumeMl: 10, measuredAt: now });
});
