import fc from 'fast-check';
import { anyHex } from '../../testing/arbitraries';
import { colourDifference } from './colourDifference';
import { colourOfHex } from './colourOfHex';
import { readHex } from './hex';
import { hexOfHueStrengthBrightness, hueStrengthBrightnessOf } from './hueStrengthBrightness';
import { reflectanceFromHex } from './reflectanceFromHex';
import { reflectanceToXyz } from './reflectanceToXyz';
import { solveLinear } from './solveLinear';
import { flatSpectrum } from './spectrum';
import { surfaceColour } from './surfaceColour';
import { runs } from '../../testing/longTests';

const roundTripError = (hex: string) =>
  colourDifference(surfaceColour(reflectanceFromHex(hex)), colourOfHex(hex));

describe('swatch to reflectance', () => {
  test('1,000 random sRGB colours come back within 0.1 ΔE00', () => {
    fc.assert(
      fc.property(anyHex, (hex) => roundTripError(hex) <= 0.1),
      { numRuns: runs(1000) },
    );
  });

  test('the corners of the sRGB cube, which are clamped, come back within 0.1 ΔE00 too', () => {
    for (const r of ['00', '01', 'ff'])
      for (const g of ['00', '01', 'ff'])
        for (const b of ['00', '01', 'ff'])
          expect(roundTripError(`#${r}${g}${b}`)).toBeLessThanOrEqual(0.1);
  });

  test('every band reflects more than nothing and less than everything', () => {
    fc.assert(
      fc.property(anyHex, (hex) => reflectanceFromHex(hex).every((r) => r > 0 && r < 1)),
      { numRuns: runs(200) },
    );
  });

  test('a grey swatch has a flat curve', () => {
    const curve = reflectanceFromHex('#777777');
    expect(Math.max(...curve) - Math.min(...curve)).toBeLessThan(1e-6);
  });

  test('what is no colour is refused by name', () => {
    expect(() => reflectanceFromHex('mud')).toThrow('mud is no colour');
    expect(() => colourOfHex('#12')).toThrow(RangeError);
  });
});

test('the perfect white reflector is the white of the screen', () => {
  expect(reflectanceToXyz(flatSpectrum(1)).y).toBeCloseTo(1, 12);
  expect(surfaceColour(flatSpectrum(1)).hex).toBe('#ffffff');
});

test('an 18.4 % grey card has a value of 50', () => {
  expect(surfaceColour(flatSpectrum(0.184)).value).toBeCloseTo(50, 0);
  expect(surfaceColour(flatSpectrum(0.184)).chroma).toBeLessThan(0.1);
});

test('a colour no screen shows keeps its figures and gets the nearest hex', () => {
  const spike = flatSpectrum(0.001);
  spike[14] = 1;
  const colour = surfaceColour(spike);
  expect(colour.hex).toMatch(/^#[0-9a-f]{6}$/);
  expect(colour.chroma).toBeGreaterThan(colourOfHex(colour.hex).chroma);
});

test.each([
  ['D9A21B', '#d9a21b'],
  [' #fa0 ', '#ffaa00'],
  ['#12345', null],
  ['oilskin', null],
  ['', null],
])('%p is read as %p', (typed, hex) => {
  expect(readHex(typed)).toBe(hex);
});

describe('linear equations', () => {
  test('a system that needs its rows swapped is solved', () => {
    const solution = solveLinear(Float64Array.of(0, 2, 3, 1), Float64Array.of(4, 5));
    expect([...solution]).toEqual([1, 2]);
  });

  test('a system without a single solution is refused', () => {
    expect(() => solveLinear(Float64Array.of(1, 2, 2, 4), Float64Array.of(1, 2))).toThrow(
      'no single solution',
    );
  });
});

test('hue, strength and brightness lead back to the colour they were read from', () => {
  fc.assert(
    fc.property(anyHex, (hex) => {
      expect(hexOfHueStrengthBrightness(hueStrengthBrightnessOf(hex))).toBe(hex.toLowerCase());
    }),
  );
  expect(hueStrengthBrightnessOf('#808080')).toMatchObject({ hue: 0, strength: 0 });
  expect(() => hueStrengthBrightnessOf('marigold')).toThrow(RangeError);
});
