import {
  areNeighbours,
  modelsByPin,
  pinKey,
  repaintOver,
  surfaceOf,
  versionGap,
  type Army,
  type VersionGap,
  type Recipe,
  type RecipePin,
  type Repaint,
  type Unit,
  type UnitSurface,
  workSurfaces,
} from '@yellow-ledger/core';
import { armyRecipes, type ArmyRecipes } from './armyRecipes';
import { recipesInHand, shelfInHand } from './ledgerInHand';

/** Models of a unit whose surface was painted by a version there is a newer one of. */
export interface OutdatedSurface {
  unitId: string;
  surfaceId: string;
  recipeName: string;
  pin: RecipePin;
  newest: RecipePin;
  models: number[];
  gap: VersionGap;
}

export interface RepaintAnswer {
  /** null where nobody knows what stands there: the surface has no recipe, or it is gone */
  repaint: Repaint | null;
  /** surfaces beside it, finished, that a slip would spoil */
  neighbours: string[];
}

const unknown: RepaintAnswer = { repaint: null, neighbours: [] };

export const versionGapWork = {
  /** Which units are on which version, and what differs from the newest. */
  outdated(army: Army): OutdatedSurface[] {
    const recipes = armyRecipes(army);
    return army.units.flatMap((unit) =>
      workSurfaces(unit).flatMap((surface) => outdatedSurface(army, unit, surface, recipes)),
    );
  },

  /** A finished surface painted over by another recipe. */
  repaint(army: Army, unitId: string, surfaceId: string, other: RecipePin): RepaintAnswer {
    const on = surfaceOf(army, { unitId, surfaceId });
    if (!on) return unknown;
    const { unit, surface } = on;
    const { recipeOf } = armyRecipes(army);
    const [{ pin }] = modelsByPin(army, unit, surface);
    const painted = pin && recipeOf(pin);
    const newer = recipesInHand().find(({ id }) => id === other.recipeId);
    if (!painted || !newer) return unknown;
    return {
      repaint: repaintOver(painted, newer, shelfInHand(), {
        surface,
        areaCm2: unit.areaCm2 * surface.share,
        models: unit.models,
      }),
      neighbours: unit.surfaces
        .filter((each) => each.id !== surfaceId && areNeighbours(each, surface))
        .filter((each) => each.subAssembly === surface.subAssembly)
        .map(({ name }) => name),
    };
  },
};

function outdatedSurface(
  army: Army,
  unit: Unit,
  surface: UnitSurface,
  { recipeOf, versions }: ArmyRecipes,
): OutdatedSurface[] {
  return modelsByPin(army, unit, surface).flatMap(({ pin, models }) => {
    if (!pin || pin.version === null) return [];
    const painted = recipeOf(pin);
    const newest = newestOf(pin, versions);
    if (!painted || !newest || pinKey(newest.pin) === pinKey(pin)) return [];
    const on = { surface, areaCm2: unit.areaCm2 * surface.share, models: models.length };
    return [
      {
        unitId: unit.id,
        surfaceId: surface.id,
        recipeName: newest.recipe.name,
        pin,
        newest: newest.pin,
        models,
        gap: versionGap(painted, newest.recipe, shelfInHand(), on),
      },
    ];
  });
}

function newestOf(
  { recipeId }: RecipePin,
  versions: ArmyRecipes['versions'],
): { pin: RecipePin; recipe: Recipe } | null {
  const own = versions.filter((version) => version.recipeId === recipeId);
  const last = own.reduce((most, each) => Math.max(most, each.number), 0);
  const found = own.find(({ number }) => number === last);
  return found ? { pin: { recipeId, version: found.number }, recipe: found.content } : null;
}
