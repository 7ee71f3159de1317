import fc from 'fast-check';
import type { Pixels } from '../picture/pixels';
import { darkBlobs, greysOf } from './darkBlobs';
import { runs } from '../../testing/longTests';

interface Rect {
  x: number;
  y: number;
  width: number;
  height: number;
}

const side = 120;

/** A picture whose light falls off to the right, with black boxes on it. */
function pictureWith(boxes: readonly Rect[], lightAt: (x: number) => number = () => 1): Pixels {
  const data = new Uint8ClampedArray(side * side * 4);
  for (let y = 0; y < side; y++)
    for (let x = 0; x < side; x++) {
      const isBlack = boxes.some(
        (box) => x >= box.x && x < box.x + box.width && y >= box.y && y < box.y + box.height,
      );
      const grey = (isBlack ? 15 : 230) * lightAt(x);
      data.set([grey, grey, grey, 255], (y * side + x) * 4);
    }
  return { width: side, height: side, data };
}

const blobsIn = (picture: Pixels) => darkBlobs(greysOf(picture, side), 14, 0.6);

test('a box is found where it stands, as large as it is', () => {
  const anyBox = fc.record({
    x: fc.integer({ min: 20, max: 80 }),
    y: fc.integer({ min: 20, max: 80 }),
    width: fc.integer({ min: 4, max: 12 }),
    height: fc.integer({ min: 4, max: 12 }),
  });
  fc.assert(
    fc.property(anyBox, (box) => {
      const [blob, ...others] = blobsIn(pictureWith([box]));
      expect(others).toEqual([]);
      expect(blob).toMatchObject({
        left: box.x,
        right: box.x + box.width - 1,
        top: box.y,
        bottom: box.y + box.height - 1,
        area: box.width * box.height,
      });
      expect(blob.x).toBeCloseTo(box.x + (box.width - 1) / 2);
      expect(blob.y).toBeCloseTo(box.y + (box.height - 1) / 2);
    }),
    { numRuns: runs(30) },
  );
});

test('boxes that touch are one blob, boxes apart are two', () => {
  const one = { x: 40, y: 40, width: 8, height: 8 };
  expect(blobsIn(pictureWith([one, { ...one, x: 48 }]))).toHaveLength(1);
  expect(blobsIn(pictureWith([one, { ...one, x: 70 }]))).toHaveLength(2);
});

test('a light that falls off to a third darkens nothing into a blob, and hides no box', () => {
  const box = { x: 96, y: 50, width: 8, height: 8 };
  const falling = (x: number) => 1 - (0.66 * x) / side;
  expect(blobsIn(pictureWith([], falling))).toEqual([]);
  expect(blobsIn(pictureWith([box], falling))).toHaveLength(1);
});

test('a speck is no blob', () => {
  expect(blobsIn(pictureWith([{ x: 50, y: 50, width: 2, height: 2 }]))).toEqual([]);
});

test('greys keep the mean light, and are no longer than asked for', () => {
  const picture = pictureWith([{ x: 0, y: 0, width: 60, height: 120 }]);
  const greys = greysOf(picture, 40);
  expect(Math.max(greys.width, greys.height)).toBeLessThanOrEqual(40);
  expect(greys.scale * greys.width).toBeLessThanOrEqual(side);
  const mean = greys.value.reduce((sum, each) => sum + each, 0) / greys.value.length;
  expect(mean).toBeCloseTo((15 + 230) / 2, 0);
});
