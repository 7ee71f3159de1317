import {
  bouncedLight,
  formOf,
  layersOn,
  markOnGround,
  onEachOther,
  predictBuildUp,
  readsAsWhole,
  unitGlow,
  type Army,
  type HowLit,
  type MarkAsked,
  type PointLight,
  type Recipe,
  type Step,
  type SurfaceGlow,
  type Unit,
  type UnitGlow,
} from '@yellow-ledger/core';
import { armyRecipes } from '../../../workers/shared/armyRecipes';
import { shelfInHand } from '../../../workers/shared/ledgerData';

let looking: UnitGlow | null = null;

/** A light from a point on a unit, a surface at a time: whoever asks can show it and stop. */
export const glowWork = {
  /** @returns how many surfaces are looked at */
  beginGlow(army: Army, unit: Unit, light: PointLight, how: HowLit): number {
    looking = unitGlow(army, unit, armyRecipes(army).recipeOf, shelfInHand(), light, how);
    return looking.surfaces;
  },

  /** Light a surface throws on those beside it; null where its colour is not known. */
  bounceOff(army: Army, unit: Unit, surfaceId: string): PointLight | null {
    const surface = unit.surfaces.find(({ id }) => id === surfaceId);
    const layers = layersOn(army, unit, surfaceId, armyRecipes(army).recipeOf);
    if (!surface || layers.length === 0) return null;
    const laid = onEachOther(
      layers.map(({ recipe }) => recipe),
      shelfInHand(),
    );
    const top = laid.recipes[layers.length - 1];
    const build = predictBuildUp(top, laid.shelf);
    return bouncedLight(surface, readsAsWhole(build, surface.form ?? formOf(top)).hex);
  },

  /** Lines of a mark that keeps the light of what a recipe is painted on. */
  markLines(recipe: Recipe, asked: MarkAsked): Step[] {
    return markOnGround(recipe, shelfInHand(), asked, () => crypto.randomUUID());
  },

  lookGlow(surface: number): SurfaceGlow | null {
    return looking?.look(surface) ?? null;
  },
};
