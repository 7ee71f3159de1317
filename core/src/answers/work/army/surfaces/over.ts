import { z } from 'zod';
import { idSchema, lineOfText } from '../../../../written/record/fields';
import { recipePinSchema } from '../../../../written/recipe/recipePin';

/** A recipe that goes over surfaces that are painted: marks, dust, a glow, one glaze over all. */
export const overSchema = z.strictObject({
  id: idSchema,
  name: lineOfText,
  recipe: recipePinSchema.optional().describe('nothing is painted where not said'),
  surfaces: z
    .union([
      z.literal('all'),
      z.array(idSchema).min(1, 'at least one surface').max(40, 'at most 40 surfaces'),
    ])
    .describe('what it goes over; all that is painted, or some by their identifiers'),
  isAssembled: z
    .boolean({ error: 'true or false' })
    .optional()
    .describe('painted once the model is put together'),
});

export type Over = z.infer<typeof overSchema>;

export const maxOvers = 8;
