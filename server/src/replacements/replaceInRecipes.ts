import { isSameContent } from '@yellow-ledger/core';
import type { Kept, Recipe } from '@yellow-ledger/core';
import type { Knex } from 'knex';
import type { Ledger } from '../db/ledger';

export interface Replacement {
  note: string;
  recipes: readonly { content: Recipe; revision: number }[];
}

/**
 * Writes recipes in which a pot was replaced and freezes each as a new version, with what stood
 * there before frozen first where it was not yet. All of them or none.
 *
 * @throws StaleWrite, UnknownPots
 */
export async function replaceInRecipes(
  { note, recipes }: Replacement,
  { records, versions }: Pick<Ledger, 'records' | 'versions'>,
  within: Knex.Transaction,
): Promise<Kept<Recipe>[]> {
  const written: Kept<Recipe>[] = [];
  for (const { content, revision } of recipes) {
    const before = await records.recipes.get(content.id, within);
    // Sent twice, as after a lost answer, the second finds its own work done.
    if (before && isSameContent(before.content, content)) {
      written.push(before);
      continue;
    }
    const last = (await versions.list(content.id, within)).at(-1);
    let number = last?.number ?? 0;
    if (before?.revision === revision && !isSameContent(last?.content, before.content))
      await versions.freeze(content.id, ++number, { note: `Before: ${note}`, revision }, within);
    const kept = await records.recipes.put(content, revision, within);
    await versions.freeze(content.id, ++number, { note, revision: kept.revision }, within);
    written.push(kept);
  }
  return written;
}
