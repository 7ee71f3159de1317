import { z } from 'zod';
import { hexSchema } from '../colour/hex';
import { idSchema, wholeNumberWithin } from '../record/fields';
import { finishLevelSchema } from '../recipe/step';
import { lightenChoices, schools, shadeChoices, thinChoices } from './schools';

const oneOf = <Choices extends object>(choices: Choices) => {
  const names = Object.keys(choices) as [keyof Choices & string];
  return z.enum(names, { error: `one of ${names.join(', ')}` });
};

/** What a draft is made from. */
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
});

export type ProgressionOptions = z.infer<typeof progressionOptionsSchema>;
