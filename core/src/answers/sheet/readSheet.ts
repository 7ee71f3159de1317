import type { Pixels } from '../picture/pixels';
import { findSheet, type FoundSheet } from './findSheet';
import { apartOf, potOfStroke, type StrokePot } from './potOfField';
import { meanOf, type Light, type SeenBox } from './readBox';
import { sheetLight, type SheetLight } from './sheetLight';
import {
  barePaper,
  fieldBox,
  fieldCount,
  printedBlack,
  readBoxes,
  type ReadPlace,
} from './sheetLayout';

/** The reading of one field of a sheet. */
export interface FieldReading {
  /** from 1 */
  number: number;
  /** `empty` where nothing was brushed across it */
  is: 'sure' | 'unsure' | 'empty' | 'unread';
  pot: StrokePot | null;
  /** why it is not sure, in a sentence */
  because?: string;
}

const mostBurnt = 0.02;
/** Bare paper around a field may differ by so much in light; past that a shadow’s edge lies on it. */
const mostTilted = 0.22;
const mostVeil = 0.03;
const mostVeilChange = 0.016;
/** Paper that changes by less is no shadow, but with a veil on black beside it a glare. */
const veiledTilt = { veil: 0.012, tilt: 0.1 } as const;
const mostLost = 0.4;
/** White so near to black is to be as white as elsewhere in its field. */
const leastSharp = 0.945;
const mostUnevenWhite = 0.12;
const mostUnevenBlack = 0.09;
/** A figure that a slip of the camera moves further than this is told as unsure. */
const mostApart = { colour: 2.5, hiding: 0.05 } as const;

/** Reads the field of a number, from 1. */
export type ReadField = (number: number) => FieldReading;

/**
 * Finds the sheet in a picture and learns its light from the patches. Each field is read by itself,
 * so that reading can be shown, and stopped, between two.
 *
 * @throws PictureError where no sheet is to be seen, with what is missing
 */
export function openSheet(picture: Pixels): ReadField {
  const sheet = findSheet(picture);
  const light = sheetLight(picture, sheet);
  return (number) => readField(picture, sheet, light, number);
}

/**
 * Reads every pot on a photographed sheet: the light is corrected by the patches and by the bare
 * paper around each field, the stroke read over black and over white.
 *
 * @throws PictureError where no sheet is to be seen, with what is missing
 */
export function readSheet(picture: Pixels): FieldReading[] {
  const read = openSheet(picture);
  return Array.from({ length: fieldCount }, (_, index) => read(index + 1));
}

type Seen = Record<ReadPlace, SeenBox>;

function readField(
  picture: Pixels,
  { toPicture }: FoundSheet,
  light: SheetLight,
  number: number,
): FieldReading {
  const field = fieldBox(number);
  const entries = Object.entries(readBoxes).map(([name, box]) => {
    const at = { ...box, x: field.x + box.x, y: field.y + box.y };
    return [name, meanOf(picture, toPicture, at)] as const;
  });
  if (entries.some(([, seen]) => seen === null))
    return { number, is: 'unread', pot: null, because: 'It lies outside the picture.' };
  const seen = Object.fromEntries(entries) as Seen;
  const { overBlack, overWhite, doubt } = correctedStroke(seen, light);
  // Burnt out, all looks like bare paper.
  const isBurnt = Object.values(seen).some(({ burnt }) => burnt > mostBurnt);
  const near = (one: Light, other: number, within: number) =>
    one.every((each) => Math.abs(Math.sqrt(Math.max(0, each)) - Math.sqrt(other)) < within);
  if (!isBurnt && near(overWhite, barePaper, 0.03) && near(overBlack, printedBlack, 0.05))
    return { number, is: 'empty', pot: null };
  const pot = potOfStroke(overBlack, overWhite);
  const because = doubt ?? doubtOf(pot, overBlack, overWhite);
  return because ? { number, is: 'unsure', pot, because } : { number, is: 'sure', pot };
}

