import {
  pinKey,
  pinOf,
  workSurfaces,
  type Army,
  type Recipe,
  type RecipePin,
  type Version,
} from '@yellow-ledger/core';
import { recipesInHand, versionsInHand } from './ledgerData';

/** The recipes an army is painted by, as they are pinned. */
export interface ArmyRecipes {
  recipeOf: (pin: RecipePin) => Recipe | undefined;
  /** every pin of the army, each once */
  pins: RecipePin[];
  /** every frozen version there is */
  versions: readonly Version[];
  names: Record<string, string>;
  /** lines of recipes by `recipe line`, from 1 */
  lineNumbers: Record<string, number>;
}

/** The recipes of an army. */
export function armyRecipes(army: Army): ArmyRecipes {
  const now = new Map(recipesInHand().map((recipe) => [recipe.id, recipe] as const));
  const pins = pinsOf(army);
  const versions = versionsInHand();
  const frozen = new Map(
    versions.map(({ recipeId, number, content }) => [
      pinKey({ recipeId, version: number }),
      content,
    ]),
  );
  const recipeOf = (pin: RecipePin) =>
    pin.version === null ? now.get(pin.recipeId) : frozen.get(pinKey(pin));
  const used = pins.flatMap((pin) => recipeOf(pin) ?? []);
  return {
    recipeOf,
    pins,
    versions,
    names: Object.fromEntries(used.map(({ id, name }) => [id, name])),
    lineNumbers: Object.fromEntries(
      used.flatMap(({ id, steps }) =>
        steps.map((step, index) => [`${id} ${step.id}`, index + 1] as const),
      ),
    ),
  };
}

function pinsOf(army: Army): RecipePin[] {
  const all = army.units.flatMap((unit) => [
    ...workSurfaces(unit).flatMap((surface) => [pinOf(army, surface), ...(surface.variants ?? [])]),
    ...(unit.own ?? []).map(({ recipe }) => recipe),
  ]);
  const byKey = new Map(all.flatMap((pin) => (pin ? [[pinKey(pin), pin] as const] : [])));
  return [...byKey.values()];
}
