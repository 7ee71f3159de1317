import type { Pot, Recipe } from '@yellow-ledger/core';
import { useMemo } from 'react';
import { useNavigate, type NavigateFunction } from 'react-router';
import type { Writer } from '../../data/outbox/Writer';
import { useWriter } from '../../data/useWriter';
import { useNotice } from '../../kit/shell/notices';
import { copyOfRecipe, newRecipe } from './newRecipe';

export type RecipeDeeds = ReturnType<typeof recipeDeeds>;

/** Actions on recipes from their list; each of it can be undone. */
export function useRecipeDeeds() {
  const writer = useWriter();
  const navigate = useNavigate();
  const notify = useNotice();
  return useMemo(() => recipeDeeds(writer, navigate, notify), [writer, navigate, notify]);
}

function recipeDeeds(writer: Writer, navigate: NavigateFunction, notify: (words: string) => void) {
  const read = (id: string) => writer.shown('recipes', id) as Recipe | null;
  return {
    /** @param leaf the leaf it is opened at; its lines unless said otherwise */
    writeNew(pots: readonly Pot[], leaf = '') {
      const { recipe, primers } = newRecipe(pots);
      writer.do('write a new recipe', {
        records: [
          ...primers.map((pot) => ({ name: 'pots' as const, before: null, after: pot })),
          { name: 'recipes' as const, before: null, after: recipe },
        ],
      });
      if (primers.length > 0)
        notify(
          'A recipe stands on a ground: three plain primers are on the shelf now, marked as guesses.',
        );
      void navigate(`/recipes/${recipe.id}${leaf}`);
    },
    duplicate(id: string) {
      const recipe = read(id);
      if (!recipe) return;
      const copy = copyOfRecipe(recipe);
      writer.create('recipes', `duplicate ${recipe.name}`, copy);
      notify(`${copy.name} is on the list.`);
    },
    archive(id: string) {
      const recipe = read(id);
      if (!recipe) return;
      const label = `${recipe.archived ? 'restore' : 'archive'} ${recipe.name}`;
      writer.change('recipes', id, label, (now) => ({ ...now, archived: !recipe.archived }));
      notify(
        recipe.archived
          ? `${recipe.name} is back on the list.`
          : `${recipe.name} is archived; Ctrl+Z undoes it.`,
      );
    },
  };
}
