import { randomFrom } from '../../written/record/randomFrom';
import type { Pixels } from '../picture/pixels';
import { homographyOf } from './homography';
import { blurred } from './practiceBlur';
import { sheetHeight, sheetWidth, type Place } from './sheetLayout';

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
/** Light of a place, its three channels, 0–1. */
export type Rgb = readonly [number, number, number];

export interface PhotographAsked {
  faults: readonly PracticeFault[];
  /** the same seed gives the same picture */
  seed: number;
  /** pixels along the longer side of the picture */
  longest?: number;
}

/**
 * A picture as a phone would take it of a sheet on a table: for trying the reading out, and for
 * measuring it.
 *
 * @param sheetAt reflectance of the sheet at a place of it, millimetres; null beside it
 */
export function practicePhotograph(
  sheetAt: (place: Place) => Rgb | null,
  { faults, seed, longest = 1800 }: PhotographAsked,
): Pixels {
  const random = randomFrom(seed);
  const has = (fault: PracticeFault) => faults.includes(fault);
  const between = (least: number, most: number) => least + (most - least) * random();
  const height = longest;
  const width = Math.round(longest * 0.75);
  const places = cornersInPicture(width, height, has('tilted') ? 0.11 : 0.025, random);
  const seen = has('upside down') ? [...places.slice(2), ...places.slice(0, 2)] : places;
  const toSheet = homographyOf(seen, outline);
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
      const reflects = sheetAt(place) ?? table;
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
    // Grains follow each other from a place drawn for each row.
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
