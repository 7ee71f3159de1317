import { isSameContent, type Kept, type Recipe, type Version } from '@yellow-ledger/core';
import { useState } from 'react';
import { asProblem } from '../../data/ask';
import { cachedRecord } from '../../data/ledgerData';
import { useFreezeMutation } from '../../data/ledgerApi';
import { useWriter } from '../../data/useWriter';

type Made = { says: string; recipeId: string } | { problem: string };

/** Writes what was done into a recipe: as its next version, or as a variant of it. */
export function usePromoting(kept: Kept<Recipe>, versions: readonly Version[]) {
  const writer = useWriter();
  const [freeze] = useFreezeMutation();
  const [isBusy, setIsBusy] = useState(false);
  const now = kept.content;
  const last = versions.at(-1);

  /** Freezes the recipe as it shows now, once the server has it. */
  const frozen = async (number: number, note: string): Promise<string | null> => {
    const problem = await writer.settled('recipes', now.id);
    if (problem) return problem.message;
    const { revision } = cachedRecord(writer.store.getState(), 'recipes', now.id) ?? kept;
    const result = await freeze({ recipeId: now.id, number, note, revision });
    return result.error ? asProblem(result.error).message : null;
  };

  const busily = async (work: () => Promise<Made>): Promise<Made> => {
    setIsBusy(true);
    try {
      return await work();
    } finally {
      setIsBusy(false);
    }
  };

  return {
    isBusy,
    /** Writes it into the recipe as it stands; undone like any other change. */
    asRecipe: (next: Recipe): Made => {
      writer.change('recipes', now.id, `write into ${now.name} what was done`, () => next);
      return { says: `${now.name} says now what was done.`, recipeId: now.id };
    },
    asVersion: (next: Recipe) =>
      busily(async () => {
        const number = (last?.number ?? 0) + 1;
        writer.change('recipes', now.id, `write into ${now.name} what was done`, () => next);
        const refused = await frozen(number, 'As it was painted');
        if (refused) return { problem: refused };
        return { says: `${now.name} has version ${number} now.`, recipeId: now.id };
      }),
    asVariant: (next: Recipe, name: string) =>
      busily(async () => {
        let version = last?.number ?? 0;
        // The parent of a variant is frozen, so that the two can be told apart.
        if (!last || !isSameContent(last.content, now)) {
          version += 1;
          const refused = await frozen(version, `Copied as ${name}`.slice(0, 200));
          if (refused) return { problem: refused };
        }
        const variant: Recipe = {
          ...next,
          id: crypto.randomUUID(),
          name,
          parent: { recipeId: now.id, name: now.name, version },
        };
        writer.create('recipes', `make ${name} a variant`, variant);
        return { says: `${name} is a variant of ${now.name} now.`, recipeId: variant.id };
      }),
  };
}
