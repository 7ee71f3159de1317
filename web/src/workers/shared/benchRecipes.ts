import {
  ranksOf,
  recipesOnBench,
  type Army,
  type Bench,
  type RecipeOf,
  type Unit,
} from '@yellow-ledger/core';
import { armyRecipes } from './armyRecipes';
import { whenChanged } from './ledgerData';

export interface BenchRecipes {
  recipeOf: RecipeOf;
  names: Record<string, string>;
  /** place of each surface of a unit in the order of work */
  ranksIn: (unit: Unit) => ReadonlyMap<string, number>;
}

let kept: { key: string; recipes: BenchRecipes } | null = null;
// Edited elsewhere in the same tab, a recipe is painted as it is now.
whenChanged(['recipes', 'versions'], () => (kept = null));

/** The recipes of a bench, with the order of work, which takes longer than all the rest. */
export function benchRecipes(bench: Bench, army: Army): BenchRecipes {
  const scheme = army.units.map(({ id, surfaces, own, overs }) => [id, surfaces, own, overs]);
  const key = JSON.stringify([bench.id, bench.loose, army.scheme, scheme]);
  if (kept?.key === key) return kept.recipes;
  const { recipeOf, names } = armyRecipes(army);
  const own = bench.loose?.recipes.map(({ id, name }) => [id, name] as const) ?? [];
  const onBench = recipesOnBench(bench, recipeOf);
  const ranks = new Map<string, ReadonlyMap<string, number>>();
  const recipes = {
    recipeOf: onBench,
    ranksIn: (unit: Unit) => {
      const known = ranks.get(unit.id) ?? ranksOf(army, unit, onBench);
      ranks.set(unit.id, known);
      return known;
    },
    names: { ...names, ...Object.fromEntries(own) },
  };
  kept = { key, recipes };
  return recipes;
}
