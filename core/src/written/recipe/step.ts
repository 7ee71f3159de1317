import { z } from 'zod';
import { idSchema, numberWithin, pageOfText, wholeNumberWithin } from '../record/fields';
import { meanings } from '../technique/meaning';
import { mixSchema } from '../mix/mix';
import { placementSchema } from '../place/placement';
import { setAsideSchema } from './setAside';
import { techniqueNames, wrongPaint } from '../technique/techniques';
import { stages } from '../technique/stage';
import { toolSchema } from '../technique/tool';

export { stages, type Stage } from '../technique/stage';

/** How far a figure is taken, from the quickest to the most careful. */
export const finishLevels = ['field', 'table', 'display'] as const;

export type FinishLevel = (typeof finishLevels)[number];

export const finishLevelSchema = z.enum(finishLevels, {
  error: `one of ${finishLevels.join(', ')}`,
});

export const mostCoats = 12;

/** One line of a recipe: what goes on, how, where and how often. */
export const stepSchema = z
  .strictObject({
    id: idSchema,
    stage: z.enum(stages, { error: `one of ${stages.join(', ')}` }),
    technique: z.enum(techniqueNames, { error: `one of ${techniqueNames.join(', ')}` }),
    mix: mixSchema,
    coats: wholeNumberWithin(1, mostCoats).describe('applications, each dried'),
    coatsUpTo: wholeNumberWithin(1, mostCoats)
      .optional()
      .describe('the most of them, where it is painted until it is even; more than `coats`'),
    placement: placementSchema,
    dryMinutes: numberWithin(0, 2880).describe('wait after each coat, minutes'),
    level: finishLevelSchema.describe('the quickest finish level that includes this line'),
    coatsAt: z
      .strictObject({
        field: wholeNumberWithin(1, mostCoats).optional(),
        table: wholeNumberWithin(1, mostCoats).optional(),
        display: wholeNumberWithin(1, mostCoats).optional(),
      })
      .optional()
      .describe('coats at a finish level, where they differ from `coats`'),
    isOut: z
      .boolean({ error: 'true or false' })
      .optional()
      .describe('an optional line that is switched out for now'),
    restores: idSchema
      .optional()
      .describe('the earlier line whose dulling this one repairs; in and out with it'),
    meaning: z
      .enum(meanings, { error: `one of ${meanings.join(', ')}` })
      .optional()
      .describe('what the line is for; follows from how it is painted where not said'),
    density: numberWithin(0.1, 3)
      .optional()
      .describe(
        'of what touches a share of the area: how much of the usual share, 1 where not said',
      ),
    tool: toolSchema.optional(),
    setAside: setAsideSchema,
    note: pageOfText,
  })
  .superRefine(({ technique, mix, coats, coatsUpTo }, context) => {
    const message = wrongPaint(technique, mix.parts.length);
    if (message) context.addIssue({ code: 'custom', path: ['mix', 'parts'], message });
    if (coatsUpTo !== undefined && coatsUpTo <= coats)
      context.addIssue({
        code: 'custom',
        path: ['coatsUpTo'],
        message: `more than the ${coats} it takes at the least, up to ${mostCoats}`,
      });
  });

export type Step = z.infer<typeof stepSchema>;
