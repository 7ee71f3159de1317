import { convertRgbToLrgb, parseHex } from 'culori/fn';
import { solveLinear } from '../../light/colour/solveLinear';
import { PictureError } from '../picture/lookAtPicture';
import type { Pixels } from '../picture/pixels';
import type { FoundSheet } from './findSheet';
import { boxOf, meanOf, type Light } from './readBox';
import {
  barePaper,
  fieldBox,
  greyPatches,
  paperBesidePatch,
  patches,
  printedBlack,
  readBoxes,
  type Box,
} from './sheetLayout';

/** From the light of a place, as a share of bare paper beside it, to what it reflects. */
export type SheetLight = (shareOfPaper: Light) => Light;

/** Beside a patch the paper is to be equally light above and below, to this share. */
const mostTilted = 0.3;
const leastGreys = 3;
const burntAbove = 0.05;
/** How strongly the colours of the camera are held to be right: our own starting point. */
const trust = 0.02;

const inLight = (hex: string): Light => {
  const { r, g, b } = convertRgbToLrgb(parseHex(hex) ?? { r: 0, g: 0, b: 0 });
  return [r, g, b];
};

/** Boxes of bare black and bare paper, from a field's upper left corner. */
export interface BareBoxes {
  black: Box;
  white: Box;
}

interface ReadPatch {
  share: Light;
  known: Light;
  isGrey: boolean;
}

/**
 * The camera's response to light, measured by the patches: a rising curve for each channel through the
 * greys, and how its colours lean.
 *
 * @param bare where the fields of the sheet show bare black and bare paper
 * @throws PictureError where too few of the greys can be read
 */
export function sheetLight(
  picture: Pixels,
  { toPicture }: FoundSheet,
  bare: BareBoxes = readBoxes,
): SheetLight {
  const read = patches.flatMap((patch, index): ReadPatch[] => {
    const beside = (at: { y: number; height: number }): Box => ({ ...boxOf(patch), ...at });
    const seen = meanOf(picture, toPicture, boxOf(patch));
    const above = meanOf(picture, toPicture, beside(paperBesidePatch.above));
    const below = meanOf(picture, toPicture, beside(paperBesidePatch.below));
    if (!seen || !above || !below) return [];
    if (Math.max(seen.burnt, above.burnt, below.burnt) > burntAbove) return [];
    const isTilted = above.light.some(
      (each, i) => Math.abs(Math.log(each / below.light[i])) > mostTilted,
    );
    if (isTilted) return [];
    const share = seen.light.map(
      (each, i) => (2 * each) / (above.light[i] + below.light[i]),
    ) as Light;
    return [{ share, known: inLight(patch.hex), isGrey: index < greyPatches }];
  });
  const greys = read.filter(({ isGrey }) => isGrey);
  if (greys.length < leastGreys)
    throw new PictureError(
      'The grey patches along the upper edge cannot be read: they are burnt out or lie half in a shadow. Take the picture again in even light.',
    );
  const blacks = blackShares(picture, toPicture, bare);
  const curves = [0, 1, 2].map((i) =>
    risingCurve([
      [blacks[i], printedBlack],
      ...greys.map(({ share, known }): [number, number] => [share[i], known[i]]),
      [1, barePaper],
    ]),
  );
  const bent = (share: Light): Light => share.map((each, i) => curves[i](each)) as Light;
  const lean = leanOf(read.map(({ share, known }) => ({ seen: bent(share), known })));
  return (share) => {
    const seen = bent(share);
    return lean.map((row) => row[0] * seen[0] + row[1] * seen[1] + row[2] * seen[2]) as Light;
  };
}

/** Bare black as a share of bare paper, in the upper fields: the middle of them. */
function blackShares(picture: Pixels, toPicture: FoundSheet['toPicture'], bare: BareBoxes): Light {
  const shares = Array.from({ length: 12 }, (_, index) => {
    const { x, y } = fieldBox(index + 1);
    const at = (box: Box): Box => ({ ...box, x: x + box.x, y: y + box.y });
    const black = meanOf(picture, toPicture, at(bare.black));
    const white = meanOf(picture, toPicture, at(bare.white));
    return black && white && white.burnt < burntAbove
      ? black.light.map((each, i) => each / white.light[i])
      : null;
  }).filter((each) => each !== null);
  const middle = (i: number) => {
    const sorted = shares.map((share) => share[i]).sort((one, other) => one - other);
    return sorted[Math.floor(sorted.length / 2)] ?? printedBlack / barePaper;
  };
  return [middle(0), middle(1), middle(2)];
}

/** A curve through points, in square roots, that never falls. */
function risingCurve(points: [number, number][]): (share: number) => number {
  const sorted = points
    .map(([x, y]): [number, number] => [Math.sqrt(x), Math.sqrt(y)])
    .sort((one, other) => one[1] - other[1]);
  // Where noise turned two about, both stand at their middle.
  for (let i = 1; i < sorted.length; i++)
    if (sorted[i][0] <= sorted[i - 1][0]) {
      const x = (sorted[i][0] + sorted[i - 1][0]) / 2;
      sorted[i - 1][0] = x - 1e-4;
      sorted[i][0] = x + 1e-4;
    }
  return (share) => {
    const x = Math.sqrt(Math.max(0, share));
    let at = sorted.findIndex(([end]) => end >= x);
    if (at < 0) at = sorted.length - 1;
    const [x0, y0] = sorted[Math.max(0, at - 1)];
    const [x1, y1] = sorted[Math.max(1, at)];
    const y = y0 + ((x - x0) * (y1 - y0)) / (x1 - x0);
    return Math.max(0, y) ** 2;
  };
}

/** The three rows that take what was seen to what is known, as near to no change as it allows. */
function leanOf(pairs: readonly { seen: Light; known: Light }[]): Light[] {
  return [0, 1, 2].map((row): Light => {
    const matrix = new Float64Array(9);
    const right = new Float64Array(3);
    for (const { seen, known } of pairs) {
      // A miss in the dark is seen as readily as a larger one in the light.
      const weight = 1 / (known[row] + 0.05);
      for (let i = 0; i < 3; i++) {
        for (let k = 0; k < 3; k++) matrix[i * 3 + k] += weight * seen[i] * seen[k];
        right[i] += weight * seen[i] * known[row];
      }
    }
    for (let i = 0; i < 3; i++) {
      matrix[i * 3 + i] += trust;
      if (i === row) right[i] += trust;
    }
    return [...solveLinear(matrix, right)] as Light;
  });
}
