import { z } from 'zod';
import { hexSchema } from '../../light/colour/hex';
import { formSchema } from '../../written/place/shape';
import { idSchema, wholeNumberWithin } from '../../written/record/fields';
import { finishLevelSchema } from '../../written/recipe/step';
import { lightenChoices, schools, shadeChoices, thinChoices } from './schools';

const oneOf = <Choices extends object>(choices: Choices) => {
  const names = Object.keys(choices) as [keyof Choices & string];
  return z.enum(names, { error: `one of ${names.join(', ')}` });
};

export const mostInChain = 6;

/** The inputs of a draft. */
export const progressionOptionsSchema = z.strictObject({
  school: oneOf(schools),
  mid: z.discriminatedUnion(
    'from',
    [
      z.strictObject({ from: z.literal('pot'), potId: idSchema }),
      z.strictObject({ from: z.literal('colour'), hex: hexSchema }),
    ],
    { error: 'a pot or a colour' },
  ),
  darks: wholeNumberWithin(0, 3),
  lights: wholeNumberWithin(0, 4),
  shadeWith: oneOf(shadeChoices),
  lightenWith: oneOf(lightenChoices),
  thinWith: oneOf(thinChoices),
  finishLevel: finishLevelSchema,
  groundPotId: idSchema,
  darkPotId: idSchema.optional().describe('shaded with this pot, whatever else is asked'),
  lightPotId: idSchema.optional().describe('lightened with this pot, whatever else is asked'),
  chain: z
    .array(idSchema, { error: 'a list of pots' })
    .max(mostInChain, `at most ${mostInChain} pots`)
    .optional()
    .describe('pots to go through one after the other, the darkest first'),
  form: formSchema.optional().describe('the form it is drafted for; its spots get their lines'),
});

export type ProgressionOptions = z.infer<typeof progressionOptionsSchema>;