/** Reflectance of the stroke over both halves, with the reasons not to trust it. */
function correctedStroke(seen: Seen, light: SheetLight) {
  const { white, whiteBelow, left, right } = seen;
  const between = (one: Light, other: Light, share: number) =>
    one.map((each, i) => each + (other[i] - each) * share) as Light;
  const beside = between(white.light, whiteBelow.light, 0.5);
  // Paper at the stroke’s own place over black: from the left of the field to its white half.
  const overBlackPaper = between(left.light, beside, 0.41);
  const share = (one: Light, of: Light) => one.map((each, i) => each / of[i]) as Light;
  const blackAbove = light(share(seen.black.light, between(left.light, white.light, 0.41)));
  const blackBelow = light(
    share(seen.blackBelow.light, between(left.light, whiteBelow.light, 0.41)),
  );
  const veil = between(blackAbove, blackBelow, 0.5);
  // Glare adds the same to black as to what lies on it: bare black tells how much.
  const unveiled = (one: Light) =>
    one.map(
      (each, i) =>
        printedBlack + ((each - veil[i]) * (barePaper - printedBlack)) / (barePaper - veil[i]),
    ) as Light;
  const overBlack = unveiled(light(share(seen.overBlack.light, overBlackPaper)));
  const overWhite = unveiled(light(share(seen.overWhite.light, beside)));
  const papers = [white.light, whiteBelow.light, left.light, right.light];
  const tilted = Math.max(
    ...[0, 1, 2].map((i) => {
      const each = papers.map((paper) => paper[i]);
      return Math.log(Math.max(...each) / Math.min(...each));
    }),
  );
  const mean = (one: Light) => (one[0] + one[1] + one[2]) / 3;
  const sharp = seen.nearBlack.light[1] / white.light[1];
  const doubt = firstOf([
    [
      Math.max(seen.overBlack.lost, seen.overWhite.lost, seen.black.lost) > mostLost,
      'It is too dark or too deep a colour for this picture.',
    ],
    [
      mean(veil) - printedBlack > veiledTilt.veil && tilted > veiledTilt.tilt,
      'A glare lies beside it.',
    ],
    [sharp < leastSharp, 'It is out of focus here.'],
    [
      Math.max(...Object.values(seen).map(({ burnt }) => burnt)) > mostBurnt,
      'It is burnt out here: too light, or a glare.',
    ],
    [tilted > mostTilted, 'The edge of a shadow or a glare lies across it.'],
    [mean(veil) - printedBlack > mostVeil, 'A glare lies on it.'],
    [Math.abs(mean(blackAbove) - mean(blackBelow)) > mostVeilChange, 'A glare lies on part of it.'],
    [
      seen.overWhite.uneven * mean(overWhite) > mostUnevenWhite,
      'It is brushed unevenly over white.',
    ],
    [
      seen.overBlack.uneven * mean(overBlack) > mostUnevenBlack,
      'It is brushed unevenly over black.',
    ],
  ]);
  return { overBlack, overWhite, doubt };
}

const firstOf = (doubts: [boolean, string][]) => doubts.find(([holds]) => holds)?.[1];

/** How far off a camera usually is, in what is reflected: our own starting point. */
const slip = (light: Light, by: number) =>
  light.map((each) => Math.max(0.001, each + by * (0.002 + 0.01 * each))) as Light;

/** Why a figure is not to be relied on: a slip of the camera would have moved it far. */
function doubtOf(pot: StrokePot, overBlack: Light, overWhite: Light): string | undefined {
  const apart = [1, -1].map((by) =>
    apartOf(pot, potOfStroke(slip(overBlack, by), slip(overWhite, -by))),
  );
  if (apart.some(({ hiding }) => hiding > mostApart.hiding))
    return 'So dark a stroke does not show how well it hides.';
  if (apart.some(({ colour }) => colour > mostApart.colour))
    return 'This picture does not show its colour any nearer.';
  return undefined;
}
