import fc from 'fast-check';
import { anyHex } from '../testing/arbitraries';
import { meanHex } from './meanHex';

const pixelsOf = (...hexes: string[]) =>
  new Uint8ClampedArray(
    hexes.flatMap((hex) => [1, 3, 5].map((at) => parseInt(hex.slice(at, at + 2), 16)).concat(255)),
  );

test('a patch of one colour is that colour', () => {
  fc.assert(
    fc.property(anyHex, fc.integer({ min: 1, max: 25 }), (hex, count) => {
      expect(meanHex(pixelsOf(...Array<string>(count).fill(hex)))).toBe(hex);
    }),
  );
});

test('black and white average as light does, lighter than the middle of their figures', () => {
  expect(meanHex(pixelsOf('#000000', '#ffffff'))).toBe('#bcbcbc');
});
