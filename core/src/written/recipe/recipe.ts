import { z } from 'zod';
import { hexSchema } from '../../light/colour/hex';
import { carriedFields } from '../record/carriedFields';
import {
  idSchema,
  lineOfText,
  numberWithin,
  pageOfText,
  wholeNumberWithin,
} from '../record/fields';
import { finishLevelSchema, stepSchema } from './step';
import { formSchema, lightSchema, mostSpots, sectionsSchema, spotSchema } from '../place/shape';
import { recipePinSchema } from './recipePin';
import { surfaces } from '../technique/surfaceNames';
import { setAsideSchema } from './setAside';

export const mostSteps = 60;

/** The head of a recipe: its purpose, and for how many models. */
export const recipeHeadSchema = z.strictObject({
  name: lineOfText,
  surface: z.enum(surfaces, { error: `one of ${surfaces.join(', ')}` }),
  groundPotId: idSchema.describe(
    'the primer the first line goes onto, or what lies under all of it',
  ),
  ground: recipePinSchema
    .optional()
    .describe('the finished surface the first line goes onto; the primer where not said'),
  finishLevel: finishLevelSchema,
  models: wholeNumberWithin(1, 999).describe('models painted together'),
  areaCm2: numberWithin(0.1, 1000).describe('area of this surface on one model, cm²'),
});

export type RecipeHead = z.infer<typeof recipeHeadSchema>;

export const recipeNotesSchema = z.strictObject({ notes: pageOfText });

export type RecipeNotes = z.infer<typeof recipeNotesSchema>;

/** The recipe a variant was forked from, and the version of it whose changes it has. */
export const recipeParentSchema = z.strictObject({
  recipeId: idSchema,
  name: lineOfText,
  version: wholeNumberWithin(1, 9999),
});

export type RecipeParent = z.infer<typeof recipeParentSchema>;

/** The ordered steps for one kind of surface. */
export const recipeSchema = z
  .strictObject({
    id: idSchema,
    ...recipeHeadSchema.shape,
    steps: z
      .array(stepSchema, { error: 'a list of lines' })
      .max(mostSteps, `at most ${mostSteps} lines`),
    ...recipeNotesSchema.shape,
    archived: z.boolean({ error: 'true or false' }),
    form: formSchema
      .optional()
      .describe('the form it is looked at on; the usual one of its surface where not said'),
    light: lightSchema
      .optional()
      .describe('where the light it is painted for comes from; above where not said'),
    sections: sectionsSchema
      .optional()
      .describe('its gradient is gone through several times along the form'),
    spots: z
      .array(spotSchema, { error: 'a list of spots' })
      .max(mostSpots, `at most ${mostSpots} spots`)
      .optional()
      .describe('named small areas its lines can be aimed at'),
    parent: recipeParentSchema
      .optional()
      .describe('what a variant was copied from and has taken over since'),
    meantAs: hexSchema
      .optional()
      .describe('the colour it is meant to read as; what its mid ends as where not said'),
    hairDryer: z
      .boolean({ error: 'true or false' })
      .optional()
      .describe('a hair dryer is used between its coats: its minutes go by it'),
    setAside: setAsideSchema,
    more: carriedFields,
  })
  .superRefine(({ steps }, context) => {
    const earlier = new Set<string>();
    const waterAlone = new Set<string>();
    steps.forEach((step, index) => {
      if (earlier.has(step.id))
        context.addIssue({
          code: 'custom',
          path: ['steps', index, 'id'],
          message: 'an identifier no other line has',
        });
      step.mix.parts.forEach((part, partIndex) => {
        if (part.from === 'step' && !earlier.has(part.stepId))
          context.addIssue({
            code: 'custom',
            path: ['steps', index, 'mix', 'parts', partIndex, 'stepId'],
            message: 'a line above this one; a mix cannot carry itself or a later mix forward',
          });
        else if (part.from === 'step' && waterAlone.has(part.stepId))
          context.addIssue({
            code: 'custom',
            path: ['steps', index, 'mix', 'parts', partIndex, 'stepId'],
            message: 'a line that holds paint; there is no mix of water alone to carry forward',
          });
      });
      if (step.restores !== undefined && !earlier.has(step.restores))
        context.addIssue({
          code: 'custom',
          path: ['steps', index, 'restores'],
          message: 'a line above this one; a repair comes after what it repairs',
        });
      earlier.add(step.id);
      if (step.mix.parts.length === 0) waterAlone.add(step.id);
    });
  });

export type Recipe = z.infer<typeof recipeSchema>;

/** Every pot a recipe draws from: its ground and the pots of its mixes, each once. */
export function potIdsOf(recipe: Recipe): string[] {
  const drawn = recipe.steps.flatMap(({ mix }) =>
    mix.parts.flatMap((part) => (part.from === 'pot' ? [part.potId] : [])),
  );
  return [...new Set([recipe.groundPotId, ...drawn])];
}
