import {
  ranksOf,
  recipesOnBench,
  type Army,
  type Bench,
  type RecipeOf,
  type Unit,
} from '@yellow-ledger/core';
import { fetchArmyRecipes } from './armyRecipes';

export interface BenchRecipes {
  recipeOf: RecipeOf;
  names: Record<string, string>;
  /** place of each surface of a unit in the order of work */
  ranksIn: (unit: Unit) => ReadonlyMap<string, number>;
}

let inHand: { key: string; recipes: BenchRecipes } | null = null;

/**
 * What a bench is painted by. Once fetched it stays in hand, so that the bench goes on when the
 * server does not answer; it is fetched anew when the scheme of its army has changed.
 */
export async function benchRecipes(bench: Bench, army: Army): Promise<BenchRecipes> {
  const scheme = army.units.map(({ id, surfaces, own }) => [id, surfaces, own]);
  const key = JSON.stringify([bench.id, bench.loose, army.scheme, scheme]);
  if (inHand?.key === key) return inHand.recipes;
  try {
    const { recipeOf, names } = await fetchArmyRecipes(army);
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
    inHand = { key, recipes };
    return recipes;
  } catch (error) {
    // Better the scheme as it was a moment ago than none while the server is away.
    if (inHand?.key.startsWith(`["${bench.id}"`)) return inHand.recipes;
    throw error;
  }
}

/** Has the recipes fetched anew at the next question. */
export function forgetBenchRecipes(): void {
  inHand = null;
}
