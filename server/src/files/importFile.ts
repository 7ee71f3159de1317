import { randomUUID } from 'node:crypto';
import { isDeepStrictEqual } from 'node:util';
import { lineLimit, type LedgerFile, type Recipe } from '@yellow-ledger/core';
import type { Ledger } from '../db/ledger';

/** What an import did, for saying so. */
export interface Imported {
  recipes: { id: string; name: string; asCopy: boolean }[];
  potsAdded: number;
  /** pots that are here already and were left as they are */
  potsKept: number;
  /** names of pots that are here with other figures than in the file; the ones here were kept */
  potsDiffering: string[];
}

/**
 * Takes a file's recipes and pots in, all or nothing. Nothing that is here is overwritten: a pot
 * that is here stays as it is, a recipe that is here gets the file's beside it as a copy.
 */
export async function importFile(
  file: LedgerFile,
  { db, pots, recipes }: Ledger,
): Promise<Imported> {
  const herePots = new Map((await pots.list()).map(({ content }) => [content.id, content]));
  const hereRecipes = new Map((await recipes.list()).map(({ content }) => [content.id, content]));
  const newPots = file.pots.filter(({ id }) => !herePots.has(id));
  const incoming = file.recipes.map((recipe) => {
    const asCopy = hereRecipes.has(recipe.id);
    return { asCopy, recipe: asCopy ? copyOf(recipe) : recipe };
  });
  await db.transaction(async (transaction) => {
    for (const pot of newPots) await pots.put(pot, 0, transaction);
    for (const { recipe } of incoming) await recipes.put(recipe, 0, transaction);
  });
  return {
    recipes: incoming.map(({ asCopy, recipe: { id, name } }) => ({ id, name, asCopy })),
    potsAdded: newPots.length,
    potsKept: file.pots.length - newPots.length,
    potsDiffering: file.pots
      .filter((pot) => herePots.has(pot.id) && !isDeepStrictEqual(herePots.get(pot.id), pot))
      .map(({ name }) => name),
  };
}

function copyOf(recipe: Recipe): Recipe {
  const mark = ' (from a file)';
  return {
    ...recipe,
    id: randomUUID(),
    name: recipe.name.slice(0, lineLimit - mark.length) + mark,
  };
}
