import { z } from 'zod';

/** Identity of a record; made by whoever writes it first, so that sending it twice is harmless. */
export const idSchema = z
  .string({ error: 'an identifier' })
  .regex(/^[A-Za-z0-9_-]{1,64}$/, 'an identifier of 1–64 letters, digits, - or _')
  // Kept by its identifier, such a record would be lost among what every object has.
  .refine((id) => !(id in {}), 'another identifier: this one has a meaning of its own');

/** Characters in a line of text, at most. */
export const lineLimit = 120;
const pageLimit = 4000;

/** One line a person types, as a name. Any script, any sign; it is shown as text and never run. */
export const lineOfText = z
  .string({ error: 'a line of text' })
  .trim()
  .min(1, `1 to ${lineLimit} characters`)
  .max(lineLimit, `1 to ${lineLimit} characters`);

/** A note of any length a note should have; may be empty. */
export const pageOfText = z
  .string({ error: 'text' })
  .max(pageLimit, `up to ${pageLimit.toLocaleString('en')} characters`);

/** A finite number from `least` to `most`, both allowed. */
export function numberWithin(least: number, most: number) {
  const expected = `a number from ${least.toLocaleString('en')} to ${most.toLocaleString('en')}`;
  return z.number({ error: expected }).min(least, expected).max(most, expected);
}

/** A whole number from `least` to `most`, both allowed. */
export function wholeNumberWithin(least: number, most: number) {
  const expected = `a whole number from ${least.toLocaleString('en')} to ${most.toLocaleString('en')}`;
  return z.int({ error: expected }).min(least, expected).max(most, expected);
}

/** A day without a time. @example '2026-03-01' */
export const dateOnly = z.iso.date({ error: 'a day, as 2026-03-01' });
