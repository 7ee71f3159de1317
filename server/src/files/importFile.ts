import { randomUUID } from 'node:crypto';
import { isDeepStrictEqual } from 'node:util';
import { lineLimit, type ReadFile, type Recipe } from '@yellow-ledger/core';
import type { Ledger } from '../db/ledger';

/** What an import did, for saying so. */
export interface Imported {
  recipes: { id: string; name: string; asCopy: boolean }[];
  potsAdded: number;
  /** pots that are here already and were left as they are */
  potsKept: number;
  /** names of pots that are here with other figures than in the file; the ones here were kept */
  potsDiffering: string[];
  /** what else is in the file and was left out, because something of that name is here */
  leftOut: string[];
}

/**
 * Takes a file in, all or nothing. Nothing that is here is overwritten: a pot that is here stays as
 * it is, a recipe that is here gets the file's beside it as a copy, and its versions stay its own.
 */
export async function importFile({ file, sections }: ReadFile, ledger: Ledger): Promise<Imported> {
  const { db, pots, recipes, palettes, armies, versions, benches, log } = ledger;
  const herePots = new Map((await pots.list()).map(({ content }) => [content.id, content]));
  const hereRecipes = new Map((await recipes.list()).map(({ content }) => [content.id, content]));
  const herePalettes = new Set((await palettes.list()).map(({ content }) => content.id));
  const hereArmies = new Set((await armies.list()).map(({ content }) => content.id));
  const hereBenches = new Set((await benches.list()).map(({ content }) => content.id));
  const newPots = file.pots.filter(({ id }) => !herePots.has(id));
  // Taken in a second time, a file of everything changes nothing: only what differs becomes a copy.
  const newRecipes = file.recipes.filter(
    (recipe) => !file.versions || !isDeepStrictEqual(hereRecipes.get(recipe.id), recipe),
  );
  const incoming = newRecipes.map((recipe) => {
    const asCopy = hereRecipes.has(recipe.id);
    return { asCopy, recipe: asCopy ? copyOf(recipe) : recipe };
  });
  const leftOut = await db.transaction(async (transaction) => {
    for (const pot of newPots) await pots.put(pot, 0, transaction);
    for (const { recipe } of incoming) await recipes.put(recipe, 0, transaction);
    for (const version of file.versions ?? [])
      if (!hereRecipes.has(version.recipeId)) await versions.restore(version, transaction);
    for (const palette of file.palettes ?? [])
      if (!herePalettes.has(palette.id)) await palettes.put(palette, 0, transaction);
    for (const army of file.armies ?? [])
      if (!hereArmies.has(army.id)) await armies.put(army, 0, transaction);
    for (const bench of file.benches ?? [])
      if (!hereBenches.has(bench.id)) await benches.put(bench, 0, transaction);
    // The pots of a file are as full as they were when it was written: nothing is drawn again.
    await log.restore(file.log ?? [], transaction);
    return ledger.sections.keep(sections, transaction);
  });
  return {
    recipes: incoming.map(({ asCopy, recipe: { id, name } }) => ({ id, name, asCopy })),
    potsAdded: newPots.length,
    potsKept: file.pots.length - newPots.length,
    potsDiffering: file.pots
      .filter((pot) => herePots.has(pot.id) && !isDeepStrictEqual(herePots.get(pot.id), pot))
      .map(({ name }) => name),
    leftOut: [
      ...leftOut,
      ...(file.palettes ?? [])
        .filter(({ id }) => herePalettes.has(id))
        .map(({ name }) => `the palette “${name}”`),
      ...(file.armies ?? [])
        .filter(({ id }) => hereArmies.has(id))
        .map(({ name }) => `the army “${name}”`),
    ],
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
