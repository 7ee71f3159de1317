import { z } from 'zod';
import { idSchema } from '../record/fields';

export const mostParts = 100;
export const mostThinner = 30;

const partsSchema = z
  .number({ error: `parts above 0 and up to ${mostParts}` })
  .gt(0, `parts above 0 and up to ${mostParts}`)
  .max(mostParts, `parts above 0 and up to ${mostParts}`);

const thinnerParts = (what: string) =>
  z
    .number({ error: `0 to ${mostThinner} parts of ${what} to 1 part of paint` })
    .min(0, `0 to ${mostThinner} parts of ${what} to 1 part of paint`)
    .max(mostThinner, `0 to ${mostThinner} parts of ${what} to 1 part of paint`);

/** Parts of a pot, or of the mix of an earlier line carried forward. */
export const mixPartSchema = z.discriminatedUnion(
  'from',
  [
    z.strictObject({ from: z.literal('pot'), potId: idSchema, parts: partsSchema }),
    z.strictObject({ from: z.literal('step'), stepId: idSchema, parts: partsSchema }),
  ],
  { error: 'parts from a pot or from an earlier line' },
);

export type MixPart = z.infer<typeof mixPartSchema>;

/**
 * Parts of paint, and how far the whole is thinned. Parts carried forward bring the paint of the
 * earlier mix in its proportions; its thinning stays behind and is written anew on each line.
 */
export const mixSchema = z.strictObject({
  parts: z
    .array(mixPartSchema, { error: 'a list of parts' })
    .max(12, 'at most 12 pots and carried-forward mixes')
    .describe('none where the technique holds no paint'),
  waterParts: thinnerParts('water').describe('parts of water to 1 part of paint'),
  mediumParts: thinnerParts('medium').describe('parts of medium to 1 part of paint'),
});

export type Mix = z.infer<typeof mixSchema>;
/** How far a mix is thinned, parts to 1 part of paint. */
export type Thinning = Pick<Mix, 'waterParts' | 'mediumParts'>;

/** Share of paint in what is on the brush, above 0 and up to 1. @example 1 paint : 2 water → 1/3 */
export function loadOf({ waterParts, mediumParts }: Thinning): number {
  return 1 / (1 + waterParts + mediumParts);
}

/** Share of water in the thinner, 0–1; a neat mix counts as thinned with water. */
export function waterShareOf({ waterParts, mediumParts }: Thinning): number {
  const thinner = waterParts + mediumParts;
  return thinner === 0 ? 1 : waterParts / thinner;
}
