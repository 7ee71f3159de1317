import { z } from 'zod';
import { idSchema, wholeNumberWithin } from '../written/record/fields';
import { savedAtSchema } from '../written/record/revision';

const modelNumber = wholeNumberWithin(1, 2000);

/** A model of a joint army that a member has said they paint. */
export const claimSchema = z.strictObject({
  armyId: idSchema,
  unitId: idSchema,
  model: modelNumber.describe('its place in the line of the unit, from 1'),
  memberId: z.string(),
  at: savedAtSchema,
});
export type Claim = z.infer<typeof claimSchema>;

/** A request to claim models, or to give them back. */
export const claimingSchema = z.strictObject({
  armyId: idSchema,
  unitId: idSchema,
  models: z
    .array(modelNumber, { error: 'a list of models' })
    .min(1, 'at least one model')
    .max(2000, 'at most 2,000 models'),
  is: z.enum(['taken', 'let go'], { error: 'one of taken, let go' }),
  evenIfTaken: z
    .boolean({ error: 'true or false' })
    .default(false)
    .describe('also those another has taken'),
});
