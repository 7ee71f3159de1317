import { z } from 'zod';
import { lineOfText } from '../record/fields';

/** Something the ledger said and the painter answered with “meant so”. */
export const setAsideSchema = z
  .array(
    z.strictObject({
      rule: lineOfText.describe('what had spoken'),
      value: z.number({ error: 'a number' }).describe('the figure it named then'),
    }),
    { error: 'a list of what was set aside' },
  )
  .max(40, 'at most 40')
  .optional()
  .describe('objections answered with “meant so”, each with the figure it named');

export type SetAside = NonNullable<z.infer<typeof setAsideSchema>>[number];

/** It speaks again when its figure has changed by more than this share of it. */
const changedBy = 0.2;

/** Whether a figure is still what was set aside, or something new to be told. */
export function isStillMeant({ value }: Pick<SetAside, 'value'>, now: number): boolean {
  return Math.abs(now - value) <= changedBy * Math.max(Math.abs(value), Math.abs(now)) + 1e-9;
}
