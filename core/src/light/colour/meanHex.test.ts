import fc from 'fast-check';
import { anyHex } from '../../testing/arbitraries';
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

test('transparent pixels change nothing, whatever colour they have underneath', () => {
  const opaque = pixelsOf('#d99a1f', '#5b4128');
  const clear = pixelsOf('#000000', '#ffffff').map((value, at) => (at % 4 === 3 ? 0 : value));
  expect(meanHex(new Uint8ClampedArray([...opaque, ...clear]))).toBe(meanHex(opaque));
});

test('a half transparent pixel counts half', () => {
  const half = pixelsOf('#ffffff').map((value, at) => (at % 4 === 3 ? 128 : value));
  const mixed = meanHex(new Uint8ClampedArray([...pixelsOf('#000000'), ...half]));
  // One third of the light.
  expect(mixed).toBe('#9c9c9c');
});

test('where nothing counts the mean is black', () => {
  expect(meanHex(new Uint8ClampedArray())).toBe('#000000');
  expect(meanHex(new Uint8ClampedArray([255, 255, 255, 0]))).toBe('#000000');
});
