import type { Pixels } from '../picture/pixels';
import { sampled } from '../../testing/longTests';
import { judgeSheet } from '../../testing/sheet/judgeSheet';
import { homographyOf } from './homography';
import { practicePots } from './practicePots';
import type { PracticeFault } from './practicePhotograph';
import { practiceSheet } from './practiceSheet';
import { readSheet } from './readSheet';
import { corners, fieldBox, fieldCount, patches, sheetHeight, sheetWidth } from './sheetLayout';

const longest = 1300;

const pictures: [string, PracticeFault[], number][] = [
  ['tilted and upside down', ['tilted', 'upside down'], 13],
  ['with a shadow across it', ['shadow'], 14],
  ['as it should be', [], 11],
  ['in warm light', ['warm light'], 12],
  ['with a glare on it', ['glare'], 15],
];

test.each(sampled(pictures, 1))(
  'a sheet %s is read, and what cannot be read is said',
  (_, faults, seed) => {
    const { found, right, wrong, fields, empty } = judgeSheet(faults, seed, longest);
    expect(found).toBe(fieldCount);
    expect(right).toBeGreaterThanOrEqual(0.9 * fieldCount);
    // Of sixty one may be sure and a little beyond what counts as right.
    expect(wrong.length).toBeLessThanOrEqual(1);
    expect(fields.filter(({ is }) => is === 'empty').map(({ number }) => number)).toEqual(empty);
  },
);

test('where a glare lies, fields are said to be unsure', () => {
  const { fields } = judgeSheet(['glare'], 16, longest);
  expect(fields.filter(({ because }) => because?.includes('glare')).length).toBeGreaterThan(0);
});

/** A picture of spots and stripes, and no sheet. */
function something(width: number, height: number): Pixels {
  const data = new Uint8ClampedArray(width * height * 4);
  for (let at = 0; at < data.length; at++) {
    const pixel = Math.floor(at / 4);
    const [x, y] = [pixel % width, Math.floor(pixel / width)];
    data[at] = 128 + 100 * Math.sin(x / 9) * Math.cos(y / 13);
  }
  return { width, height, data };
}

test('a picture of something else is said to show no sheet', () => {
  expect(() => readSheet(something(600, 800))).toThrow(/corner/);
  expect(() => readSheet(something(1, 1))).toThrow('No sheet');
});

test('half a sheet is said to lack corners', () => {
  const whole = practiceSheet({ pots: practicePots(16, 0), faults: [], seed: 16, longest: 900 });
  const height = Math.floor(whole.height / 2);
  const data = whole.data.slice(0, whole.width * height * 4);
  expect(() => readSheet({ width: whole.width, height, data })).toThrow(
    '2 of its 4 corner squares',
  );
});

test('fields, patches and corners lie on the sheet and not on each other', () => {
  expect.hasAssertions();
  const boxes = [
    ...Array.from({ length: fieldCount }, (_, index) => fieldBox(index + 1)),
    ...patches,
    ...corners.map(({ x, y }) => ({ x: x - 7, y: y - 7, width: 14, height: 14 })),
  ];
  for (const [index, one] of boxes.entries()) {
    expect(one.x).toBeGreaterThanOrEqual(0);
    expect(one.x + one.width).toBeLessThanOrEqual(sheetWidth);
    expect(one.y + one.height).toBeLessThanOrEqual(sheetHeight);
    for (const other of boxes.slice(index + 1)) {
      const isApart =
        one.x + one.width <= other.x ||
        other.x + other.width <= one.x ||
        one.y + one.height <= other.y ||
        other.y + other.height <= one.y;
      expect(isApart).toBe(true);
    }
  }
});

test('a homography takes its four places where they belong', () => {
  expect.hasAssertions();
  const seen = [
    { x: 12, y: 30 },
    { x: 500, y: 8 },
    { x: 480, y: 700 },
    { x: 40, y: 660 },
  ];
  const toSeen = homographyOf(corners, seen);
  corners.map(toSeen).forEach(({ x, y }, index) => {
    expect(x).toBeCloseTo(seen[index].x, 6);
    expect(y).toBeCloseTo(seen[index].y, 6);
  });
});
