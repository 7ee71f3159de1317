import { fieldErrors, sentenceOf } from '@yellow-ledger/core';
import type { z } from 'zod';
import { Problem } from './problem';

/**
 * The content of a request, once the schema has let it through.
 *
 * @throws Problem 400 that names each field, its value and what would be right
 */
export function parseOrThrow<Content>(schema: z.ZodType<Content>, input: unknown): Content {
  const read = schema.safeParse(input);
  if (read.success) return read.data;
  const fields = fieldErrors(read.error, input);
  throw new Problem(400, 'invalid', fields.slice(0, 5).map(sentenceOf).join(' '), { fields });
}
