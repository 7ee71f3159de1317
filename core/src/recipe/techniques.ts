import {
  catching,
  drawnOut,
  evenly,
  falling,
  pooling,
  type DepositProfile,
} from './depositProfiles';
import type { Placement } from './placement';
import type { TechniqueName } from './techniqueNames';

export interface Technique {
  /** on screen and in print */
  label: string;
  /** thickness of one neat coat, in films of about 40 µm wet */
  film: number;
  deposit: DepositProfile;
  /** `film`: the deposit multiplies the thickness; `area`: it is the share of the area touched */
  spreads: 'film' | 'area';
  /** one application is called a coat, or a pass for what tints rather than covers */
  counts: 'coat' | 'pass';
  /** whether covering what lies below is what the technique is for */
  covers: boolean;
  /** where it usually goes on */
  usualPlacement: Placement;
  leaves: string;
  /** what to take care of, where the technique can hurt somebody */
  caution?: string;
}

const everywhere: Placement = { from: 0, to: 1, softness: 0, pull: 'even' };

const sprayCaution =
  'Mist and solvent harm lungs and eyes, and can catch fire: spray outdoors or with extraction, away from flames and heaters, wear the mask the maker’s sheet names, and follow the local rules.';

export const techniques = {
  spray: {
    label: 'spray',
    film: 4,
    deposit: evenly(0),
    spreads: 'film',
    counts: 'coat',
    covers: true,
    usualPlacement: everywhere,
    leaves: 'an opaque, even coat',
    caution: sprayCaution,
  },
  sprayFromAbove: {
    label: 'spray from above',
    film: 2,
    deposit: falling,
    spreads: 'area',
    counts: 'coat',
    covers: false,
    usualPlacement: { from: 0.2, to: 0.85, softness: 0.2, pull: 'up' },
    leaves: 'a mist on everything that faces up',
    caution: sprayCaution,
  },
  brushCoat: {
    label: 'brush coat',
    film: 1,
    deposit: evenly(0.15),
    spreads: 'film',
    counts: 'coat',
    covers: true,
    usualPlacement: everywhere,
    leaves: 'an even coat',
  },
  layer: {
    label: 'layer',
    film: 1,
    deposit: evenly(0.3),
    spreads: 'film',
    counts: 'coat',
    covers: true,
    usualPlacement: { from: 0.5, to: 1, softness: 0.1, pull: 'up' },
    leaves: 'the area above where it starts',
  },
  allOverWash: {
    label: 'all-over wash',
    film: 1,
    deposit: pooling(2.2, 0.15, 0),
    spreads: 'film',
    counts: 'pass',
    covers: false,
    usualPlacement: everywhere,
    leaves: 'dark recesses and a faint stain on the rest',
  },
  recessWash: {
    label: 'recess wash',
    film: 1,
    deposit: pooling(2.2, 0.15, 0.02),
    spreads: 'film',
    counts: 'pass',
    covers: false,
    usualPlacement: { from: 0, to: 0.28, softness: 0.14, pull: 'down' },
    leaves: 'dark recesses, the rest clean',
  },
  placedGlaze: {
    label: 'placed glaze',
    film: 0.45,
    deposit: evenly(0.8),
    spreads: 'film',
    counts: 'pass',
    covers: false,
    usualPlacement: { from: 0.1, to: 0.5, softness: 0.25, pull: 'down' },
    leaves: 'a tint that deepens where it is pulled',
  },
  filter: {
    label: 'filter',
    film: 0.45,
    deposit: evenly(0),
    spreads: 'film',
    counts: 'pass',
    covers: false,
    usualPlacement: everywhere,
    leaves: 'a thin even tint',
  },
  dryBrush: {
    label: 'dry brush',
    film: 0.7,
    deposit: catching(0.04, 0.75, 1.7),
    spreads: 'area',
    counts: 'pass',
    covers: false,
    usualPlacement: { from: 0.45, to: 1, softness: 0.15, pull: 'up' },
    leaves: 'broken colour on what stands up',
  },
  stipple: {
    label: 'stipple',
    film: 0.9,
    deposit: catching(0.25, 0.65, 1),
    spreads: 'area',
    counts: 'pass',
    covers: false,
    usualPlacement: { from: 0.45, to: 0.95, softness: 0.15, pull: 'up' },
    leaves: 'dots that thicken towards the light',
  },
  lineWork: {
    label: 'line work',
    film: 0.9,
    deposit: catching(0.25, 0.5, 1),
    spreads: 'area',
    counts: 'pass',
    covers: false,
    usualPlacement: { from: 0.5, to: 1, softness: 0.1, pull: 'up' },
    leaves: 'lines along hair, grain or scratches',
  },
  edgeLine: {
    label: 'edge line',
    film: 0.9,
    deposit: evenly(0),
    spreads: 'film',
    counts: 'coat',
    covers: true,
    usualPlacement: { from: 0.92, to: 1, softness: 0.03, pull: 'even' },
    leaves: 'a line along the edges',
  },
  point: {
    label: 'point',
    film: 1,
    deposit: evenly(0),
    spreads: 'film',
    counts: 'coat',
    covers: true,
    usualPlacement: { from: 0.98, to: 1, softness: 0.01, pull: 'even' },
    leaves: 'dots at corners and the sharpest folds',
  },
  oneCoat: {
    label: 'one-coat',
    film: 1,
    deposit: pooling(1.6, 0.5, 0),
    spreads: 'film',
    counts: 'coat',
    covers: false,
    usualPlacement: everywhere,
    leaves: 'colour, shade and light from one transparent coat over a pale ground',
  },
  wetBlend: {
    label: 'wet blend',
    film: 1,
    deposit: drawnOut(0.35),
    spreads: 'film',
    counts: 'coat',
    covers: true,
    usualPlacement: { from: 0.5, to: 1, softness: 0.35, pull: 'up' },
    leaves: 'a long soft passage into what is still wet',
  },
} satisfies Record<TechniqueName, Technique>;

/** @example techniqueOf('filter').film // → 0.45 */
export function techniqueOf(name: TechniqueName): Technique {
  return techniques[name];
}
