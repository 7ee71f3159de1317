import { hueApart } from '../colour/hueApart';
import { surfaceColour, type SurfaceColour } from '../colour/surfaceColour';
import { masstoneOf } from './masstone';
import { mixOptics } from './mixOptics';
import type { Optics } from './optics';

/** The mixtures of two paints, stirred together from 3 : 1 to 1 : 3. */
export interface Greying {
  /** C* of the greyest mix on the way */
  greyest: number;
  /** C* of the strongest mix that has turned to a hue of neither, 0 where none has */
  thirdHue: number;
}

/** Parts of the one to parts of the other that are tried. */
const ratios = [
  [3, 1],
  [2, 1],
  [3, 2],
  [1, 1],
  [2, 3],
  [1, 2],
  [1, 3],
] as const;
/** A mix whose hue is further than this from both, degrees, is a third hue. */
const thirdFrom = 50;

/**
 * How far two paints are each other’s opposite: opposites grey each other on the way and turn to no
 * third hue, as yellow and violet do, and as yellow and blue, which make a green, do not.
 */
export function greyingOf(one: Optics, other: Optics): Greying {
  const ends = [one, other].map((optics) => surfaceColour(masstoneOf(optics)));
  const mixes = ratios.map(([parts, otherParts]) =>
    surfaceColour(
      masstoneOf(
        mixOptics([
          { optics: one, parts },
          { optics: other, parts: otherParts },
        ]),
      ),
    ),
  );
  const isThird = ({ hue }: SurfaceColour) =>
    ends.every((end) => Math.abs(hueApart(end.hue, hue)) > thirdFrom);
  return {
    greyest: Math.min(...mixes.map(({ chroma }) => chroma)),
    thirdHue: Math.max(0, ...mixes.filter(isThird).map(({ chroma }) => chroma)),
  };
}

/**
 * How badly two paints serve as each other’s opposite: what stands out of their mixes, C*, so that
 * less is better; lying straight across counts a little.
 *
 * @returns null where they are no opposites: they lie no way across on the painters’ wheel, or a
 *   colour stands out of every mix
 */
export function oppositeCost(one: Optics, other: Optics): number | null {
  const [first, second] = [one, other].map((optics) => surfaceColour(masstoneOf(optics)));
  const across = Math.abs(hueApart(paintersHue(first.hue), paintersHue(second.hue)));
  if (first.chroma < colouredFrom || second.chroma < colouredFrom || across < acrossFrom)
    return null;
  const { greyest, thirdHue } = greyingOf(one, other);
  const cost = greyest + thirdHue + (180 - across) * costPerDegree;
  return cost > oppositeUpTo ? null : cost;
}

/** Weaker than this, C*, a paint has no opposite. */
const colouredFrom = 8;
/** From here on, C*, what stands out of the mixes is a colour. */
const oppositeUpTo = 34;
/** Of two that grey as well, the one that lies straighter across serves better. */
const costPerDegree = 0.1;
/** Degrees of the painters’ wheel from which two paints lie across. */
const acrossFrom = 130;

/** Hues of CIELAB, degrees, and where painters have them: red, yellow and blue a third apart. */
const wheel = [
  { lab: 28, painters: 0 },
  { lab: 55, painters: 60 },
  { lab: 88, painters: 120 },
  { lab: 150, painters: 180 },
  { lab: 275, painters: 240 },
  { lab: 315, painters: 300 },
  { lab: 388, painters: 360 },
];

/** A hue on the painters’ wheel. @example paintersHue(88) // → 120, across from violet */
export function paintersHue(hue: number): number {
  const turned = hue < wheel[0].lab ? hue + 360 : hue;
  const next = wheel.findIndex(({ lab }) => lab >= turned);
  if (next <= 0) return 0;
  const [low, high] = [wheel[next - 1], wheel[next]];
  return (
    low.painters + ((turned - low.lab) / (high.lab - low.lab)) * (high.painters - low.painters)
  );
}
