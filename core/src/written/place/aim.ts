import { z } from 'zod';
import { idSchema, numberWithin } from '../record/fields';
import type { LightDirection } from './light';
import { lightDirections } from './light';

type Direction = readonly [number, number, number];

/** Sides a place can face, in the figure's own frame: to its left, up, to its front. */
const sides = {
  up: { label: 'up', name: 'top', direction: [0, 1, 0] },
  down: { label: 'down', name: 'underside', direction: [0, -1, 0] },
  front: { label: 'to the front', name: 'front', direction: [0, 0, 1] },
  back: { label: 'to the back', name: 'back', direction: [0, 0, -1] },
  left: { label: 'to its left', name: 'its left', direction: [1, 0, 0] },
  right: { label: 'to its right', name: 'its right', direction: [-1, 0, 0] },
  light: { label: 'towards the light', name: 'lit side', direction: null },
  dark: { label: 'away from the light', name: 'dark side', direction: null },
} as const satisfies Record<string, { label: string; name: string; direction: Direction | null }>;

export type AimSide = keyof typeof sides;
export const sideNames = Object.keys(sides) as [AimSide, ...AimSide[]];

/** @example sideWords('down').name // → 'underside' */
export const sideWords = (side: AimSide): { label: string; name: string } => sides[side];

const opposites = {
  up: 'down',
  down: 'up',
  front: 'back',
  back: 'front',
  left: 'right',
  right: 'left',
  light: 'dark',
  dark: 'light',
} as const satisfies Record<AimSide, AimSide>;

/** @example oppositeSide('up') // → 'down' */
export const oppositeSide = (side: AimSide): AimSide => opposites[side];

/** The unit direction of a side under a light. */
export function directionOf(side: AimSide, light: LightDirection): Direction {
  const own = sides[side].direction;
  if (own) return own;
  const [x, y, z] = lightDirections[light];
  return side === 'light' ? [x, y, z] : [-x, -y, -z];
}

const facingSchema = z.strictObject({
  side: z.enum(sideNames, { error: `one of ${sideNames.join(', ')}` }),
  within: numberWithin(0, 180).describe('degrees from that side'),
});

const stretchSchema = z
  .strictObject({
    from: numberWithin(0, 1),
    to: numberWithin(0, 1),
    softness: numberWithin(0, 0.5).describe('width of the fade at each end'),
  })
  .refine(({ from, to }) => from <= to, { path: ['to'], message: 'at or above where it starts' });

export type Stretch = z.infer<typeof stretchSchema>;

/** The part of a placement that is not tone. What is left out does not matter. */
export const aimSchema = z.strictObject({
  facing: facingSchema.optional().describe('places that face a side'),
  along: stretchSchema.optional().describe('0 at the root to 1 at the tip'),
  height: stretchSchema.optional().describe('0 at the feet to 1 at the crown of the figure'),
  spot: idSchema.optional().describe('a spot of the recipe'),
});

export type WrittenAim = z.infer<typeof aimSchema>;

/** An aim as it is looked up: as written, and what a technique has of itself. */
export interface Aim extends WrittenAim {
  /** round the outline of the part alone */
  rim?: true;
  /** where its coats shrink: what each of them is aimed at */
  ofCoats?: readonly WrittenAim[];
}

/** One aim is another when their keys are the same. @example aimKey({}) // → '' */
export function aimKey({ facing, along, height, spot, rim, ofCoats }: Aim): string {
  if (ofCoats) return ofCoats.map((aim) => aimKey({ ...aim, ...(rim && { rim }) })).join(' > ');
  const stretch = (each?: Stretch) => each && `${each.from} ${each.to} ${each.softness}`;
  const parts = [
    facing && `${facing.side} ${facing.within}`,
    stretch(along),
    stretch(height),
    spot,
    rim && 'rim',
  ];
  return parts.some((part) => part !== undefined) ? parts.map((part) => part ?? '').join('|') : '';
}
