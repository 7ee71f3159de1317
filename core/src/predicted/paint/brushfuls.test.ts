import fc from 'fast-check';
import { potWith, mixOf } from '../../testing/sampleRecipe';
import { brushfulsOf, partsFromBrushfuls } from './brushfuls';
import { shelfOf } from './mixedPaint';
import { thinningHabit, withThinningHabit } from './thinningHabit';

const shelf = shelfOf([
  potWith({ id: 'thick', brushfulDrops: 4 }),
  potWith({ id: 'thin', brushfulDrops: 2 }),
  potWith({ id: 'uncounted' }),
]);
const figures = (parts: { parts: number }[] | null) => parts?.map((each) => each.parts);

test('a brushful of four drops and one of two are two parts to one', () => {
  expect(figures(partsFromBrushfuls(mixOf({ thick: 1, thin: 1 }), shelf))).toEqual([2, 1]);
  expect(figures(brushfulsOf(mixOf({ thick: 2, thin: 1 }), shelf))).toEqual([1, 1]);
});

test('there and back is the same ratio', () => {
  const parts = fc.integer({ min: 1, max: 9 });
  fc.assert(
    fc.property(parts, parts, (thick, thin) => {
      const mixed = partsFromBrushfuls(mixOf({ thick, thin }), shelf)!;
      const [one, other] = brushfulsOf({ parts: mixed }, shelf)!;
      expect(one.parts / other.parts).toBeCloseTo(thick / thin, 1);
    }),
  );
});

test('of a pot whose brushful nobody has counted nothing is said', () => {
  expect(partsFromBrushfuls(mixOf({ thick: 1, uncounted: 1 }), shelf)).toBeNull();
});

test('a pot has one thinning habit for coats and another for glazes', () => {
  const pot = potWith({ id: 'red', usualThinner: { waterParts: 1, mediumParts: 0 } });
  const glaze = { technique: 'placedGlaze' as const };
  const coat = { technique: 'layer' as const };
  expect(thinningHabit(pot, glaze)).toBeUndefined();
  const both = withThinningHabit(pot, glaze, { waterParts: 0, mediumParts: 6 });
  expect(thinningHabit(both, glaze)).toEqual({ waterParts: 0, mediumParts: 6 });
  expect(thinningHabit(both, coat)).toEqual({ waterParts: 1, mediumParts: 0 });
});
