import { z } from 'zod';
import { carriedFields } from '../record/carriedFields';
import { idSchema, pageOfText, wholeNumberWithin } from '../record/fields';
import { savedAtSchema } from '../record/revision';
import { recipeSchema } from './recipe';

/** A recipe as it was when it was frozen; models painted after it point here, and it never changes. */
export const versionSchema = z.strictObject({
  recipeId: idSchema,
  number: wholeNumberWithin(1, 9999),
  note: pageOfText,
  frozenAt: savedAtSchema,
  content: recipeSchema,
  more: carriedFields,
});

export type Version = z.infer<typeof versionSchema>;

/** A request to freeze a version: the number it is to have, and the revision it is made from. */
export const freezeSchema = z.strictObject({
  note: pageOfText,
  revision: z.int({ error: 'a whole number, 1 or more' }).min(1, 'a whole number, 1 or more'),
});

export type Freeze = z.infer<typeof freezeSchema>;
