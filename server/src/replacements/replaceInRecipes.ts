import { isSameContent } from '@yellow-ledger/core';
import type { Kept, Recipe } from '@yellow-ledger/core';
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
  ledger: Ledger,
): Promise<Kept<Recipe>[]> {
  return ledger.db.transaction(async (transaction) => {
    const written: Kept<Recipe>[] = [];
    for (const { content, revision } of recipes) {
      const before = await ledger.records.recipes.get(content.id, transaction);
      // Sent twice, as after a lost answer, the second finds its own work done.
      if (before && isSameContent(before.content, content)) {
        written.push(before);
        continue;
      }
      const last = (await ledger.versions.list(content.id, transaction)).at(-1);
      let number = last?.number ?? 0;
      if (before?.revision === revision && !isSameContent(last?.content, before.content))
        await ledger.versions.freeze(
          content.id,
          ++number,
          { note: `Before: ${note}`, revision },
          transaction,
        );
      const kept = await ledger.records.recipes.put(content, revision, transaction);
      await ledger.versions.freeze(
        content.id,
        ++number,
        { note, revision: kept.revision },
        transaction,
      );
      written.push(kept);
    }
    return written;
  });
}
