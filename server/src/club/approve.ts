import {
  withPinned,
  type Kept,
  type Proposal,
  type Recipe,
  isSameContent,
} from '@yellow-ledger/core';
import type { Ledger } from '../db/ledger';
import { StaleWrite } from '../db/recordStore';
import { replaceInRecipes } from '../replacements/replaceInRecipes';
import { GroundNotFrozen } from '../versions/versionStore';
import type { OwnerStore } from './ownerStore';

/** A proposal that cannot become a house version as it stands, with why in a sentence. */
export class CannotApprove extends Error {
  constructor(message: string) {
    super(message);
    this.name = 'CannotApprove';
  }
}

/**
 * Makes what was proposed a version of the house: the next one of its recipe, or the first of a new
 * one. What stood there and was not frozen is frozen first. Asked for twice, as after a lost answer,
 * the second finds its own work done.
 *
 * @param revision of the house recipe as the keeper has looked at it
 * @returns the number of the version, and the recipe it is of
 * @throws CannotApprove; StaleWrite where the recipe has been changed since
 */
export async function approve(
  proposal: Proposal,
  revision: number,
  ledger: Ledger,
  owners: OwnerStore,
): Promise<{ recipeId: string; version: number }> {
  const { targetId, content, words } = proposal;
  await refusePrivateGround(content, ledger, owners);
  const note = `House version. ${words}`.trim();
  if (targetId === null) {
    // Asked for a second time it is the same recipe.
    const recipe = withoutTie(content, `house-${proposal.id}`);
    await ledger.db.transaction(async (within) => {
      await ledger.records.recipes.put(recipe, 0, within);
      await ledger.versions.freeze(recipe.id, 1, { note, revision: 1 }, within);
    });
    return { recipeId: recipe.id, version: 1 };
  }
  const target = await ledger.records.recipes.get(targetId);
  if (!target || (await owners.of('recipes', targetId)).owner)
    throw new CannotApprove('The recipe it is to be a version of is no house recipe any more.');
  const { name, parent } = target.content;
  const recipe = { ...withoutTie(content, targetId), name, ...(parent && { parent }) };
  if (target.revision !== revision && !isSameContent(target.content, recipe))
    throw new StaleWrite(target);
  await keepArmiesAsTheyAre(target, note, ledger);
  await replaceInRecipes({ note, recipes: [{ content: recipe, revision }] }, ledger);
  const version = (await ledger.versions.list(targetId)).at(-1)?.number ?? 1;
  return { recipeId: targetId, version };
}

/**
 * Armies that are painted by the recipe as it is are painted by a version of that from here on:
 * what is approved changes no model until somebody moves its pin.
 */
async function keepArmiesAsTheyAre(
  { content, revision }: Kept<Recipe>,
  note: string,
  { records, versions }: Ledger,
): Promise<void> {
  const last = (await versions.list(content.id)).at(-1);
  let number = last?.number ?? 0;
  if (!isSameContent(last?.content, content))
    try {
      await versions.freeze(content.id, ++number, { note: `Before: ${note}`, revision });
    } catch (error) {
      if (!(error instanceof GroundNotFrozen)) throw error;
      throw new CannotApprove(
        'The house recipe goes onto another as that is now: choose a version of that as its ground first.',
      );
    }
  for (const { content: army, revision: at } of await records.armies.list()) {
    const pinned = withPinned(army, content.id, number);
    if (pinned !== army) await records.armies.put(pinned, at);
  }
}

function withoutTie({ parent: _parent, ...content }: Recipe, id: string): Recipe {
  return { ...content, id };
}

/** A house recipe on a ground that only its proposer sees would show everybody else nothing. */
async function refusePrivateGround({ ground }: Recipe, ledger: Ledger, owners: OwnerStore) {
  if (!ground) return;
  const below = await ledger.records.recipes.get(ground.recipeId);
  const called = below?.content.name ?? 'a recipe that is gone';
  if (!below || (await owners.of('recipes', ground.recipeId)).owner)
    throw new CannotApprove(
      `It goes onto ${called}, which is no house recipe: that has to be proposed and approved first.`,
    );
  if (ground.version === null)
    throw new CannotApprove(
      `It goes onto ${called} as that is now, and a house version must never change: choose a version of it as the ground.`,
    );
}
