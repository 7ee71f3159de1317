import type { Kept, Recipe } from '@yellow-ledger/core';
import { useMemo } from 'react';
import { ledgerApi } from '../data/ledgerApi';
import { useAppSelector } from '../data/store';
import { useRecords } from '../data/useCollections';

/** A recipe as lists show it. */
export interface RecipeRow {
  id: string;
  name: string;
  surface: Recipe['surface'];
  lines: number;
  groundPotId: string;
  /** the recipe it is painted on, where it goes onto a finished surface */
  groundId: string | null;
  models: number;
  archived: boolean;
  savedAt: string;
  /** the recipe it is a variant of */
  parentId: string | null;
}

/** The heads of the recipes; undefined while they are being fetched. */
export function useRecipeRows() {
  const { kept, ...rest } = useRecords('recipes');
  const rows = useMemo(() => kept?.map(rowOf), [kept]);
  return { rows, ...rest };
}

const selectNewest = ledgerApi.endpoints.newestRecipes.select();

/** The recipes for their list: the newest are there before the others. */
export function useRecipeList() {
  const { kept, error, refetch } = useRecords('recipes');
  const newest = useAppSelector((state) => selectNewest(state as never).data?.items);
  const known = kept ?? newest;
  const rows = useMemo(() => known?.map(rowOf), [known]);
  const recipes = useMemo(
    () => new Map(known?.map(({ content }): [string, Recipe] => [content.id, content as Recipe])),
    [known],
  );
  return { rows, recipes, error, refetch, isLoading: known === undefined && error === undefined };
}

function rowOf({ content, savedAt }: Kept<Recipe>): RecipeRow {
  return {
    id: content.id,
    name: content.name,
    surface: content.surface,
    lines: content.steps.length,
    groundPotId: content.groundPotId,
    groundId: content.ground?.recipeId ?? null,
    models: content.models,
    archived: content.archived,
    savedAt,
    parentId: content.parent?.recipeId ?? null,
  };
}
