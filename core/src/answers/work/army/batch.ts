import { z } from 'zod';
import { rooms } from '../../palette/staysUsable';
import { finishLevelSchema } from '../../../written/recipe/step';
import {
  dateOnly,
  idSchema,
  lineOfText,
  numberWithin,
  wholeNumberWithin,
} from '../../../written/record/fields';
import { aimsSchema } from './planAims';
import { keepings } from '../../palette/well';

const modelNumber = wholeNumberWithin(1, 2000);

/** Models of a unit that stand next to each other in its line. */
export const modelsSchema = z
  .strictObject({ unitId: idSchema, from: modelNumber, to: modelNumber })
  .refine(({ from, to }) => from <= to, {
    path: ['to'],
    message: 'a model no earlier in the line than the first',
  });

export type ModelRange = z.infer<typeof modelsSchema>;

export const painterSchema = z.strictObject({
  id: idSchema,
  name: lineOfText,
  speed: numberWithin(0.2, 5).describe('1 is the usual hand; 2 paints twice as much in an hour'),
  claims: z
    .array(modelsSchema)
    .max(100, 'at most 100 claims')
    .describe('models nobody else paints; where there are none, what is free is painted'),
  isNew: z
    .boolean({ error: 'true or false' })
    .optional()
    .describe('new to it: paints undercoats and base coats only'),
});

export type Painter = z.infer<typeof painterSchema>;

export const sessionSchema = z.strictObject({
  id: idSchema,
  startsAt: z.iso.datetime({ offset: true, error: 'a moment, as 2026-03-01T18:00:00Z' }),
  minutes: wholeNumberWithin(1, 1440),
  without: z
    .array(idSchema)
    .max(40, 'at most 40 painters')
    .optional()
    .describe('painters who do not come'),
  isOver: z
    .boolean({ error: 'true or false' })
    .optional()
    .describe('what was painted in it is noted, and nothing more is planned into it'),
});

/** A wish for a unit in a plan: when it is painted, and by how many. */
export const wishSchema = z.strictObject({
  unitId: idSchema,
  when: z.enum(['first', 'last'], { error: 'first or last' }).optional(),
  oneHand: z
    .boolean({ error: 'true or false' })
    .optional()
    .describe('one painter paints the whole unit'),
});

export type Wish = z.infer<typeof wishSchema>;

export type Session = z.infer<typeof sessionSchema>;

/** Models painted together, by whom and when. */
export const batchSchema = z
  .strictObject({
    id: idSchema,
    name: lineOfText,
    models: z
      .array(modelsSchema, { error: 'a list of models' })
      .max(100, 'at most 100 runs of models')
      .describe('which models; all of the army where there are none'),
    painters: z
      .array(painterSchema, { error: 'a list of painters' })
      .min(1, 'at least one painter')
      .max(8, 'at most 8 painters'),
    sessions: z
      .array(sessionSchema, { error: 'a list of sessions' })
      .max(200, 'at most 200 sessions'),
    room: z.enum(rooms, { error: `one of ${rooms.join(', ')}` }),
    keeping: z.enum(keepings, { error: `one of ${keepings.join(', ')}` }),
    hairDryer: z.boolean({ error: 'true or false' }),
    doneBy: dateOnly.optional().describe('the day it is to be done by, year-month-day'),
    standard: finishLevelSchema
      .optional()
      .describe('nothing is planned beyond this standard; what the recipes say where not said'),
    aims: aimsSchema.optional(),
    wishes: z
      .array(wishSchema, { error: 'a list of wishes' })
      .max(100, 'at most 100 wishes')
      .optional(),
  })
  .superRefine(({ painters, sessions }, context) => {
    if (painters.every(({ isNew }) => isNew))
      context.addIssue({
        code: 'custom',
        path: ['painters', 0, 'isNew'],
        message: 'at least one painter who paints more than base coats',
      });
    painters.forEach((painter, index) =>
      painters.slice(0, index).forEach((other) =>
        painter.claims.forEach((claim, claimIndex) => {
          const twice = other.claims.find((theirs) => overlap(claim, theirs));
          if (!twice) return;
          const model = Math.max(claim.from, twice.from);
          context.addIssue({
            code: 'custom',
            path: ['painters', index, 'claims', claimIndex],
            message: `models that ${other.name} does not claim too; model ${model} would be painted by both`,
          });
        }),
      ),
    );
    sessions.forEach((session, index) => {
      const before = sessions.slice(0, index).find((other) => atOnce(session, other));
      if (before)
        context.addIssue({
          code: 'custom',
          path: ['sessions', index, 'startsAt'],
          message: 'a time when no other session is going on',
        });
    });
  });

export type Batch = z.infer<typeof batchSchema>;

const overlap = (one: ModelRange, other: ModelRange) =>
  one.unitId === other.unitId && one.from <= other.to && other.from <= one.to;

/** Milliseconds since 1970 at which a session begins and ends: real minutes, whatever clocks do. */
export function spanOf({ startsAt, minutes }: Session): { from: number; to: number } {
  const from = Date.parse(startsAt);
  return { from, to: from + minutes * 60_000 };
}

function atOnce(one: Session, other: Session): boolean {
  const [a, b] = [spanOf(one), spanOf(other)];
  return a.from < b.to && b.from < a.to;
}
