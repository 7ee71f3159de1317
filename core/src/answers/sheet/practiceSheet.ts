import { convertRgbToLrgb, parseHex } from 'culori/fn';
import { surfaceColour } from '../../light/colour/surfaceColour';
import { flatSpectrum } from '../../light/colour/spectrum';
import { filmOver } from '../../light/optics/filmOver';
import { opticsOf } from '../../predicted/paint/opticsOfPot';
import type { Pot } from '../../written/pot/pot';
import type { Pixels } from '../picture/pixels';
import { practicePhotograph, type PhotographAsked, type Rgb } from './practicePhotograph';
import {
  barePaper,
  corners,
  cornerSquares,
  fieldBox,
  fieldCount,
  patches,
  printedBlack,
  sheetHeight,
  sheetWidth,
  strokeBand,
  type Place,
} from './sheetLayout';

export type PracticePot = Pick<Pot, 'swatch' | 'hiding' | 'swatchShows'>;

export interface PracticeSheetAsked extends PhotographAsked {
  /** what is on each field; null for an empty one */
  pots: readonly (PracticePot | null)[];
}

/** A photograph of a sheet with a stroke of each pot: for trying the reading out, and for measuring it. */
export function practiceSheet({ pots, ...asked }: PracticeSheetAsked): Pixels {
  const strokes = pots.map((pot) => (pot ? strokeOf(pot) : null));
  return practicePhotograph((place) => sheetAt(place, strokes), asked);
}

export const asLight = (hex: string): Rgb => {
  const { r, g, b } = convertRgbToLrgb(parseHex(hex) ?? { r: 0, g: 0, b: 0 });
  return [r, g, b];
};

function strokeOf(pot: PracticePot): { black: Rgb; white: Rgb } {
  const optics = opticsOf(pot);
  const over = (ground: number) =>
    asLight(surfaceColour(filmOver(flatSpectrum(ground), optics, 1)).hex);
  return { black: over(printedBlack), white: over(barePaper) };
}

export const grey = (light: number): Rgb => [light, light, light];
const bare = grey(barePaper);
const ink = grey(printedBlack);
const patchLights = patches.map(({ hex, ...box }) => ({ ...box, light: asLight(hex) }));
const pageMargin = 10;

/**
 * Reflectance of corners, patches and margins, light 0–1; `beside` past the page, `inside` where
 * fields lie.
 */
export function frameAt({ x, y }: Place): Rgb | 'beside' | 'inside' {
  if (
    x < -pageMargin ||
    y < -pageMargin ||
    x > sheetWidth + pageMargin ||
    y > sheetHeight + pageMargin
  )
    return 'beside';
  for (const corner of corners) {
    const away = 2 * Math.max(Math.abs(x - corner.x), Math.abs(y - corner.y));
    const inside = cornerSquares.filter((side) => away < side).length;
    if (inside > 0) return inside % 2 === 1 ? ink : bare;
  }
  if (y < 15) {
    const patch = patchLights.find(
      (each) => x >= each.x && x < each.x + each.width && y >= each.y && y < each.y + each.height,
    );
    return patch?.light ?? bare;
  }
  return 'inside';
}

/** Reflectance of the sheet at a place, light 0–1; null beside it. */
function sheetAt(
  place: Place,
  strokes: readonly ({ black: Rgb; white: Rgb } | null)[],
): Rgb | null {
  const frame = frameAt(place);
  if (frame === 'beside') return null;
  if (frame !== 'inside') return frame;
  const { x, y } = place;
  const first = fieldBox(1);
  const column = Math.floor((x - first.x) / (fieldBox(2).x - first.x));
  const row = Math.floor((y - first.y) / (fieldBox(7).y - first.y));
  if (column < 0 || column > 5 || row < 0) return bare;
  const number = row * 6 + column + 1;
  if (number > fieldCount) return bare;
  const box = fieldBox(number);
  const [u, v] = [x - box.x, y - box.y];
  if (u >= box.width || v >= box.height) return isDigit(u, v - box.height, number) ? ink : bare;
  const isBlack = u < box.width / 2;
  const stroke = strokes.at(number - 1);
  const inBand = v > strokeBand.from && v < strokeBand.to && u > 1.2 && u < box.width - 1.2;
  if (stroke && inBand) return isBlack ? stroke.black : stroke.white;
  return isBlack ? ink : bare;
}

/** Something as dark and as small as a printed number, below the field. */
const isDigit = (u: number, v: number, number: number) =>
  v > 1.5 &&
  v < 4.5 &&
  u > 1 &&
  u < 4 &&
  (Math.floor(u * 3) + Math.floor(v * 2) * number) % 3 === 0;
