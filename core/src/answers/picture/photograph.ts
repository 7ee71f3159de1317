import { z } from 'zod';
import { carriedFields } from '../../written/record/carriedFields';
import { idSchema, lineOfText, wholeNumberWithin } from '../../written/record/fields';
import { savedAtSchema } from '../../written/record/revision';
import { keptPictureSchema } from './keptPicture';
import { lightMapSettingsSchema } from './lightMapSettings';

/** The kinds of subject of a photograph. */
export const photographKinds = [
  { name: 'reference', tells: 'what it is to look like' },
  { name: 'in progress', tells: 'how far it has come' },
  { name: 'before', tells: 'before it was painted or repainted' },
  { name: 'after', tells: 'as it was finished' },
  { name: 'under a lamp', tells: 'primed and lit, to see where the light falls' },
] as const;

export type PhotographKind = (typeof photographKinds)[number]['name'];

const kindNames = photographKinds.map(({ name }) => name);

const ofRecipe = z.strictObject({
  kind: z.literal('recipe'),
  recipeId: idSchema,
  stepId: idSchema.optional().describe('of one line of it'),
});
const ofModel = z.strictObject({
  kind: z.literal('model'),
  holderId: idSchema.describe('the army of it, or the bench of a figure of no army'),
  unitId: idSchema,
  model: wholeNumberWithin(1, 2000).describe('its place in the line of the unit, from 1'),
});

/** The subject of a photograph; where it is deleted, the photograph waits until it is restored. */
export const photographOfSchema = z.discriminatedUnion('kind', [ofRecipe, ofModel], {
  error: 'of a recipe or of a model',
});

export type PhotographOf = z.infer<typeof photographOfSchema>;

/** A picture of something in the ledger. Its bytes are kept apart, under their hash. */
export const photographSchema = z.strictObject({
  id: idSchema,
  of: photographOfSchema,
  shows: z.enum(kindNames, { error: `one of ${kindNames.join(', ')}` }),
  caption: lineOfText.optional(),
  addedAt: savedAtSchema,
  picture: keptPictureSchema,
  light: lightMapSettingsSchema
    .optional()
    .describe('how it is looked at in greys; as any other where not said'),
  more: carriedFields,
});

export type Photograph = z.infer<typeof photographSchema>;

/** Whether a photograph is of a thing; of a recipe also where it is of one of its lines. */
export function isOf({ of }: Pick<Photograph, 'of'>, thing: PhotographOf): boolean {
  if (of.kind === 'recipe')
    return (
      thing.kind === 'recipe' &&
      of.recipeId === thing.recipeId &&
      (thing.stepId === undefined || of.stepId === thing.stepId)
    );
  return (
    thing.kind === 'model' &&
    of.holderId === thing.holderId &&
    of.unitId === thing.unitId &&
    of.model === thing.model
  );
}
