import { z } from 'zod';
import { numberWithin } from '../record/fields';

export const pulls = ['down', 'even', 'up'] as const;

/** Where on the tone axis a step goes on, how soft its ends are and which end gets more. */
export const placementSchema = z
  .strictObject({
    from: numberWithin(0, 1).describe('lower end on the tone axis'),
    to: numberWithin(0, 1).describe('upper end on the tone axis'),
    softness: numberWithin(0, 0.5).describe('width of the fade at each end, on the tone axis'),
    pull: z
      .enum(pulls, { error: `one of ${pulls.join(', ')}` })
      .describe('where strokes finish, so where pigment collects'),
  })
  .refine(({ from, to }) => from <= to, {
    path: ['to'],
    message: 'at or above where the placement starts',
  });

export type Placement = z.infer<typeof placementSchema>;

/**
 * How fully a placement covers a place: 1 inside, 0 outside, a smooth fade of the placement's
 * softness centred on each end. An end at 0 or 1 has nowhere to fade to and stays full.
 *
 * @param at place on the tone axis, 0–1
 * @returns 0–1
 */
export function insidePlacement(at: number, { from, to, softness }: Placement): number {
  const rising = from <= 0 ? 1 : fade(at - from, softness);
  const falling = to >= 1 ? 1 : fade(to - at, softness);
  return rising * falling;
}

/** Position inside the placement, 0 at its lower end and 1 at its upper end. */
export function alongPlacement(at: number, { from, to }: Placement): number {
  if (to <= from) return at < from ? 0 : 1;
  return Math.min(1, Math.max(0, (at - from) / (to - from)));
}

/**
 * Share of the deposit a place gets from the direction of the strokes: 1 throughout when even,
 * otherwise 1 − strength at the end strokes come from up to 1 + strength where they finish.
 *
 * @param strength 0–1
 */
export function pulledShare(at: number, placement: Placement, strength: number): number {
  if (placement.pull === 'even') return 1;
  const along = alongPlacement(at, placement);
  const towards = placement.pull === 'up' ? along : 1 - along;
  return 1 + strength * (2 * towards - 1);
}

function fade(inwards: number, softness: number): number {
  if (softness === 0) return inwards >= 0 ? 1 : 0;
  const along = Math.min(1, Math.max(0, inwards / softness + 0.5));
  return along * along * (3 - 2 * along);
}
