import fc from 'fast-check';
import { colourOfHex } from './colourOfHex';
import { shiftedHex } from './shiftedHex';

const still = { value: 0, a: 0, b: 0 };

test('a colour goes where it is moved, on each axis', () => {
  fc.assert(
    fc.property(
      fc.integer({ min: -8, max: 8 }),
      fc.integer({ min: -8, max: 8 }),
      fc.integer({ min: -12, max: 12 }),
      (a, b, value) => {
        const from = colourOfHex('#8a7a6c');
        const to = colourOfHex(shiftedHex('#8a7a6c', { value, a, b }));
        expect(Math.abs(to.value - from.value - value)).toBeLessThan(0.5);
        expect(Math.abs(to.a - from.a - a)).toBeLessThan(0.7);
        expect(Math.abs(to.b - from.b - b)).toBeLessThan(0.7);
      },
    ),
  );
});

test('it stays between nearly black and nearly white', () => {
  const value = (by: number) => colourOfHex(shiftedHex('#808080', { ...still, value: by })).value;
  expect(value(200)).toBeCloseTo(97, 0);
  expect(value(-200)).toBeCloseTo(8, 0);
  expect(shiftedHex('#808080', still)).toBe('#808080');
});
