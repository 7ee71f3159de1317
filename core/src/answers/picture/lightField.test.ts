import fc from 'fast-check';
import { colourOfHex } from '../../light/colour/colourOfHex';
import { greyByteOf, greyValueOf } from './greyValue';
import { inValues, sharesInValues, valueAt, valueGreys } from './inValues';
import { figureIn, lightField, wayUp } from './lightField';
import type { Pixels } from './pixels';

/** A picture of greys, row by row. */
function greys(width: number, bytes: readonly number[]): Pixels {
  const data = new Uint8ClampedArray(bytes.flatMap((byte) => [byte, byte, byte, 255]));
  return { width, height: bytes.length / width, data };
}

/** A ball, lit from above on the left, before an even sheet. */
function ballBefore(sheet: number, size = 80): Pixels {
  return greys(
    size,
    Array.from({ length: size * size }, (_, pixel) => {
      const x = (pixel % size) / (size / 2) - 1;
      const y = Math.floor(pixel / size) / (size / 2) - 1;
      const across = (x * x + y * y) / 0.64;
      if (across > 1) return sheet;
      const lit = Math.max(0, -0.5 * (x / 0.8) - 0.6 * (y / 0.8) + 0.62 * Math.sqrt(1 - across));
      return Math.round(40 + 180 * lit);
    }),
  );
}

const anyGreys = fc
  .array(fc.integer({ min: 0, max: 255 }), { minLength: 12, maxLength: 240 })
  .map((bytes) => greys(6, bytes.slice(0, bytes.length - (bytes.length % 6))));

test('how light a pixel is, is what a colour library says of it', () => {
  const channel = fc.integer({ min: 0, max: 255 });
  fc.assert(
    fc.property(channel, channel, channel, (red, green, blue) => {
      const hex = `#${[red, green, blue].map((each) => each.toString(16).padStart(2, '0')).join('')}`;
      expect(greyValueOf(red, green, blue)).toBeCloseTo(colourOfHex(hex).value, 1);
    }),
  );
});

test('a grey goes to its byte and back', () => {
  for (let byte = 0; byte < 256; byte++)
    expect(greyByteOf(greyValueOf(byte, byte, byte))).toBe(byte);
});

test('in any picture the shares of the values are all of it, and steps rise', () => {
  fc.assert(
    fc.property(anyGreys, fc.integer({ min: 3, max: 7 }), (pixels, values) => {
      const field = lightField(pixels, false);
      const shares = sharesInValues(field, values);
      expect(shares).toHaveLength(values);
      expect(shares.reduce((sum, each) => sum + each, 0)).toBeCloseTo(1, 9);
      const drawn = new Set(valueGreys(values).map(greyByteOf));
      expect(drawn.size).toBe(values);
      const laid = inValues(field, { values, steps: 'hard' });
      expect(laid.every((byte, i) => i % 4 === 3 || drawn.has(byte))).toBe(true);
    }),
  );
});

test('lighter places never come out darker, with hard steps or with soft ones', () => {
  fc.assert(
    fc.property(anyGreys, fc.constantFrom('hard' as const, 'soft' as const), (pixels, steps) => {
      const field = lightField(pixels, false);
      const laid = inValues(field, { values: 5, steps });
      const order = [...field.value.keys()].sort((a, b) => field.value[a] - field.value[b]);
      order.slice(1).forEach((pixel, i) => {
        expect(laid[pixel * 4]).toBeGreaterThanOrEqual(laid[order[i] * 4]);
      });
    }),
  );
});

test('soft steps meet in the middle of a border, hard ones do not', () => {
  const ramp = greys(
    256,
    Array.from({ length: 256 }, (_, i) => i),
  );
  const jump = (steps: 'hard' | 'soft') => {
    const laid = inValues(lightField(ramp, false), { values: 3, steps });
    return Math.max(...Array.from({ length: 255 }, (_, i) => laid[(i + 1) * 4] - laid[i * 4]));
  };
  expect(jump('hard')).toBeGreaterThan(100);
  expect(jump('soft')).toBeLessThan(12);
});

test.each([12, 128, 245])(
  'a sheet of grey %i behind a ball is left out, the ball is not',
  (sheet) => {
    const { share, value } = lightField(ballBefore(sheet), true);
    // The ball has 0.64 π / 4 of the picture.
    expect(share).toBeGreaterThan(sheet === 128 ? 0.4 : 0.48);
    expect(share).toBeLessThan(0.56);
    expect(value[0]).toBeNaN();
    expect(value[40 * 80 + 40]).not.toBeNaN();
  },
);

test('the figure is found where it lies, and nowhere where all is figure', () => {
  const found = figureIn(lightField(ballBefore(12), true));
  // The ball reaches over 0.8 of the picture.
  for (const [end, at] of Object.entries({ left: 0.1, top: 0.1, right: 0.9, bottom: 0.9 }))
    expect(Math.abs((found as Record<string, number> | null)![end] - at)).toBeLessThan(0.04);
  expect(figureIn(lightField(ballBefore(12), false))).toBeNull();
});

test('a sheet that shades off across the picture is left out whole', () => {
  const ball = ballBefore(0);
  const before = lightField(ball, true).share;
  const shading = ball.data.map((byte, i) => {
    const pixel = Math.floor(i / 4);
    if (i % 4 === 3 || byte > 0) return byte;
    return 40 + (pixel % 80) + Math.floor(pixel / 80);
  });
  const { share } = lightField({ ...ball, data: shading }, true);
  expect(Math.abs(share - before)).toBeLessThan(0.06);
});

test('a picture that is all background counts whole', () => {
  const field = lightField(greys(6, new Array<number>(36).fill(120)), true);
  expect(field.share).toBe(1);
  expect(wayUp(field.value[3], field.darkest, field.lightest)).toBe(0.5);
  expect(sharesInValues(field, 5)).toEqual([0, 0, 1, 0, 0]);
});

test('a glint does not make all the rest of a surface dark', () => {
  const bytes = Array.from({ length: 300 }, (_, i) => (i === 150 ? 255 : 60 + (i % 60)));
  const field = lightField(greys(20, bytes), false);
  expect(field.lightest).toBeLessThan(greyValueOf(125, 125, 125));
  expect(valueAt(wayUp(field.value[150], field.darkest, field.lightest), 5)).toBe(4);
});
