/** A sheet of labels: so many of one size, in the middle of a page of A4. Millimetres. */
export interface LabelSheet {
  name: string;
  columns: number;
  rows: number;
  width: number;
  height: number;
  /** between neighbours */
  gapX: number;
  gapY: number;
  isRound: boolean;
}

export const pageWidth = 210;
export const pageHeight = 297;

/** Sizes that stationers sell, and two to be cut out of plain paper. */
export const labelSheets: readonly LabelSheet[] = [
  sheetOf('24 on a page, 64 × 34 mm', 3, 8, 63.5, 33.9, 2.5, 0),
  sheetOf('40 on a page, 49 × 25 mm', 4, 10, 48.5, 25.4, 0, 0),
  sheetOf('65 on a page, 38 × 21 mm', 5, 13, 38.1, 21.2, 2.5, 0),
  sheetOf('Strips for a rail, 65 × 17 mm', 3, 16, 65, 17, 0, 0),
  { ...sheetOf('Round, for lids, 24 mm', 7, 10, 24, 24, 2, 2), isRound: true },
];

function sheetOf(
  name: string,
  columns: number,
  rows: number,
  width: number,
  height: number,
  gapX: number,
  gapY: number,
): LabelSheet {
  return { name, columns, rows, width, height, gapX, gapY, isRound: false };
}

export const labelsOf = ({ columns, rows }: LabelSheet) => columns * rows;

/** Left and top edge of a label on its page, mm. @param place 0 for the first, row by row */
export function labelAt(sheet: LabelSheet, place: number): { x: number; y: number } {
  const { columns, rows, width, height, gapX, gapY } = sheet;
  const left = (pageWidth - columns * width - (columns - 1) * gapX) / 2;
  const top = (pageHeight - rows * height - (rows - 1) * gapY) / 2;
  return {
    x: left + (place % columns) * (width + gapX),
    y: top + Math.floor(place / columns) * (height + gapY),
  };
}

export interface Placed<Item> {
  item: Item;
  place: number;
}

/**
 * Items on their pages, in order.
 *
 * @param first the first label that is still on the first page, from 1
 */
export function labelPages<Item>(
  items: readonly Item[],
  sheet: LabelSheet,
  first: number,
): Placed<Item>[][] {
  const most = labelsOf(sheet);
  const used = Math.min(most - 1, Math.max(0, first - 1));
  const pages: Placed<Item>[][] = [];
  items.forEach((item, index) => {
    const at = used + index;
    (pages[Math.floor(at / most)] ??= []).push({ item, place: at % most });
  });
  return pages;
}
