import {
  armySchema,
  paintNeeded,
  pinOf,
  versionSchema,
  type PaintNeeded,
  type Recipe,
  type RecipePin,
} from '@yellow-ledger/core';
import { z } from 'zod';
import { fetchRecipes } from './listWork';
import { shelfInHand } from './shelfInHand';

/** Paint an army takes, with the names of the recipes it is reckoned from. */
export interface ArmyPaint {
  needed: PaintNeeded;
  recipeNames: Record<string, string>;
  /** lines of recipes by `recipe line`, from 1 */
  lineNumbers: Record<string, number>;
}

const versionsSchema = z.object({ items: z.array(versionSchema) });

export const armyWork = {
  async armyPaint(asked: unknown): Promise<ArmyPaint> {
    const army = armySchema.parse(asked);
    const recipes = new Map(
      (await fetchRecipes()).map(({ content }) => [content.id, content] as const),
    );
    const pins = army.units.flatMap(({ surfaces }) =>
      surfaces.flatMap((surface) => pinOf(army, surface) ?? []),
    );
    const frozen = await frozenOf(pins);
    const recipeOf = (pin: RecipePin) => frozen.get(keyOf(pin)) ?? recipeNow(pin);
    const recipeNow = ({ recipeId, version }: RecipePin) =>
      version === null ? recipes.get(recipeId) : undefined;
    const used = pins.flatMap((pin) => recipeOf(pin) ?? []);
    return {
      needed: paintNeeded(army, recipeOf, shelfInHand()),
      recipeNames: Object.fromEntries(used.map(({ id, name }) => [id, name])),
      lineNumbers: Object.fromEntries(
        used.flatMap(({ id, steps }) =>
          steps.map((step, index) => [`${id} ${step.id}`, index + 1] as const),
        ),
      ),
    };
  },
};

const keyOf = ({ recipeId, version }: RecipePin) => `${recipeId} ${version}`;

/** The pinned versions, each recipe's asked for once. */
async function frozenOf(pins: readonly RecipePin[]): Promise<Map<string, Recipe>> {
  const recipeIds = [
    ...new Set(pins.filter(({ version }) => version !== null).map(({ recipeId }) => recipeId)),
  ];
  const lists = await Promise.all(
    recipeIds.map(async (id) => {
      const response = await fetch(`/api/recipes/${encodeURIComponent(id)}/versions`);
      if (!response.ok) throw new Error('The ledger’s server did not give a recipe’s versions.');
      return versionsSchema.parse(await response.json()).items;
    }),
  );
  return new Map(
    lists
      .flat()
      .map((version) => [
        keyOf({ recipeId: version.recipeId, version: version.number }),
        version.content,
      ]),
  );
}
