import fc from 'fast-check';
import { labelAt, labelPages, labelSheets, labelsOf, pageHeight, pageWidth } from './labelSheets';

test.each(labelSheets)('labels of “$name” lie on the paper and beside each other', (sheet) => {
  const boxes = Array.from({ length: labelsOf(sheet) }, (_, place) => labelAt(sheet, place));
  const faults = boxes.flatMap((box, index) => [
    ...(box.x < 0 || box.x + sheet.width > pageWidth ? [`${index} leaves the page at a side`] : []),
    ...(box.y < 0 || box.y + sheet.height > pageHeight
      ? [`${index} leaves it above or below`]
      : []),
    ...boxes
      .slice(0, index)
      .filter(
        (other) =>
          Math.abs(other.x - box.x) < sheet.width - 1e-9 &&
          Math.abs(other.y - box.y) < sheet.height - 1e-9,
      )
      .map(() => `${index} lies on another`),
  ]);
  expect(faults).toEqual([]);
});

test('every pot has one label, in order, and those used up stay free', () => {
  fc.assert(
    fc.property(
      fc.constantFrom(...labelSheets),
      fc.integer({ min: 1, max: 24 }),
      fc.integer({ min: 0, max: 200 }),
      (sheet, first, count) => {
        const items = Array.from({ length: count }, (_, index) => index);
        const pages = labelPages(items, sheet, first);
        expect(pages.flat().map(({ item }) => item)).toEqual(items);
        const places = pages.flatMap((page, at) =>
          page.map(({ place }) => at * labelsOf(sheet) + place),
        );
        expect(places).toEqual(items.map((index) => first - 1 + index));
      },
    ),
  );
});
