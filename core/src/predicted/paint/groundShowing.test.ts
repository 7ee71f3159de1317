import fc from 'fast-check';
import { colourDifference } from '../../light/colour/colourDifference';
import { colourOfHex } from '../../light/colour/colourOfHex';
import { anyHex } from '../../testing/arbitraries';
import { groundShowing } from './coatsToCover';

const target = colourOfHex('#d9a21b');
const surface = (value: number, chroma: number) => {
  const hue = (target.hue * Math.PI) / 180;
  return {
    ...target,
    value,
    chroma,
    a: chroma * Math.cos(hue),
    b: chroma * Math.sin(hue),
  };
};

test('nothing shows where the paint has its own colour', () => {
  fc.assert(fc.property(anyHex, (hex) => groundShowing(colourOfHex(hex), colourOfHex(hex)) < 1e-9));
});

test('too dark and too dull count in full', () => {
  const bare = surface(target.value - 12, target.chroma - 20);
  expect(groundShowing(bare, target)).toBeCloseTo(colourDifference(bare, target), 9);
});

test('too light and too strong count for less', () => {
  const glowing = surface(target.value + 9, target.chroma + 12);
  const plain = colourDifference(glowing, target);
  expect(groundShowing(glowing, target)).toBeLessThan(plain / 2);
  expect(groundShowing(glowing, target)).toBeGreaterThan(plain / 5);
});

test('a grey ground has no hue to keep, and is still counted', () => {
  const grey = { ...target, a: 0, b: 0, chroma: 0 };
  expect(groundShowing(grey, target)).toBeGreaterThan(20);
});
