import { z } from 'zod';
import { wholeNumberWithin } from '../../../written/record/fields';

/** Aims of a plan between which it weighs. */
export const aimNames = ['shorter', 'fewerChanges', 'unitsEarly', 'lessWaiting'] as const;
export type AimName = (typeof aimNames)[number];

/** How much an aim matters, from not at all to much; 2 is usual. */
export const mostAim = 4;
export const usualAim = 2;

const level = wholeNumberWithin(0, mostAim);

export const aimsSchema = z
  .strictObject({
    shorter: level.describe('the last coat is laid down early'),
    fewerChanges: level.describe('few changes of paint and surface, coats in a row'),
    unitsEarly: level.describe('each unit is finished early, rather than all of them at the end'),
    lessWaiting: level.describe('hands wait little for paint to dry'),
  })
  .describe('how much each aim matters, 0 not at all, 2 as usual, 4 much');

export type Aims = z.infer<typeof aimsSchema>;

/** Weights of the aims, 1 is usual. */
export type AimWeights = Record<AimName, number>;

export const usualAims: Aims = {
  shorter: usualAim,
  fewerChanges: usualAim,
  unitsEarly: usualAim,
  lessWaiting: usualAim,
};

const weights = [0, 0.4, 1, 2.5, 6];

/** @example aimWeights(usualAims).shorter // → 1 */
export const aimWeights = (aims: Aims): AimWeights => ({
  shorter: weights[aims.shorter],
  fewerChanges: weights[aims.fewerChanges],
  unitsEarly: weights[aims.unitsEarly],
  lessWaiting: weights[aims.lessWaiting],
});
