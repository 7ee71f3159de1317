import { isSameContent, type Recipe, type Version } from '@yellow-ledger/core';
import { useNavigate } from 'react-router';
import { asProblem } from '../../../ledger/ask';
import { useFreezeMutation } from '../../../ledger/ledgerApi';
import { useWriter } from '../../../ledger/useWriter';
import { useNotice } from '../../../parts/shell/notices';
import type { Draft } from '../useDraft';

/**
 * Makes a variant of the recipe on the page and opens it. What it was forked from is frozen first,
 * so that it can be told apart.
 */
export function useFork({ recipe, base, saveState }: Draft, versions: readonly Version[]) {
  const writer = useWriter();
  const navigate = useNavigate();
  const notify = useNotice();
  const [freeze] = useFreezeMutation();
  return {
    isReady: saveState.is === 'saved' && base.revision > 0,
    /** @param content of the variant */
    async fork(name: string, content: Recipe = recipe): Promise<void> {
      const last = versions.at(-1);
      let version = last?.number ?? 0;
      if (!last || !isSameContent(last.content, recipe)) {
        version += 1;
        const note = `Forked as ${name}`;
        const { revision } = base;
        const frozen = await freeze({ recipeId: recipe.id, number: version, note, revision });
        if (frozen.error) return notify(asProblem(frozen.error).message);
      }
      const parent = { recipeId: recipe.id, name: recipe.name, version };
      const variant = { ...content, id: crypto.randomUUID(), name, parent };
      writer.create('recipes', `fork ${name}`, variant);
      await navigate(`/recipes/${variant.id}`);
    },
  };
}
