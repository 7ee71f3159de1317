import { z } from 'zod';
import { numberWithin } from '../record/fields';
import { aimSchema, type Stretch } from './aim';
import { toneStops } from './toneAxis';

export const pulls = ['down', 'even', 'up'] as const;

const endsSchema = z.strictObject({ from: numberWithin(0, 1), to: numberWithin(0, 1) });
type Ends = z.infer<typeof endsSchema>;

/** Where on the tone axis a step goes on, how soft its ends are and which end gets more. */
export const placementSchema = z
  .strictObject({
    from: numberWithin(0, 1).describe('lower end on the tone axis'),
    to: numberWithin(0, 1).describe('upper end on the tone axis'),
    softness: numberWithin(0, 0.5).describe('width of the fade at each end, on the tone axis'),
    pull: z
      .enum(pulls, { error: `one of ${pulls.join(', ')}` })
      .describe('where strokes finish, so where pigment collects'),
    aim: aimSchema.optional().describe('what else the place has to be; anywhere where not said'),
    last: z
      .strictObject({
        from: numberWithin(0, 1),
        to: numberWithin(0, 1),
        within: numberWithin(0, 180).optional().describe('degrees from the side it is aimed at'),
        along: endsSchema.optional(),
        height: endsSchema.optional(),
      })
      .optional()
      .describe('where its last coat goes, when each is smaller than the one before'),
  })
  .superRefine((placement, context) => {
    for (const { path, message } of wrongEnds(placement))
      context.addIssue({ code: 'custom', path, message });
  });

/** Where a line goes: on the tone axis, and what else a place has to be. */
export type Placement = z.infer<typeof placementSchema>;
/** The part of a placement on the tone axis. */
export type TonePlacement = Omit<Placement, 'aim' | 'last'>;

interface WrongEnd {
  path: string[];
  message: string;
}

/** Ends the wrong way round, and a last coat that is not within the first. */
function wrongEnds({ from, to, aim, last }: Placement): WrongEnd[] {
  const wrong: WrongEnd[] = [];
  if (from > to) wrong.push({ path: ['to'], message: 'at or above where the placement starts' });
  if (!last) return wrong;
  const within = (path: string[], inner: Ends, outer: Ends | undefined, what: string) => {
    if (!outer) wrong.push({ path, message: `nothing: the line is not aimed ${what}` });
    else if (inner.from < outer.from || inner.to > outer.to || inner.from > inner.to)
      wrong.push({
        path,
        message: `within the first coat, ${outer.from} to ${outer.to}; each coat is smaller than the one before`,
      });
  };
  within(['last', 'from'], last, { from, to }, 'on the tone axis');
  if (last.along) within(['last', 'along'], last.along, aim?.along, 'along the form');
  if (last.height) within(['last', 'height'], last.height, aim?.height, 'at a height');
  if (last.within !== undefined && !(last.within <= (aim?.facing?.within ?? -1)))
    wrong.push({
      path: ['last', 'within'],
      message: aim?.facing
        ? `at most the ${aim.facing.within} degrees of the first coat`
        : 'nothing: the line is not aimed at a side',
    });
  return wrong;
}

/**
 * How fully a placement covers a place: 1 inside, 0 outside, a smooth fade of the placement's
 * softness centred on each end. An end at 0 or 1 has nowhere to fade to and stays full; an end at a
 * named stop fades outside it, so that what is said to go from there on is whole there.
 *
 * @param at place on the tone axis, 0–1
 * @returns 0–1
 */
export function insidePlacement(at: number, { from, to, softness }: TonePlacement): number {
  const outwards = (end: number) => (isNamedStop.has(end) ? softness / 2 : 0);
  const rising = from <= 0 ? 1 : fade(at - from + outwards(from), softness);
  const falling = to >= 1 ? 1 : fade(to - at + outwards(to), softness);
  return rising * falling;
}

const isNamedStop: ReadonlySet<number> = new Set(toneStops.map((stop) => stop.at));

/** How fully a stretch of an axis covers a place on it, as `insidePlacement`. */
export function insideStretch(at: number, { from, to, softness }: Stretch): number {
  const rising = from <= 0 ? 1 : fade(at - from, softness);
  const falling = to >= 1 ? 1 : fade(to - at, softness);
  return rising * falling;
}

/** Position inside the placement, 0 at its lower end and 1 at its upper end. */
export function alongPlacement(at: number, { from, to }: TonePlacement): number {
  if (to <= from) return at < from ? 0 : 1;
  return Math.min(1, Math.max(0, (at - from) / (to - from)));
}

/**
 * Share of the deposit a place gets from the direction of the strokes: 1 throughout when even,
 * otherwise 1 − strength at the end strokes come from up to 1 + strength where they finish.
 *
 * @param strength 0–1
 */
export function pulledShare(at: number, placement: TonePlacement, strength: number): number {
  if (placement.pull === 'even') return 1;
  const along = alongPlacement(at, placement);
  const towards = placement.pull === 'up' ? along : 1 - along;
  return 1 + strength * (2 * towards - 1);
}

/** A smooth step: 0 half a softness outside, 1 half a softness inside. */
export function fade(inwards: number, softness: number): number {
  if (softness === 0) return inwards >= 0 ? 1 : 0;
  const along = Math.min(1, Math.max(0, inwards / softness + 0.5));
  return along * along * (3 - 2 * along);
}
