import { convertRgbToLrgb, parseHex } from 'culori/fn';
import { surfaceColour } from '../../light/colour/surfaceColour';
import { flatSpectrum } from '../../light/colour/spectrum';
import { filmOver } from '../../light/optics/filmOver';
import { opticsOf } from '../../predicted/paint/opticsOfPot';
import type { Pot } from '../../written/pot/pot';
import { randomFrom } from '../../written/record/randomFrom';
import type { Pixels } from '../picture/pixels';
import { homographyOf } from './homography';
import { blurred } from './practiceBlur';
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

/** Faults a picture of a sheet can have. */
export const practiceFaults = [
  'none',
  'warm light',
  'dim light',
  'light from one side',
  'tilted',
  'upside down',
  'shadow',
  'glare',
  'empty fields',
  'blurred',
] as const;

export type PracticeFault = (typeof practiceFaults)[number];
export type PracticePot = Pick<Pot, 'swatch' | 'hiding' | 'swatchShows'>;

export interface PracticeSheetAsked {
  /** what is on each field; null for an empty one */
  pots: readonly (PracticePot | null)[];
  faults: readonly PracticeFault[];
  /** the same seed gives the same picture */
  seed: number;
  /** pixels along the longer side of the picture */
  longest?: number;
}

type Rgb = readonly [number, number, number];

/**
 * A picture as a phone would take it of a sheet on a table: for trying the reading out, and for
 * measuring it.
 */
export function practiceSheet({ pots, faults, seed, longest = 1800 }: PracticeSheetAsked): Pixels {
  const random = randomFrom(seed);
  const has = (fault: PracticeFault) => faults.includes(fault);
  const between = (least: number, most: number) => least + (most - least) * random();
  const height = longest;
  const width = Math.round(longest * 0.75);
  const places = cornersInPicture(width, height, has('tilted') ? 0.11 : 0.025, random);
  const seen = has('upside down') ? [...places.slice(2), ...places.slice(0, 2)] : places;
  const toSheet = homographyOf(seen, outline);
  const strokes = pots.map((pot) => (pot ? strokeOf(pot) : null));
  const lamp: Rgb = has('warm light')
    ? [1, between(0.74, 0.86), between(0.45, 0.65)]
    : [1, between(0.95, 1.02), between(0.9, 1.05)];
  const exposure = has('dim light') ? between(0.16, 0.3) : between(0.62, 0.8);
  const fall = has('light from one side') ? between(0.35, 0.6) : between(0, 0.12);
  const angle = between(0, 2 * Math.PI);
  const shadow = has('shadow')
    ? {
        at: between(0.3, 0.7),
        angle: between(0, Math.PI),
        depth: between(0.35, 0.6),
        soft: between(0.01, 0.06),
      }
    : null;
  const glare = has('glare')
    ? {
        x: between(0.25, 0.75),
        y: between(0.3, 0.8),
        size: between(0.08, 0.16),
        light: between(0.15, 0.5),
      }
    : null;
  const bend = between(0.94, 1.06);
  const lean = between(-0.05, 0.07);
  const noise = has('dim light') ? 0.012 : 0.005;
  const table: Rgb = [between(0.1, 0.35), between(0.08, 0.28), between(0.05, 0.22)];
  const light = new Float32Array(width * height * 3);
  for (let y = 0; y < height; y++)
    for (let x = 0; x < width; x++) {
      const place = toSheet({ x: x + 0.5, y: y + 0.5 });
      const reflects = sheetAt(place, strokes) ?? table;
      const [u, v] = [x / width, y / height];
      const along = (u - 0.5) * Math.cos(angle) + (v - 0.5) * Math.sin(angle);
      let level = exposure * (1 - fall * (along + 0.5));
      if (shadow) {
        const side =
          u * Math.cos(shadow.angle) +
          v * Math.sin(shadow.angle) -
          shadow.at * (Math.cos(shadow.angle) + Math.sin(shadow.angle));
        level *= 1 - shadow.depth / (1 + Math.exp(-side / (shadow.soft / 4)));
      }
      const veil = glare
        ? glare.light *
          exposure *
          Math.exp(-(((u - glare.x) / glare.size) ** 2 + ((v - glare.y) / glare.size) ** 2))
        : 0;
      const at = (y * width + x) * 3;
      for (let i = 0; i < 3; i++) light[at + i] = reflects[i] * lamp[i] * level + veil;
    }
  const blur = (has('blurred') ? between(0.0022, 0.0038) : 0.0006) * longest;
  return asTaken(blurred(light, width, height, blur), width, height, { bend, lean, noise, random });
}

