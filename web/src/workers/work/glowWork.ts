import {
  markOnGround,
  unitGlow,
  type Army,
  type GlowSchool,
  type MarkAsked,
  type PointLight,
  type Recipe,
  type Step,
  type SurfaceGlow,
  type Unit,
  type UnitGlow,
} from '@yellow-ledger/core';
import { armyRecipes } from './armyRecipes';
import { shelfInHand } from './ledgerInHand';

let looking: UnitGlow | null = null;

/** A light from a point on a unit, a surface at a time: whoever asks can show it and stop. */
export const glowWork = {
  /** @returns how many surfaces are looked at */
  beginGlow(army: Army, unit: Unit, light: PointLight, school: GlowSchool): number {
    // What goes over the surfaces by now is not lit once more.
    const { overs: _overs, ...bare } = unit;
    looking = unitGlow(army, bare, armyRecipes(army).recipeOf, shelfInHand(), light, school);
    return looking.surfaces;
  },

  /** Lines of a mark that keeps the light of what a recipe is painted on. */
  markLines(recipe: Recipe, asked: MarkAsked): Step[] {
    return markOnGround(recipe, shelfInHand(), asked, () => crypto.randomUUID());
  },

  lookGlow(surface: number): SurfaceGlow | null {
    return looking?.look(surface) ?? null;
  },
};
