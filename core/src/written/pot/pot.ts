import { z } from 'zod';
import { hexSchema } from '../../light/colour/hex';
import { carriedFields } from '../record/carriedFields';
import { dateOnly, idSchema, lineOfText, numberWithin, pageOfText } from '../record/fields';
import { savedAtSchema } from '../record/revision';
import { glazeCardSchema } from './glazeCard';

export const potKinds = [
  'paint',
  'ink',
  'wash',
  'one-coat',
  'medium',
  'primer',
  'varnish',
] as const;
export const potFinishes = ['matt', 'satin', 'gloss', 'metallic', 'fluorescent'] as const;
export const potFlows = ['thin', 'normal', 'thick'] as const;

/** How a paint takes thinning, beside how its bottle pours. */
export const thinsAsNames = ['holds together', 'usual', 'breaks up early'] as const;
/** The meaning of a swatch: a mass that hides all below it, or one neat coat over white. */
export const swatchReadings = ['thick and dry', 'one coat over white'] as const;
export type SwatchReading = (typeof swatchReadings)[number];
/** How fast a paint dries, beside others on the same table. */
export const driesAsNames = ['slow', 'usual', 'quick'] as const;

export type PotKind = (typeof potKinds)[number];

/** Kinds that colour nothing: they thin a mix or seal a surface. */
export const clearKinds: readonly PotKind[] = ['medium', 'varnish'];

/** Kinds that let light through: nobody ever sees them thick. */
export const transparentKinds: readonly PotKind[] = ['ink', 'wash', 'one-coat'];

/** The facts a painter writes about one pot; everything the computation knows of it. */
export const potSchema = z.strictObject({
  id: idSchema,
  name: lineOfText,
  kind: z.enum(potKinds, { error: `one of ${potKinds.join(', ')}` }),
  finish: z.enum(potFinishes, { error: `one of ${potFinishes.join(', ')}` }),
  flow: z.enum(potFlows, { error: `one of ${potFlows.join(', ')}` }),
  swatch: hexSchema.describe(
    'its colour, sRGB: thick, opaque and dry unless `swatchShows` says otherwise',
  ),
  swatchShows: z
    .enum(swatchReadings, { error: `one of ${swatchReadings.join(', ')}` })
    .optional()
    .describe('what the swatch shows; thick and dry where not said'),
  hiding: numberWithin(0, 1).describe('Y over black / Y over white of one neat brushed coat'),
  hidingIsGuess: z
    .boolean({ error: 'true or false' })
    .describe('true until somebody has tried the pot over black and white'),
  volumeMl: z
    .union([numberWithin(0, 10_000), z.null()], { error: 'millilitres from 0 to 10,000, or empty' })
    .describe('millilitres that were in it when it was last measured; null when nobody has looked'),
  measuredAt: savedAtSchema
    .optional()
    .describe('when that was; what the log says was used since is no longer in it'),
  notes: pageOfText,
  usualThinner: z
    .strictObject({ waterParts: numberWithin(0, 30), mediumParts: numberWithin(0, 30) })
    .optional()
    .describe('how its owner likes to thin it for coats, parts to 1 part of paint'),
  usualGlaze: z
    .strictObject({ waterParts: numberWithin(0, 30), mediumParts: numberWithin(0, 30) })
    .optional()
    .describe('how its owner likes to thin it for glazes and filters, parts to 1 part of paint'),
  retired: z.boolean({ error: 'true or false' }),
  dropsPerMl: numberWithin(5, 100)
    .optional()
    .describe('drops this bottle gives from a millilitre, counted once'),
  brushfulDrops: numberWithin(0.1, 20)
    .optional()
    .describe('drops its owner takes up in one brushful'),
  thinsAs: z
    .enum(thinsAsNames, { error: `one of ${thinsAsNames.join(', ')}` })
    .optional()
    .describe('how it takes water; usual where not said'),
  driesAs: z
    .enum(driesAsNames, { error: `one of ${driesAsNames.join(', ')}` })
    .optional()
    .describe('how fast it dries; usual where not said'),
  wetSwatch: hexSchema.optional().describe('the colour while it is wet, sRGB'),
  openedOn: dateOnly.optional().describe('the day it was opened, year-month-day'),
  lowMl: numberWithin(0, 1000)
    .optional()
    .describe('from so many millilitres down it counts as low'),
  owner: lineOfText.optional().describe('whose shelf it stands on; mine where not said'),
  isWanted: z
    .boolean({ error: 'true or false' })
    .optional()
    .describe('put on the shopping list by hand'),
  glazeCard: glazeCardSchema
    .optional()
    .describe(
      'what was read from a glaze card; it counts while swatch and hiding are as it gave them',
    ),
  more: carriedFields,
});

export type Pot = z.infer<typeof potSchema>;
