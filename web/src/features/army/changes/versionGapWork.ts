import {
  areNeighbours,
  isTouched,
  layersOn,
  modelsByPin,
  onEachOther,
  onFigures,
  pinKey,
  repaintOver,
  surfaceOf,
  versionGap,
  type Army,
  type VersionGap,
  type Recipe,
  type RecipeOf,
  type RecipePin,
  type Repaint,
  type Unit,
  type UnitSurface,
  workSurfaces,
} from '@yellow-ledger/core';
import { armyRecipes, type ArmyRecipes } from '../../../workers/shared/armyRecipes';
import { logInHand, recipesInHand, shelfInHand } from '../../../workers/shared/ledgerData';
import { standingOn } from '../../../workers/shared/standingOn';

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
  /** models of the unit with something on the surface, by the log */
  painted: number[];
  /** the one that is looked at, of all that are reckoned with; null where the log knows of none, and it is taken as written */
  model: number | null;
  /** surfaces beside it, finished, that a slip would spoil */
  neighbours: string[];
}

const unknown: RepaintAnswer = { repaint: null, painted: [], model: null, neighbours: [] };

export const versionGapWork = {
  /** Which units are on which version, and what differs from the newest. */
  outdated(army: Army): OutdatedSurface[] {
    const recipes = armyRecipes(army);
    return army.units.flatMap((unit) =>
      workSurfaces(unit).flatMap((surface) => outdatedSurface(army, unit, surface, recipes)),
    );
  },

  /**
   * A finished surface painted over by another recipe.
   *
   * @param model the one whose surface is looked at as the log has it; null looks for one
   */
  repaint(
    army: Army,
    unitId: string,
    surfaceId: string,
    other: RecipePin,
    model: number | null,
  ): RepaintAnswer {
    const on = surfaceOf(army, { unitId, surfaceId });
    if (!on) return unknown;
    const { unit, surface } = on;
    const { recipeOf } = armyRecipes(army);
    const painted = paintedModels(army, unit, surfaceId, recipeOf);
    const chosen = model ?? painted.models.at(0) ?? null;
    const there =
      chosen === null
        ? asWritten(army, unit, surfaceId, recipeOf)
        : standingOn({ army, unit, model: chosen, recipeOf, figures: painted.figures }, surfaceId);
    const newer = recipesInHand().find(({ id }) => id === other.recipeId);
    if (!there || !newer) return { ...unknown, painted: painted.models };
    return {
      painted: painted.models,
      model: chosen,
      repaint: repaintOver(there.recipe, newer, there.shelf, {
        surface,
        areaCm2: unit.areaCm2 * surface.share,
        models: painted.models.length || unit.models,
      }),
      neighbours: unit.surfaces
        .filter((each) => each.id !== surfaceId && areNeighbours(each, surface))
        .filter((each) => each.subAssembly === surface.subAssembly)
        .map(({ name }) => name),
    };
  },
};

/** Models whose surface has something on it by the log, and what is on every surface. */
function paintedModels(army: Army, unit: Unit, surfaceId: string, recipeOf: RecipeOf) {
  const figures = onFigures(
    logInHand().filter((entry) => 'where' in entry && entry.where.armyId === army.id),
  );
  const models = Array.from({ length: unit.models }, (_, i) => i + 1).filter((model) =>
    isTouched({ army, unit, model, recipeOf, figures }, [surfaceId]),
  );
  return { figures, models };
}

/** All that is to lie on a surface, as it is written; null where it has no recipe. */
function asWritten(army: Army, unit: Unit, surfaceId: string, recipeOf: RecipeOf) {
  const layers = layersOn(army, unit, surfaceId, recipeOf).map(({ recipe }) => recipe);
  if (layers.length === 0) return null;
  const { recipes, shelf } = onEachOther(layers, shelfInHand());
  return { recipe: recipes[recipes.length - 1], shelf };
}

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
