/** A place on the sheet, millimetres from the upper left corner of what is printed. */
export interface Place {
  x: number;
  y: number;
}

/** A box on the sheet, millimetres. */
export interface Box extends Place {
  width: number;
  height: number;
}

/** The printed part of an A4 page; the rest is margin. */
export const sheetWidth = 190;
export const sheetHeight = 277;

const columns = 6;
const rows = 10;
export const fieldCount = columns * rows;

/** Reflectance of printed black and bare paper, as of cards. */
export {
  cardBlack as printedBlack,
  cardWhite as barePaper,
} from '../../predicted/paint/practiceCard';

const cornerSide = 14;
const half = cornerSide / 2;

/** A corner is a black square with a white one in it, and a black one in that. */
export const cornerSquares = [cornerSide, 9, 4.6] as const;

/** Middles of the corners: upper left, upper right, lower right, lower left. */
export const corners: readonly [Place, Place, Place, Place] = [
  { x: half, y: half },
  { x: sheetWidth - half, y: half },
  { x: sheetWidth - half, y: sheetHeight - half },
  { x: half, y: sheetHeight - half },
];

const greys = ['#2b2b2b', '#4d4d4d', '#6f6f6f', '#8f8f8f', '#b0b0b0', '#d0d0d0'];
const colours = [
  '#b5352f',
  '#c9792b',
  '#d3b634',
  '#5e8f3e',
  '#2f7f78',
  '#37649e',
  '#5d4a90',
  '#a04a80',
  '#7a4a34',
  '#c9a58c',
];

export interface Patch extends Box {
  /** what it is printed as, sRGB */
  hex: string;
}

const patchSide = 8;
const patchHeight = 7;
const patchPitch = 10;

/** Patches of known colour, between the upper corners: greys first, which tell the light. */
export const patches: readonly Patch[] = [...greys, ...colours].map((hex, index) => ({
  hex,
  x: 16 + index * patchPitch,
  y: 5,
  width: patchSide,
  height: patchHeight,
}));

export const greyPatches = greys.length;

const pitchX = 31;
const pitchY = 24;
const firstX = 4.5;
const firstY = 19;

/** How large the painted part of a field is; its left half is printed black. */
export const fieldWidth = 27;
export const fieldHeight = 18.6;

/** The black and the white half of a field of one number, from 1, row by row. */
export function fieldBox(number: number): Box {
  const index = number - 1;
  return {
    x: firstX + (index % columns) * pitchX,
    y: firstY + Math.floor(index / columns) * pitchY,
    width: fieldWidth,
    height: fieldHeight,
  };
}

/** Where the stroke goes, across both halves: above and below it the field stays bare. */
export const strokeBand = { from: 6, to: 12.6 } as const;

/** Paper above the patches and below them, from their own left edge. */
export const paperBesidePatch = {
  above: { y: 1, height: 1.6 },
  below: { y: 14.6, height: 1.6 },
} as const;

/** Boxes within a field that are read, from its upper left corner. */
export const readBoxes = {
  overBlack: { x: 3, y: 7.8, width: 8, height: 3 },
  overWhite: { x: 16, y: 7.8, width: 8, height: 3 },
  black: { x: 3, y: 2.4, width: 8, height: 1.6 },
  white: { x: 16, y: 2.4, width: 8, height: 1.6 },
  blackBelow: { x: 3, y: 14.6, width: 8, height: 1.6 },
  whiteBelow: { x: 16, y: 14.6, width: 8, height: 1.6 },
  /** bare paper to the left of the stroke and to the right of it */
  left: { x: -2.4, y: 7, width: 0.8, height: 5 },
  right: { x: 28.6, y: 7, width: 0.8, height: 5 },
  /** white close to the black half: out of focus, black runs into it */
  nearBlack: { x: 14.7, y: 2.6, width: 0.5, height: 1.2 },
} as const satisfies Record<string, Box>;

export type ReadPlace = keyof typeof readBoxes;
