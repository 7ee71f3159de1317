import { isSameContent, type Recipe, type Version } from '@yellow-ledger/core';
import { useNavigate } from 'react-router';
import { asProblem } from '../../../../data/ask';
import { useMay } from '../../../../data/club/standing';
import { useFreezeMutation } from '../../../../data/ledgerApi';
import { useWriter } from '../../../../data/useWriter';
import { useNotice } from '../../../../kit/shell/notices';
import type { Draft } from '../../useDraft';

/**
 * Makes a variant of the recipe on the page and opens it. What it was forked from is frozen first,
 * so that it can be told apart.
 */
export function useFork({ recipe, base, saveState }: Draft, versions: readonly Version[]) {
  const writer = useWriter();
  const navigate = useNavigate();
  const notify = useNotice();
  const [freeze] = useFreezeMutation();
  const mayFreeze = useMay('recipes', recipe.id)('write');
  return {
    isReady: saveState.is === 'saved' && base.revision > 0,
    /** @param content of the variant */
    async fork(name: string, content: Recipe = recipe): Promise<void> {
      const last = versions.at(-1);
      let version = last?.number ?? 0;
      const isFrozen = last !== undefined && isSameContent(last.content, recipe);
      if (!isFrozen && mayFreeze) {
        version += 1;
        const note = `Copied as ${name}`;
        const { revision } = base;
        const frozen = await freeze({ recipeId: recipe.id, number: version, note, revision });
        if (frozen.error) return notify(asProblem(frozen.error).message, { isProblem: true });
      }
      // Of another’s recipe that has no version yet there is nothing to be tied to.
      const tie = version > 0 && { parent: { recipeId: recipe.id, name: recipe.name, version } };
      const { parent: _parent, ...own } = content;
      const variant = { ...own, id: crypto.randomUUID(), name, ...tie };
      writer.create('recipes', `fork ${name}`, variant);
      await navigate(`/recipes/${variant.id}`);
    },
  };
}
