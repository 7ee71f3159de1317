import * as all from './ways/all';
import type { Way } from './ways/way';

/** Ways of going about a surface; a file each. None is better; painters hold to what they learnt. */
export const schools: Record<keyof typeof all, Way> = all;
export type SchoolName = keyof typeof all;

export const schoolNames = (Object.keys(schools) as SchoolName[]).sort(
  (one, other) => schools[one].listedAt - schools[other].listedAt,
);

export const shadeChoices = {
  darkerNeighbour: 'a darker neighbour hue',
  oppositeHue: 'the opposite hue',
  warmBrown: 'a warm brown',
  wash: 'a wash',
  black: 'black',
} as const;

export type ShadeChoice = keyof typeof shadeChoices;

export const lightenChoices = {
  lighterNeighbour: 'a lighter neighbour hue',
  bone: 'bone or cream',
  white: 'white',
} as const;

export type LightenChoice = keyof typeof lightenChoices;

export const thinChoices = {
  water: 'water',
  medium: 'medium',
  both: 'water and medium',
} as const;
