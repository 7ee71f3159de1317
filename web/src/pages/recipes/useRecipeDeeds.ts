import type { Pot, Recipe } from '@yellow-ledger/core';
import { useNavigate } from 'react-router';
import { useWriter } from '../../ledger/useWriter';
import { useNotice } from '../../parts/shell/notices';
import { copyOfRecipe, newRecipe } from './newRecipe';

export type RecipeDeeds = ReturnType<typeof useRecipeDeeds>;

/** What can be done to recipes from their list; each of it can be undone. */
export function useRecipeDeeds() {
  const writer = useWriter();
  const navigate = useNavigate();
  const notify = useNotice();
  const read = (id: string) => writer.shown('recipes', id) as Recipe | null;

  return {
    writeNew(pots: readonly Pot[]) {
      const recipe = newRecipe(pots);
      if (!recipe)
        return notify(
          'A recipe stands on a ground: put a primer on the shelf first, or try the sample.',
        );
      writer.create('recipes', 'write a new recipe', recipe);
      void navigate(`/recipes/${recipe.id}`);
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
      const label = `${recipe.archived ? 'bring back' : 'archive'} ${recipe.name}`;
      writer.change('recipes', id, label, (now) => ({ ...now, archived: !recipe.archived }));
      notify(
        recipe.archived
          ? `${recipe.name} is back on the list.`
          : `${recipe.name} is archived; Ctrl+Z undoes it.`,
      );
    },
  };
}
