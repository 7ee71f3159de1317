import fc from 'fast-check';
import { anyHex } from '../../testing/arbitraries';
import { colourDifference } from './colourDifference';
import { colourOfHex } from './colourOfHex';

/**
 * Worked pairs published to check implementations of CIEDE2000: G. Sharma, W. Wu, E. N. Dalal,
 * Color Research & Application 30 (2005) 21, table 1.
 */
test.each([
  [[50, 2.6772, -79.7751], [50, 0, -82.7485], 2.0425],
  [[50, -1.3802, -84.2814], [50, 0, -82.7485], 1.0],
  [[50, 2.5, 0], [50, 0, -2.5], 4.3065],
  [[50, 2.5, 0], [73, 25, -18], 27.1492],
  [[2.0776, 0.0795, -1.135], [0.9033, -0.0636, -0.5514], 0.9082],
])('%j and %j differ by %p', ([value, a, b], [otherValue, otherA, otherB], difference) => {
  expect(
    colourDifference({ value, a, b }, { value: otherValue, a: otherA, b: otherB }),
  ).toBeCloseTo(difference, 3);
});

test('a colour does not differ from itself, and two differ both ways alike', () => {
  fc.assert(
    fc.property(anyHex, anyHex, (one, other) => {
      const [a, b] = [colourOfHex(one), colourOfHex(other)];
      expect(colourDifference(a, a)).toBe(0);
      expect(colourDifference(a, b)).toBeCloseTo(colourDifference(b, a), 9);
    }),
  );
});
