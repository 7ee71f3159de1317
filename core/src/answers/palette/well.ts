import { z } from 'zod';
import { carriedFields } from '../../written/record/carriedFields';
import { idSchema, lineOfText, numberWithin } from '../../written/record/fields';
import { savedAtSchema } from '../../written/record/revision';

export const mostWells = 24;
/** No well holds more than this. */
export const mostWellMl = 30;

const amount = numberWithin(0, mostWellMl);

/** The intended content of a well, in shares of its paint and load; for restoring it. */
export const wantedMixSchema = z.strictObject({
  pots: z
    .array(z.strictObject({ potId: idSchema, share: numberWithin(0, 1) }))
    .min(1, 'at least one pot')
    .max(24, 'at most 24 pots'),
  load: numberWithin(0.001, 1).describe('share of paint in the whole'),
  mediumShare: numberWithin(0, 1)
    .optional()
    .describe('share of medium in its thinner; all water where not said'),
});

export type WantedMix = z.infer<typeof wantedMixSchema>;

/** One hollow of the palette and what is in it now, in millilitres. */
export const wellSchema = z.strictObject({
  id: idSchema,
  name: lineOfText,
  pots: z
    .array(z.strictObject({ potId: idSchema, ml: amount }))
    .max(24, 'at most 24 pots')
    .describe('paint in it, wet'),
  waterMl: amount,
  mediumMl: amount,
  /** when what is in it was put in, by the clock; the mean over its volume */
  freshAt: savedAtSchema,
  wanted: wantedMixSchema.optional(),
});

export type Well = z.infer<typeof wellSchema>;

export const keepings = ['open', 'damp', 'covered'] as const;

/** The wells somebody has on the table. */
export const paletteSchema = z.strictObject({
  id: idSchema,
  name: lineOfText,
  keeping: z
    .enum(keepings, { error: `one of ${keepings.join(', ')}` })
    .describe('open dish, damp sheet below, or damp and covered'),
  wells: z.array(wellSchema).max(mostWells, `at most ${mostWells} wells`),
  more: carriedFields,
});

export type Palette = z.infer<typeof paletteSchema>;

/** Every pot that is in a well, or that a well is to be brought back to, each once. */
export function potIdsInPalette({ wells }: Palette): string[] {
  const drawn = wells.flatMap(({ pots, wanted }) => [...pots, ...(wanted?.pots ?? [])]);
  return [...new Set(drawn.map(({ potId }) => potId))];
}
