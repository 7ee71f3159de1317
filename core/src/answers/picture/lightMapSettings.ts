import { z } from 'zod';
import { numberWithin, wholeNumberWithin } from '../../written/record/fields';

export const fewestValues = 3;
export const mostValues = 7;

/** The least that is left of a side of a picture that is cut out, as a share of it. */
export const leastCut = 0.05;

const share = numberWithin(0, 1);

/** The part cut out of a picture, as shares of its width and height from the upper left corner. */
export const cutOutSchema = z
  .strictObject({ left: share, top: share, right: share, bottom: share })
  .refine(
    ({ left, right, top, bottom }) => right - left >= leastCut && bottom - top >= leastCut,
    'a right edge to the right of the left one, and a lower edge below the upper one',
  );

export type CutOut = z.infer<typeof cutOutSchema>;

/** How a photograph is looked at as a map of light. */
export const lightMapSettingsSchema = z.strictObject({
  values: wholeNumberWithin(fewestValues, mostValues).describe('greys it is laid out in'),
  steps: z.enum(['hard', 'soft'], { error: 'hard or soft' }),
  isFlipped: z.boolean({ error: 'true or false' }).describe('left and right changed over'),
  cutOut: cutOutSchema.optional().describe('all of it where not said'),
  withoutBackground: z
    .boolean({ error: 'true or false' })
    .describe('what is like the rim of the picture, and hangs together with it, is left out'),
});

export type LightMapSettings = z.infer<typeof lightMapSettingsSchema>;

/** As a photograph is looked at until somebody says otherwise. */
export const usualLightMap: LightMapSettings = {
  values: 5,
  steps: 'hard',
  isFlipped: false,
  withoutBackground: true,
};
