import { z } from 'zod';
import { hexSchema } from '../colour/hex';
import { idSchema, lineOfText, numberWithin, pageOfText } from '../record/fields';

export const potKinds = ['paint', 'ink', 'wash', 'medium', 'primer', 'varnish'] as const;
export const potFinishes = ['matt', 'satin', 'gloss', 'metallic'] as const;
export const potFlows = ['thin', 'normal', 'thick'] as const;

export type PotKind = (typeof potKinds)[number];

/** Kinds that colour nothing: they thin a mix or seal a surface. */
export const clearKinds: readonly PotKind[] = ['medium', 'varnish'];

/** What a painter writes about one pot; everything the computation knows of it. */
export const potSchema = z.strictObject({
  id: idSchema,
  name: lineOfText,
  kind: z.enum(potKinds, { error: `one of ${potKinds.join(', ')}` }),
  finish: z.enum(potFinishes, { error: `one of ${potFinishes.join(', ')}` }),
  flow: z.enum(potFlows, { error: `one of ${potFlows.join(', ')}` }),
  swatch: hexSchema.describe('masstone: the colour when thick, opaque and dry, sRGB'),
  hiding: numberWithin(0, 1).describe('Y over black / Y over white of one neat brushed coat'),
  hidingIsGuess: z
    .boolean({ error: 'true or false' })
    .describe('true until somebody has tried the pot over black and white'),
  volumeMl: z
    .union([numberWithin(0, 10_000), z.null()], { error: 'millilitres from 0 to 10,000, or empty' })
    .describe('millilitres left; null when nobody has looked'),
  notes: pageOfText,
  retired: z.boolean({ error: 'true or false' }),
});

export type Pot = z.infer<typeof potSchema>;
