import { randomFrom } from '../record/randomFrom';
import type { Pixels } from '../picture/pixels';
import { surfaceColour } from '../colour/surfaceColour';
import { flatSpectrum } from '../colour/spectrum';
import { filmOver } from '../paint/filmOver';
import { masstoneOf } from '../paint/masstone';
import { hidingOf, opticsOf } from '../paint/opticsOfPot';
import { homographyOf } from './homography';
import { apartOf } from './potOfField';
import { practiceSheet, type PracticeFault, type PracticePot } from './practiceSheet';
import { readSheet, type FieldReading } from './readSheet';
import { corners, fieldBox, fieldCount, patches, sheetHeight, sheetWidth } from './sheetLayout';

const longest = 1300;

/** Pots by chance, every ninth field left empty. */
function potsOf(seed: number): (PracticePot | null)[] {
  const random = randomFrom(seed);
  const channel = () =>
    Math.floor(25 + 215 * random())
      .toString(16)
      .padStart(2, '0');
  return Array.from({ length: fieldCount }, (_, index) => {
    const pot = { swatch: `#${channel()}${channel()}${channel()}`, hiding: 0.1 + 0.85 * random() };
    return index % 9 === 4 ? null : pot;
  });
}

/** How far a reading is from what was brushed there. */
function missOf({ pot: read }: FieldReading, pot: PracticePot) {
  if (!read) return { colour: Infinity, hiding: Infinity };
  const optics = opticsOf(pot);
  const shown =
    read.swatchShows === 'thick and dry'
      ? masstoneOf(optics)
      : filmOver(flatSpectrum(1), optics, 1);
  return apartOf(read, { ...read, swatch: surfaceColour(shown).hex, hiding: hidingOf(optics, 1) });
}

function measured(faults: PracticeFault[], seed: number) {
  const pots = potsOf(seed);
  const read = readSheet(practiceSheet({ pots, faults, seed, longest }));
  const brushed = read.filter(({ number }) => pots[number - 1] !== null);
  const isRight = (field: FieldReading) => {
    const pot = pots[field.number - 1];
    if (!pot) return field.is === 'empty';
    const { colour, hiding } = missOf(field, pot);
    return colour <= 3 && hiding <= 0.06;
  };
  return {
    read,
    wrong: read.filter((field) => field.is === 'sure' && !isRight(field)),
    right: brushed.filter(isRight).length / brushed.length,
    empty: read.filter(({ is }) => is === 'empty').map(({ number }) => number),
  };
}

test.each<[string, PracticeFault[], number]>([
  ['as it should be', [], 11],
  ['in warm, dim light', ['warm light', 'dim light'], 12],
  ['tilted and upside down', ['tilted', 'upside down'], 13],
  ['with a shadow across it', ['shadow'], 14],
])(
  'a sheet %s is read, its empty fields are seen, and nothing is sure and wrong',
  (_, faults, seed) => {
    const { wrong, right, empty } = measured(faults, seed);
    expect(wrong).toEqual([]);
    expect(right).toBeGreaterThanOrEqual(0.9);
    expect(empty).toEqual([5, 14, 23, 32, 41, 50, 59]);
  },
);

test('where a glare lies, fields are said to be unsure', () => {
  const { read, wrong } = measured(['glare'], 15);
  expect(wrong).toEqual([]);
  expect(read.filter(({ because }) => because?.includes('glare')).length).toBeGreaterThan(0);
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
  const whole = practiceSheet({ pots: potsOf(16), faults: [], seed: 16, longest: 900 });
  const height = Math.floor(whole.height / 2);
  const data = whole.data.slice(0, whole.width * height * 4);
  expect(() => readSheet({ width: whole.width, height, data })).toThrow(
    '2 of its 4 corner squares',
  );
});

test('fields, patches and corners lie on the sheet and not on each other', () => {
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
