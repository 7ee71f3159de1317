import { z } from 'zod';
import { idSchema, numberWithin, wholeNumberWithin } from '../../../written/record/fields';

const moment = z.number({ error: 'milliseconds since 1970' });
const minutes = numberWithin(0, 1e9);
const perhapsMinutes = z.union([minutes, z.null()], { error: 'minutes, or empty' });
const mix = wholeNumberWithin(0, 100_000).describe('its place among the mixes');

/** Models painted one after the other with the same coat, by one painter in one session. */
export const plannedRunSchema = z.strictObject({
  unitId: idSchema,
  surfaceId: idSchema,
  recipeId: idSchema,
  stepId: idSchema,
  coat: wholeNumberWithin(1, 100),
  wetMl: numberWithin(0, 100_000).describe('wet paint one model takes, ml'),
  painterId: idSchema,
  sessionId: idSchema,
  mix,
  models: z
    .array(wholeNumberWithin(1, 2000))
    .min(1)
    .max(2000)
    .describe('in the order they are painted'),
  mixing: minutes.describe('minutes of mixing that begin it'),
  changing: minutes.describe('minutes of changing the paint that begin it'),
  from: moment.describe('getting ready'),
  starts: moment.describe('painting'),
  to: moment.describe('laid down'),
  driesAt: moment.describe('the last of it dry'),
});

export type PlannedRun = z.infer<typeof plannedRunSchema>;

/** A paint mixed while everything was drying. */
export const plannedMixingSchema = z.strictObject({
  painterId: idSchema,
  sessionId: idSchema,
  mix,
  from: moment,
  to: moment,
});

export type PlannedMixing = z.infer<typeof plannedMixingSchema>;

/** The schedule, and how near it is to the lower bound. */
export const plannedWorkSchema = z.strictObject({
  runs: z.array(plannedRunSchema).max(40_000),
  ahead: z.array(plannedMixingSchema).max(40_000),
  mixes: z
    .array(
      z.strictObject({
        shares: z.array(z.strictObject({ potId: idSchema, share: numberWithin(0, 1) })).max(100),
        waterParts: numberWithin(0, 1000),
        mediumParts: numberWithin(0, 1000),
      }),
    )
    .max(40_000)
    .describe('colours on the palette: their pots, thinned as their lines say'),
  minutes: perhapsMinutes.describe(
    'at the table until all is painted; empty where there is no room',
  ),
  bound: z
    .strictObject({
      handsOn: perhapsMinutes,
      surface: perhapsMinutes,
      body: perhapsMinutes,
      minutes: perhapsMinutes,
    })
    .describe('what no plan can be quicker than; empty where the sessions cannot hold it'),
  left: wholeNumberWithin(0, 1_000_000).describe('coats the sessions have no room for'),
  without: z
    .array(z.strictObject({ unitId: idSchema, surfaceId: idSchema }))
    .max(4000)
    .describe('surfaces nobody has given a recipe, or whose recipe or version is gone'),
});

export type PlannedWork = z.infer<typeof plannedWorkSchema>;
