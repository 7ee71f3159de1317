import fc from 'fast-check';
import { reflectanceFromHex } from '../../light/colour/reflectanceFromHex';
import { surfaceColour } from '../../light/colour/surfaceColour';
import { filmOver } from '../../light/optics/filmOver';
import { masstoneOf } from '../../light/optics/masstone';
import { flattenMix } from '../../written/recipe/flattenMix';
import { runs } from '../../testing/longTests';
import { mixOf, shelf } from '../../testing/sampleRecipe';
import {
  coatsToCover,
  coveredWithin,
  coveredWithinOf,
  groundShowing,
  mostCoatsTried,
} from './coatsToCover';
import { groundOf, mixedPaint, potOn, shelfOf } from './mixedPaint';

describe('coats to cover', () => {
  const paintOf = (id: string) => mixedPaint(flattenMix(mixOf({ [id]: 1 }), []), shelf);
  const over = (id: string) => groundOf(potOn(shelf, id));

  test('what is missing only shrinks from coat to coat, and ends within the threshold', () => {
    const { coats, missingAfter } = coatsToCover(paintOf('yellow'), over('black'), 0.5);
    expect([...missingAfter].sort((a, b) => b - a)).toEqual(missingAfter);
    expect(coats).not.toBeNull();
    expect(missingAfter[(coats ?? 0) - 1]).toBeLessThanOrEqual(coveredWithin);
    expect(missingAfter[(coats ?? 0) - 2]).toBeGreaterThan(coveredWithin);
  });

  test('what covers after so many coats covers after every coat more', () => {
    const colour = fc
      .integer({ min: 0, max: 0xffffff })
      .map((each) => `#${each.toString(16).padStart(6, '0')}`);
    fc.assert(
      fc.property(
        colour,
        colour,
        fc.double({ min: 0.1, max: 1, noNaN: true }),
        (swatch, below, hiding) => {
          const pot = { ...potOn(shelf, 'yellow'), id: 'any', swatch, hiding };
          const paint = mixedPaint(flattenMix(mixOf({ any: 1 }), []), shelfOf([pot]));
          const ground = reflectanceFromHex(below);
          const { coats, missingAfter } = coatsToCover(paint, ground, 0.7);
          const target = surfaceColour(masstoneOf(paint));
          const limit = coveredWithinOf(target.value);
          if (coats === null) expect(missingAfter.at(-1)).toBeGreaterThan(limit);
          else
            for (let more = coats; more <= mostCoatsTried; more++) {
              const surface = surfaceColour(filmOver(ground, paint, 0.7 * more));
              expect(groundShowing(surface, target)).toBeLessThanOrEqual(limit);
            }
        },
      ),
      { numRuns: runs(200) },
    );
  });

  test('a paint over its own colour covers at once', () => {
    expect(coatsToCover(paintOf('brown'), over('brown'), 1).coats).toBe(1);
  });

  test('a tint never covers, and it is said so rather than a number made up', () => {
    const { coats, missingAfter } = coatsToCover(paintOf('wash'), over('white'), 0.1);
    expect(coats).toBeNull();
    expect(missingAfter).toHaveLength(20);
  });

  test('half the load takes about twice the coats', () => {
    const neat = coatsToCover(paintOf('white'), over('black'), 1).coats!;
    const half = coatsToCover(paintOf('white'), over('black'), 0.5).coats!;
    expect(half).toBeGreaterThanOrEqual(2 * neat - 1);
    expect(half).toBeLessThanOrEqual(2 * neat);
  });

  test('a coat of nothing is refused', () => {
    expect(() => coatsToCover(paintOf('white'), over('black'), 0)).toThrow(RangeError);
  });
});
