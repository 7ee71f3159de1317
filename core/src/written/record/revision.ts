import { z } from 'zod';

/**
 * How often a record has been saved. A write names the revision it was made from and is refused
 * when the record has moved on since; 0 is the revision of what has never been saved.
 */
export const revisionSchema = z
  .int({ error: 'a whole number, 0 or more' })
  .min(0, 'a whole number, 0 or more');

/** A record as it is kept: its content, how often and when it was last saved. */
export interface Kept<Content> {
  content: Content;
  revision: number;
  /** ISO 8601, UTC */
  savedAt: string;
  /** of a pot: used since it was last measured, ml, as the log says; nothing where not said */
  usedMl?: number | undefined;
}

export const savedAtSchema = z.iso.datetime({ error: 'a date and time, ISO 8601' });

/** A state of a record that was written over or deleted, and when it counted. */
export const momentSchema = z.strictObject({
  revision: revisionSchema,
  savedAt: savedAtSchema,
  until: savedAtSchema.describe('when it was written over or deleted'),
});

export type Moment = z.infer<typeof momentSchema>;

/** The schema of a kept record from the schema of its content. */
export function keptSchema<Content extends z.ZodType>(content: Content) {
  return z.strictObject({
    content,
    revision: revisionSchema,
    savedAt: savedAtSchema,
    usedMl: z.number().min(0).optional(),
  });
}
