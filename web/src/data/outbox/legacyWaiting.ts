import {
  armySchema,
  entrySchema,
  keptSchema,
  paletteSchema,
  recipeSchema,
} from '@yellow-ledger/core';
import { z } from 'zod';
import type { LeftBehind } from './writingSlice';

const prefix = 'yellow-ledger.';
/** A record whose revision nobody kept: the server's is looked at, and both are brought together. */
const unknownRevision = { revision: 0, savedAt: '1970-01-01T00:00:00.000Z' };

const left = z.union([
  z
    .strictObject({ base: keptSchema(recipeSchema), recipe: recipeSchema })
    .transform(({ base, recipe }) => ({ name: 'recipes' as const, base, mine: recipe })),
  deedsOf('palettes', paletteSchema),
  deedsOf('armies', armySchema),
]);

/** Writes that pages of the release before kept elsewhere in the browser; they are taken over once. */
export function legacyWaiting(): LeftBehind {
  const found: LeftBehind = { records: [], entries: [] };
  try {
    for (const key of Object.keys(localStorage)) {
      if (!key.startsWith(`${prefix}unsaved.`) && !key.startsWith(`${prefix}entry.`)) continue;
      const value: unknown = JSON.parse(localStorage.getItem(key) ?? 'null');
      const entry = entrySchema.safeParse(value);
      const record = left.safeParse(value);
      if (entry.success) found.entries.push({ entry: entry.data });
      else if (record.success)
        found.records.push({
          id: record.data.mine.id,
          whenStale: 'merge',
          unanswered: [],
          ...record.data,
        });
      else continue;
      localStorage.removeItem(key);
    }
  } catch {
    // A forbidden store holds nothing to be taken over.
  }
  return found;
}

function deedsOf<Name extends 'palettes' | 'armies', Content extends { id: string }>(
  name: Name,
  schema: z.ZodType<Content>,
) {
  return z
    .strictObject({ before: schema.nullable(), after: schema })
    .transform(({ before, after }) => ({
      name,
      base: before && { content: before, ...unknownRevision },
      mine: after,
    }));
}
