import { fieldErrors, sentenceOf, type Recipe } from '@yellow-ledger/core';
import type { z } from 'zod';

/** Why what was chosen from two states of a recipe does not make one; nothing where it does. */
export function CannotMerge({
  check,
  merged,
}: {
  check: z.ZodSafeParseResult<Recipe>;
  merged: Recipe;
}) {
  if (check.success) return null;
  return (
    <p>
      <b>These do not go together.</b> {fieldErrors(check.error, merged).map(sentenceOf).join(' ')}
    </p>
  );
}
