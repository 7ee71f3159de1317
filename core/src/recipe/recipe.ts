import { z } from 'zod';
import {
  idSchema,
  lineOfText,
  numberWithin,
  pageOfText,
  wholeNumberWithin,
} from '../record/fields';
import { finishLevelSchema, stepSchema } from './step';

export const mostSteps = 60;

export const surfaces = [
  'skin',
  'cloth',
  'armour',
  'leather',
  'bone',
  'metal',
  'gem',
  'glass',
  'blade',
  'hair',
  'wood',
  'base',
  'other',
] as const;

/** The ordered steps for one kind of surface, and for how much of it they are meant. */
export const recipeSchema = z
  .strictObject({
    id: idSchema,
    name: lineOfText,
    surface: z.enum(surfaces, { error: `one of ${surfaces.join(', ')}` }),
    groundPotId: idSchema.describe('the primer the first line goes onto'),
    finishLevel: finishLevelSchema,
    models: wholeNumberWithin(1, 999).describe('figures painted together'),
    areaCm2: numberWithin(0.1, 1000).describe('area of this surface on one figure, cm²'),
    steps: z
      .array(stepSchema, { error: 'a list of lines' })
      .max(mostSteps, `at most ${mostSteps} lines`),
    notes: pageOfText,
    archived: z.boolean({ error: 'true or false' }),
  })
  .superRefine(({ steps }, context) => {
    const earlier = new Set<string>();
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
      });
      earlier.add(step.id);
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
