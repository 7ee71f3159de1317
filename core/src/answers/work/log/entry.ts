import { z } from 'zod';
import {
  idSchema,
  lineOfText,
  numberWithin,
  pageOfText,
  wholeNumberWithin,
} from '../../../written/record/fields';
import { savedAtSchema } from '../../../written/record/revision';
import { mostThinner } from '../../../written/mix/mix';
import { placementSchema } from '../../../written/place/placement';
import { stages } from '../../../written/recipe/step';
import { techniqueNames, wrongPaint } from '../../../written/technique/techniques';
import { mishapKinds } from '../../rescue/mishapKinds';

/** Coats of one line somebody would still put on; more than a recipe may plan. */
export const mostCoatsDone = 40;
const modelNumber = wholeNumberWithin(1, 2000);
const version = z.union([wholeNumberWithin(1, 9999), z.null()], {
  error: 'the number of a version, or empty',
});

const onModels = z
  .array(modelNumber, { error: 'a list of models' })
  .min(1, 'at least one model')
  .max(2000, 'at most 2,000 models');

/** One surface of models of one unit. */
const whereSchema = z.strictObject({
  armyId: z.union([idSchema, z.null()], { error: 'an identifier, or empty' }),
  unitId: idSchema,
  surfaceId: idSchema,
  models: onModels,
});

/** The paint that was on the brush: its pots, and how far it was thinned. */
export const brushedSchema = z.strictObject({
  pots: z
    .array(z.strictObject({ potId: idSchema, share: numberWithin(0, 1) }))
    .max(24, 'at most 24 pots')
    .describe('none where the technique holds no paint'),
  waterParts: numberWithin(0, mostThinner),
  mediumParts: numberWithin(0, mostThinner),
});

export type Brushed = z.infer<typeof brushedSchema>;

/** How what was done differs from the line it was done for. */
export const deviations = [
  'other pot',
  'more thinner',
  'less thinner',
  'improvised mix',
  'another coat',
  'extra step',
] as const;

export type Deviation = (typeof deviations)[number];

const differs = z
  .array(z.enum(deviations, { error: `one of ${deviations.join(', ')}` }))
  .max(deviations.length, 'each once');

const head = {
  id: idSchema,
  benchId: idSchema,
  at: savedAtSchema.describe('by the clock of whoever wrote it'),
  order: wholeNumberWithin(0, 1_000_000_000).describe(
    'one more than the last that was known to whoever wrote it: clocks can be set back, this cannot',
  ),
  by: lineOfText.optional().describe('who painted'),
  note: pageOfText.optional(),
};

const line = {
  where: whereSchema,
  recipeId: idSchema,
  version,
  stepId: idSchema,
  line: wholeNumberWithin(0, 60).describe('its place in the recipe, from 1; 0 for an extra step'),
};

const entryOf = <Kind extends string, Shape extends z.ZodRawShape>(kind: Kind, shape: Shape) =>
  z.strictObject({ kind: z.literal(kind), ...head, ...shape });

const ml = numberWithin(0, 10_000);

