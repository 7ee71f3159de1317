import {
  withPinned,
  type Kept,
  type Proposal,
  type Recipe,
  isSameContent,
} from '@yellow-ledger/core';
import { randomUUID } from 'node:crypto';
import type { Knex } from 'knex';
import type { Ledger } from '../../db/ledger';
import { StaleWrite } from '../../db/storeErrors';
import { replaceInRecipes } from '../../replacements/replaceInRecipes';
import { GroundNotFrozen } from '../../versions/versionStore';

/** A proposal that cannot become a club version as it stands, with why in a sentence. */
export class CannotApprove extends Error {
  constructor(message: string) {
    super(message);
    this.name = 'CannotApprove';
  }
}

/**
 * Makes what was proposed a version of the club: the next one of its recipe, or the first of a new
 * one. What stood there and was not frozen is frozen first. All of it is one transaction.
 *
 * @param revision of the club recipe as the manager has looked at it
 * @returns the number of the version, and the recipe it is of
 * @throws CannotApprove; StaleWrite where the recipe has been changed since
 */
export async function approve(
  proposal: Proposal,
  revision: number,
  ledger: Ledger,
  within: Knex.Transaction,
): Promise<{ recipeId: string; version: number }> {
  const { targetId, content, words } = proposal;
  await refusePrivateGround(content, ledger, within);
  const note = `Club version. ${words}`.trim();
  if (targetId === null) {
    // An identifier nobody could know before: a record of that name would stand in the way.
    const recipe = withoutTie(content, randomUUID());
    await ledger.records.recipes.put(recipe, 0, within);
    await ledger.versions.freeze(recipe.id, 1, { note, revision: 1 }, within);
    return { recipeId: recipe.id, version: 1 };
  }
  const target = await ledger.records.recipes.get(targetId, within);
  if (!target || (await isOwned(targetId, within)))
    throw new CannotApprove('The recipe it is to be a version of is no club recipe any more.');
  const { name, parent } = target.content;
  const recipe = { ...withoutTie(content, targetId), name, ...(parent && { parent }) };
  if (target.revision !== revision && !isSameContent(target.content, recipe))
    throw new StaleWrite(target);
  await keepArmiesAsTheyAre(target, note, ledger, within);
  await replaceInRecipes({ note, recipes: [{ content: recipe, revision }] }, ledger, within);
  const version = (await ledger.versions.list(targetId, within)).at(-1)?.number ?? 1;
  return { recipeId: targetId, version };
}

const isOwned = async (recipeId: string, within: Knex.Transaction) =>
  (await within('owners').where({ kind: 'recipes', id: recipeId }).first()) !== undefined;

/**
 * Armies that are painted by the recipe as it is are painted by a version of that from here on:
 * what is approved changes no model until somebody moves its pin.
 */
async function keepArmiesAsTheyAre(
  { content, revision }: Kept<Recipe>,
  note: string,
  { records, versions }: Ledger,
  within: Knex.Transaction,
): Promise<void> {
  const last = (await versions.list(content.id, within)).at(-1);
  let number = last?.number ?? 0;
  if (!isSameContent(last?.content, content))
    try {
      await versions.freeze(content.id, ++number, { note: `Before: ${note}`, revision }, within);
    } catch (error) {
      if (!(error instanceof GroundNotFrozen)) throw error;
      throw new CannotApprove(
        'The club recipe goes onto another as that is now: choose a version of that as its ground first.',
      );
    }
  for (const { content: army, revision: at } of (await records.armies.listWithDamaged(within))
    .items) {
    const pinned = withPinned(army, content.id, number);
    if (pinned !== army) await records.armies.put(pinned, at, within);
  }
}

function withoutTie({ parent: _parent, ...content }: Recipe, id: string): Recipe {
  return { ...content, id };
}

/** A club recipe on a ground that only its proposer sees would show everybody else nothing. */
async function refusePrivateGround({ ground }: Recipe, ledger: Ledger, within: Knex.Transaction) {
  if (!ground) return;
  const below = await ledger.records.recipes.get(ground.recipeId, within);
  const isPrivate = !below || (await isOwned(ground.recipeId, within));
  if (isPrivate)
    throw new CannotApprove(
      'It goes onto a recipe that is no club recipe: that has to be proposed and approved first.',
    );
  if (ground.version === null)
    throw new CannotApprove(
      `It goes onto ${below.content.name} as that is now, and a club version must never change: choose a version of it as the ground.`,
    );
}
