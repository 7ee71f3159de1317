import {
  keptSchema,
  predictBuildUp,
  recipeSchema,
  type Kept,
  type Recipe,
} from '@yellow-ledger/core';
import { z } from 'zod';
import { shelfInHand } from './shelfInHand';

/** A recipe as the list shows it. */
export interface RecipeRow {
  id: string;
  name: string;
  surface: Recipe['surface'];
  lines: number;
  groundPotId: string;
  models: number;
  archived: boolean;
  savedAt: string;
  /** the recipe it is a variant of */
  parentId: string | null;
}

/** The last ribbon of a recipe, for its picture in the list. */
export interface LastRibbon {
  stops: readonly number[];
  hexes: string[];
  isEstimate: boolean;
}

const listSchema = z.object({ items: z.array(keptSchema(recipeSchema)) });

let listed = new Map<string, Kept<Recipe>>();

/** Every recipe as it is kept now. */
export async function fetchRecipes(): Promise<Kept<Recipe>[]> {
  const response = await fetch('/api/recipes');
  if (!response.ok) throw new Error('The ledger’s server did not give the list of recipes.');
  return listSchema.parse(await response.json()).items;
}

export const listWork = {
  /** Fetches the list of recipes; a thousand of them are read here and only their heads handed on. */
  async recipeRows(): Promise<RecipeRow[]> {
    const items = await fetchRecipes();
    listed = new Map(items.map((kept) => [kept.content.id, kept]));
    return items.map(({ content, savedAt }) => ({
      id: content.id,
      name: content.name,
      surface: content.surface,
      lines: content.steps.length,
      groundPotId: content.groundPotId,
      models: content.models,
      archived: content.archived,
      savedAt,
      parentId: content.parent?.recipeId ?? null,
    }));
  },

  /** The last ribbons of recipes from the list fetched before. */
  lastRibbons(ids: string[]): Record<string, LastRibbon> {
    const shelf = shelfInHand();
    const ribbons: Record<string, LastRibbon> = {};
    for (const id of ids) {
      const recipe = listed.get(id)?.content;
      if (!recipe || !shelf.has(recipe.groundPotId)) continue;
      const { stops, ground, groundIsEstimate, steps } = predictBuildUp(recipe, shelf);
      const last = steps.at(-1);
      ribbons[id] = {
        stops,
        hexes: (last?.surface ?? ground).map(({ hex }) => hex),
        isEstimate: last?.isEstimate ?? groundIsEstimate,
      };
    }
    return ribbons;
  },
};
