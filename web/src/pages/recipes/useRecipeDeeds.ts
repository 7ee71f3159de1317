import type { Pot, Recipe } from '@yellow-ledger/core';
import { useNavigate } from 'react-router';
import { useNotice } from '../../parts/shell/notices';
import { doDeed } from '../../store/deeds/doDeeds';
import { asProblem, ledgerApi } from '../../store/ledgerApi';
import { useAppDispatch } from '../../store/store';
import { copyOfRecipe, newRecipe } from './newRecipe';

export type RecipeDeeds = ReturnType<typeof useRecipeDeeds>;

/** What can be done to recipes from their list; each of it can be undone. */
export function useRecipeDeeds() {
  const dispatch = useAppDispatch();
  const navigate = useNavigate();
  const notify = useNotice();

  const act = async (label: string, before: Recipe | null, after: Recipe) => {
    const of = crypto.randomUUID();
    const problem = await dispatch(doDeed({ kind: 'recipes', label, of, before, after }));
    if (problem) notify(problem.message);
    return problem === null;
  };
  const read = async (id: string): Promise<Recipe | null> => {
    const request = dispatch(ledgerApi.endpoints.recipe.initiate(id, { forceRefetch: true }));
    const { data, error } = await request;
    request.unsubscribe();
    if (error) notify(asProblem(error).message);
    return data?.content ?? null;
  };

  return {
    async writeNew(pots: readonly Pot[]) {
      const recipe = newRecipe(pots);
      if (!recipe)
        return notify(
          'A recipe stands on a ground: put a primer on the shelf first, or try the sample.',
        );
      if (await act('write a new recipe', null, recipe)) await navigate(`/recipes/${recipe.id}`);
    },
    async duplicate(id: string) {
      const recipe = await read(id);
      if (!recipe) return;
      const copy = copyOfRecipe(recipe);
      if (await act(`duplicate ${recipe.name}`, null, copy)) notify(`${copy.name} is on the list.`);
    },
    async archive(id: string) {
      const recipe = await read(id);
      if (!recipe) return;
      const label = `${recipe.archived ? 'bring back' : 'archive'} ${recipe.name}`;
      if (await act(label, recipe, { ...recipe, archived: !recipe.archived }))
        notify(
          recipe.archived
            ? `${recipe.name} is back on the list.`
            : `${recipe.name} is archived; Ctrl+Z undoes it.`,
        );
    },
  };
}