/** The kinds of log entry. An entry is never changed: a wrong one is struck out. */
export const entrySchema = z.discriminatedUnion(
  'kind',
  [
    entryOf('coat', {
      ...line,
      after: idSchema.optional().describe('for an extra step: the line it came after'),
      stage: z.enum(stages, { error: `one of ${stages.join(', ')}` }),
      technique: z.enum(techniqueNames, { error: `one of ${techniqueNames.join(', ')}` }),
      placement: placementSchema,
      recipeName: lineOfText,
      groundPotId: idSchema,
      coat: wholeNumberWithin(1, mostCoatsDone),
      wanted: wholeNumberWithin(1, mostCoatsDone)
        .optional()
        .describe('coats of the line in all, where more than planned turned out to be needed'),
      brushed: brushedSchema,
      differs,
      minutes: z.union([numberWithin(0, 1440), z.null()], { error: 'minutes, or empty' }),
      reckoned: numberWithin(0, 100_000).describe('minutes of a usual hand, all models together'),
      dryMinutes: numberWithin(0, 20_000).describe('the wait that was expected for it'),
      areaCm2: numberWithin(0, 1_000_000).describe('of the surface on one model'),
      used: z
        .array(z.strictObject({ potId: idSchema, ml }))
        .max(24, 'at most 24 pots')
        .describe('taken from the pots, what stays in brush and palette with it'),
    }).superRefine(({ technique, brushed }, context) => {
      const message = wrongPaint(technique, brushed.pots.length);
      if (message) context.addIssue({ code: 'custom', path: ['brushed', 'pots'], message });
    }),
    entryOf('skip', line),
    entryOf('found', line),
    entryOf('later', {
      ...line,
      what: lineOfText.describe('what is put off, as the painter calls it'),
      isDone: z.boolean({ error: 'true or false' }).describe('false when it is put off'),
    }),
    entryOf('mixed', {
      recipeId: idSchema,
      stepId: idSchema,
      line: line.line,
      brushed: brushedSchema.refine(({ pots }) => pots.length > 0, {
        path: ['pots'],
        error: 'at least one pot',
      }),
      ml: ml.describe('wet, thinned'),
      differs,
    }),
    entryOf('mishap', {
      ...line,
      what: z.enum(mishapKinds, { error: `one of ${mishapKinds.join(', ')}` }),
      place: z.strictObject({ from: numberWithin(0, 1), to: numberWithin(0, 1) }),
      mend: z.strictObject({
        kind: z.enum(['leave', 'lift', 'pass', 'filter', 'restore'], { error: 'a kind of mend' }),
        sentence: lineOfText,
        errorBefore: numberWithin(0, 200).describe('ΔE00 to plan'),
        errorAfter: numberWithin(0, 200).describe('ΔE00 to plan, as it is predicted'),
        minutes: numberWithin(0, 100_000),
      }),
    }),
    entryOf('dry', {
      ...line,
      coat: wholeNumberWithin(1, mostCoatsDone),
      minutes: numberWithin(0, 20_000).describe('from the coat until it was felt to be dry'),
      reckoned: numberWithin(0, 20_000).describe('what its line and the room made of it'),
    }),
    entryOf('tick', {
      armyId: whereSchema.shape.armyId,
      unitId: idSchema,
      partId: idSchema,
      models: onModels,
      isTicked: z.boolean({ error: 'true or false' }),
    }),
    entryOf('stripped', { where: whereSchema }),
    entryOf('reading', {
      where: whereSchema,
      place: numberWithin(0, 1).describe('on the tone axis'),
      line: idSchema.optional().describe('read where this line is aimed; elsewhere where not said'),
      lab: z.tuple([numberWithin(0, 100), numberWithin(-200, 200), numberWithin(-200, 200)]),
      from: z.enum(['reader', 'photo'], { error: 'reader or photo' }),
    }),
    entryOf('learned', {
      what: z.literal('film'),
      factor: numberWithin(0.2, 5).describe('thickness of this hand’s film, 1 is the usual one'),
      readings: wholeNumberWithin(1, 1_000_000),
      before: numberWithin(0, 200).describe('ΔE00 between readings and prediction'),
      after: numberWithin(0, 200).describe('the same with the factor'),
    }),
    entryOf('strike', { of: idSchema.describe('the entry that is not to count') }),
  ],
  { error: 'an entry of a kind the log knows' },
);

export type LogEntry = z.infer<typeof entrySchema>;

/** The owner of the unit of an entry: its army, or the bench of a figure of no army. */
export const holderOf = ({ armyId }: { armyId: string | null }, benchId: string): string =>
  armyId ?? benchId;
export type LogKind = LogEntry['kind'];
export type EntryOf<Kind extends LogKind> = Extract<LogEntry, { kind: Kind }>;
export type CoatEntry = EntryOf<'coat'>;
