import { convertRgbToLrgb, parseHex } from 'culori/fn';
import type { Pixels } from '../picture/pixels';
import { findSheet, type FoundSheet } from './findSheet';
import { practicePots } from './practicePots';
import type { PracticeFault } from './practicePhotograph';
import { practiceSheet } from './practiceSheet';
import { boxOf, meanOf, type Light } from './readBox';
import { sheetLight } from './sheetLight';
import { barePaper, greyPatches, paperBesidePatch, patches, type Box } from './sheetLayout';

function take(faults: PracticeFault[]) {
  const picture = practiceSheet({ pots: practicePots(21, 0), faults, seed: 21, longest: 900 });
  return { picture, sheet: findSheet(picture) };
}
const inEvenLight = take([]);
const inWarmLight = take(['warm light']);

/** Paints the boxes of a sheet over in a picture. */
function paintedOver({ picture, sheet }: { picture: Pixels; sheet: FoundSheet }, boxes: Box[]) {
  const data = picture.data.slice();
  for (const { x, y, width, height } of boxes)
    for (let down = 0; down <= 40; down++)
      for (let across = 0; across <= 40; across++) {
        const at = sheet.toPicture({ x: x + (width * across) / 40, y: y + (height * down) / 40 });
        const pixel = (Math.round(at.y) * picture.width + Math.round(at.x)) * 4;
        data.fill(255, pixel, pixel + 3);
      }
  return { ...picture, data };
}

const shareOf = ({ picture, sheet }: ReturnType<typeof take>, patch: Box): Light => {
  const look = (box: Box) => meanOf(picture, sheet.toPicture, box)!.light;
  const seen = look(boxOf(patch));
  const above = look({ ...boxOf(patch), ...paperBesidePatch.above });
  const below = look({ ...boxOf(patch), ...paperBesidePatch.below });
  return seen.map((each, i) => (2 * each) / (above[i] + below[i])) as Light;
};

const cases: [string, ReturnType<typeof take>][] = [
  ['even light', inEvenLight],
  ['warm light', inWarmLight],
];
test.each(cases)(
  'in %s the patches come out as they were printed, and paper as paper',
  (_, sheet) => {
    const light = sheetLight(sheet.picture, sheet.sheet);
    const misses = patches.map((patch) => {
      const { r, g, b } = convertRgbToLrgb(parseHex(patch.hex)!);
      const found = light(shareOf(sheet, patch));
      return Math.max(
        ...[r, g, b].map((each, i) => Math.abs(Math.sqrt(Math.max(0, found[i])) - Math.sqrt(each))),
      );
    });
    expect(Math.max(...misses.slice(0, greyPatches))).toBeLessThan(0.02);
    expect(Math.max(...misses)).toBeLessThan(0.06);
    for (const each of light([1, 1, 1])) expect(each).toBeCloseTo(barePaper, 1);
  },
);

test('more light is never told as less', () => {
  const { picture, sheet } = inWarmLight;
  const light = sheetLight(picture, sheet);
  const greys = Array.from({ length: 60 }, (_, nth) => light([nth / 59, nth / 59, nth / 59]));
  const falls = greys
    .slice(1)
    .filter((each, nth) => each.some((value, i) => value < greys[nth][i] - 1e-6));
  expect(falls).toEqual([]);
});

test('a burnt-out patch is left out, and the others still tell the light', () => {
  expect.hasAssertions();
  const whole = inEvenLight;
  const burnt = paintedOver(whole, [patches[1]]);
  const light = sheetLight(burnt, whole.sheet);
  const truth = sheetLight(whole.picture, whole.sheet);
  const grey: Light = [0.4, 0.4, 0.4];
  light(grey).forEach((each, i) => expect(each).toBeCloseTo(truth(grey)[i], 1));
});

test('with fewer than three greys it is said what to do', () => {
  const whole = inEvenLight;
  const burnt = paintedOver(whole, patches.slice(0, greyPatches - 2));
  expect(() => sheetLight(burnt, whole.sheet)).toThrow(/grey patches.*even light/);
});
