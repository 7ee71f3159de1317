import type { FigurePlace } from '@yellow-ledger/core';

/** One shape of the figure; the first are drawn first and lie below. */
export interface FigureShape {
  place: FigurePlace;
  path: string;
}

/** Our own figure: a marsh militiaman with pole and lantern, 200 wide and 320 high. */
const pole = 'M45 62h7v232h-7z M48.5 22l10 40h-20z';
const lantern = 'M140 190q8-12 16 0 M136 192h24l5 32h-34z';
const legs = 'M76 206h22l-2 64H74z M102 206h22l2 64h-22z';
const boots = 'M72 264h26v32H62q0-13 10-17z M102 264h26v15q10 4 10 17h-36z';
const base = 'M36 300a64 13 0 0 1 128 0a64 13 0 0 1-128 0z';
const skirts = 'M73 160h54l11 62q-38 11-76 0z';
const chest = 'M70 92q30-11 60 0l-4 68H74z';
const belt = 'M73 153h54v12H73z';
const arms = 'M71 91q-17 6-19 30l-7 46 15 5 13-46z M129 91q17 6 19 30l7 46-15 5-13-46z';
const hands =
  'M42 178a9.5 9.5 0 0 1 19 0a9.5 9.5 0 0 1-19 0z M139 178a9.5 9.5 0 0 1 19 0a9.5 9.5 0 0 1-19 0z';

/** Shapes seen from either side, from the legs up to the arms. */
const body: FigureShape[] = [
  { place: 'legs', path: legs },
  { place: 'boots', path: boots },
  { place: 'skirts', path: skirts },
  { place: 'chest', path: chest },
  { place: 'belt', path: belt },
  { place: 'arms', path: arms },
];

export const frontShapes: FigureShape[] = [
  { place: 'ground', path: base },
  { place: 'mantle', path: 'M62 88q38-18 76 0l22 150q-60 20-120 0z' },
  ...body,
  { place: 'weapon', path: pole },
  { place: 'held', path: lantern },
  { place: 'hands', path: hands },
  { place: 'face', path: 'M82 64a18 21 0 0 1 36 0a18 21 0 0 1-36 0z' },
  { place: 'headgear', path: 'M77 62q0-29 23-29t23 29q-10-8-23-8t-23 8z' },
];

export const backShapes: FigureShape[] = [
  { place: 'ground', path: base },
  ...body,
  { place: 'weapon', path: 'M148 62h7v232h-7z M151.5 22l10 40h-20z' },
  { place: 'held', path: 'M44 190q8-12 16 0 M40 192h24l5 32H35z' },
  { place: 'hands', path: hands },
  { place: 'mantle', path: 'M66 86q34-14 68 0l19 152q-53 22-106 0z' },
  { place: 'headgear', path: 'M77 60a23 26 0 0 1 46 0a23 26 0 0 1-46 0z' },
];
