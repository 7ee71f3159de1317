import {
  isSameContent,
  keptSchema,
  recipeSchema,
  type Kept,
  type Recipe,
  type Version,
} from '@yellow-ledger/core';
import { useState } from 'react';
import { doDeed } from '../../store/deeds/doDeeds';
import { asProblem, useFreezeMutation } from '../../store/ledgerApi';
import { ask } from '../../store/problem';
import { useAppDispatch } from '../../store/store';

type Made = { says: string; recipeId: string } | { problem: string };

/** Writes what was done into a recipe: as its next version, or as a variant of it. */
export function usePromoting(kept: Kept<Recipe>, versions: readonly Version[]) {
  const dispatch = useAppDispatch();
  const [freeze] = useFreezeMutation();
  const [isBusy, setIsBusy] = useState(false);
  const now = kept.content;
  const last = versions.at(-1);

  const frozen = async (revision: number, number: number, note: string) => {
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
    asVersion: (next: Recipe) =>
      busily(async () => {
        const label = `write into ${now.name} what was done`;
        const of = crypto.randomUUID();
        const deed = { kind: 'recipes', label, of, before: now, after: next } as const;
        const problem = await dispatch(doDeed(deed));
        if (problem) return { problem: problem.message };
        const answer = await ask(`/api/recipes/${encodeURIComponent(now.id)}`);
        const read = 'data' in answer ? keptSchema(recipeSchema).safeParse(answer.data) : null;
        if (!read?.success)
          return {
            problem: 'The recipe is written, but could not be frozen: open it and freeze it.',
          };
        const number = (last?.number ?? 0) + 1;
        const refused = await frozen(read.data.revision, number, 'As it was painted');
        if (refused) return { problem: refused };
        return { says: `${now.name} has version ${number} now.`, recipeId: now.id };
      }),
    asVariant: (next: Recipe, name: string) =>
      busily(async () => {
        let version = last?.number ?? 0;
        // What a variant was forked from is frozen, so that it can be told apart.
        if (!last || !isSameContent(last.content, now)) {
          version += 1;
          const refused = await frozen(kept.revision, version, `Forked as ${name}`.slice(0, 200));
          if (refused) return { problem: refused };
        }
        const variant: Recipe = {
          ...next,
          id: crypto.randomUUID(),
          name,
          parent: { recipeId: now.id, name: now.name, version },
        };
        const label = `make ${name} a variant`;
        const deed = {
          kind: 'recipes',
          label,
          of: variant.id,
          before: null,
          after: variant,
        } as const;
        const problem = await dispatch(doDeed(deed));
        if (problem) return { problem: problem.message };
        return { says: `${name} is a variant of ${now.name} now.`, recipeId: variant.id };
      }),
  };
}