/** The corners of what is printed, as `corners` go round. */
const outline: readonly Place[] = [
  { x: 0, y: 0 },
  { x: sheetWidth, y: 0 },
  { x: sheetWidth, y: sheetHeight },
  { x: 0, y: sheetHeight },
];

function cornersInPicture(
  width: number,
  height: number,
  most: number,
  random: () => number,
): Place[] {
  const margin = 0.07;
  const off = () => (random() - 0.5) * 2 * most;
  return [
    [margin, margin],
    [1 - margin, margin],
    [1 - margin, 1 - margin],
    [margin, 1 - margin],
  ].map(([u, v]) => ({
    x: width * Math.min(0.98, Math.max(0.02, u + off())),
    y: height * Math.min(0.98, Math.max(0.02, v + off())),
  }));
}

const asLight = (hex: string): Rgb => {
  const { r, g, b } = convertRgbToLrgb(parseHex(hex) ?? { r: 0, g: 0, b: 0 });
  return [r, g, b];
};

function strokeOf(pot: PracticePot): { black: Rgb; white: Rgb } {
  const optics = opticsOf(pot);
  const over = (ground: number) =>
    asLight(surfaceColour(filmOver(flatSpectrum(ground), optics, 1)).hex);
  return { black: over(printedBlack), white: over(barePaper) };
}

const grey = (light: number): Rgb => [light, light, light];
const bare = grey(barePaper);
const ink = grey(printedBlack);
const patchLights = patches.map(({ hex, ...box }) => ({ ...box, light: asLight(hex) }));
const pageMargin = 10;

/** Reflectance of the sheet at a place, light 0–1; null beside it. */
function sheetAt(
  { x, y }: Place,
  strokes: readonly ({ black: Rgb; white: Rgb } | null)[],
): Rgb | null {
  if (
    x < -pageMargin ||
    y < -pageMargin ||
    x > sheetWidth + pageMargin ||
    y > sheetHeight + pageMargin
  )
    return null;
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

interface Camera {
  bend: number;
  lean: number;
  noise: number;
  random: () => number;
}

const fineness = 32767;
const grains = 8191;

/** A simulated camera: its own curve and colours, noise, bytes. */
function asTaken(
  light: Float32Array,
  width: number,
  height: number,
  { bend, lean, noise, random }: Camera,
): Pixels {
  const shown = Float32Array.from({ length: fineness + 1 }, (_, step) =>
    Math.min(255, 255 * encoded((1.5 * (step / fineness)) ** bend)),
  );
  const grain = Float32Array.from(
    { length: grains },
    () => 510 * noise * (random() + random() + random() - 1.5),
  );
  const data = new Uint8ClampedArray(width * height * 4);
  let drawn = 0;
  for (let pixel = 0; pixel < width * height; pixel++) {
    // Grains follow each other anew from a place drawn for each row.
    if (pixel % width === 0) drawn = Math.floor(random() * grains);
    const at = pixel * 3;
    const mean = (light[at] + light[at + 1] + light[at + 2]) / 3;
    for (let i = 0; i < 3; i++) {
      const leaning = light[at + i] + lean * (light[at + i] - mean);
      const step = Math.min(fineness, Math.max(0, Math.round((leaning / 1.5) * fineness)));
      drawn = drawn + 1 === grains ? 0 : drawn + 1;
      data[pixel * 4 + i] = shown[step] + grain[drawn];
    }
    data[pixel * 4 + 3] = 255;
  }
  return { width, height, data };
}

/** @source IEC 61966-2-1 */
const encoded = (light: number) =>
  light <= 0.0031308 ? 12.92 * light : 1.055 * light ** (1 / 2.4) - 0.055;
