import { fieldBox, fieldCount, fieldWidth, type Box } from './sheetLayout';

/** A row for each pot: its first field takes one neat coat, the next five one to five passes of glaze. */
export const glazeRows = fieldCount / 6;
export const passesBrushed = [0, 1, 2, 3, 4, 5] as const;

/** The printed colour that a glaze is tried over, beside black and white: sRGB. */
export const glazeGround = '#5e8f3e';

export const glazeGrounds = ['black', 'white', 'colour'] as const;
export type GlazeGround = (typeof glazeGrounds)[number];

const third = fieldWidth / 3;

/** The field of a row, from 1, for so many passes. */
export const glazeField = (row: number, passes: number): Box =>
  fieldBox((row - 1) * 6 + passes + 1);

/** The part of a field over one ground, from the field's upper left corner. */
export const groundPart = (ground: GlazeGround): { x: number; width: number } => ({
  x: glazeGrounds.indexOf(ground) * third,
  width: third,
});

const inner = { x: 2, width: 5 } as const;

/** Boxes of a field over one ground that are read: the stroke, and the bare card above and below it. */
export function glazeBoxes(ground: GlazeGround): Record<'stroke' | 'above' | 'below', Box> {
  const at = { x: groundPart(ground).x + inner.x, width: inner.width };
  return {
    stroke: { ...at, y: 7.8, height: 3 },
    above: { ...at, y: 2.4, height: 1.6 },
    below: { ...at, y: 14.6, height: 1.6 },
  };
}
