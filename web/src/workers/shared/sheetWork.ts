import {
  dropsFor,
  figureSheet,
  flattenMix,
  knownColour,
  mixedPaint,
  consistencyWord,
  onGround,
  predictBuildUp,
  shapeOf,
  shownBuildUp,
  stiffnessOf,
  wetVolumeMl,
  type Army,
  type BuildUp,
  type Drops,
  type Recipe,
  type Shape,
  type SheetLine,
  type Unit,
} from '@yellow-ledger/core';
import { armyRecipes } from './armyRecipes';
import { logInHand, shelfInHand } from './ledgerData';

/** A line as it stands on the sheet of a figure. */
export interface ShownLine extends SheetLine {
  hex: string;
  consistency: string;
  drops: Drops | null;
}

/** A surface, or what goes over several, on the sheet of a figure. */
export interface ShownPart {
  surfaceId: string;
  name: string;
  over: string[];
  recipe: Recipe;
  build: BuildUp;
  /** it and all it lies on as one, for its picture */
  whole: Recipe;
  /** the form it is on, with the spots of all that lies there */
  shape: Shape;
  lines: ShownLine[];
}

export const sheetWork = {
  /**
   * The sheet of a figure. @param models the drops are for so many @param model whose ticks it has;
   * null for none
   */
  figureSheet(army: Army, unit: Unit, model: number | null, models: number): ShownPart[] {
    const { recipeOf } = armyRecipes({ ...army, units: [unit] });
    const entries = logInHand().filter(
      (entry) => !('where' in entry) || entry.where.armyId === army.id,
    );
    return figureSheet(army, unit, model, recipeOf, entries, shelfInHand()).map((part) => {
      const { surface, over, recipe, shelf, lines } = part;
      const build = predictBuildUp(recipe, shelf);
      const { recipe: whole } = onGround(recipe, shelf);
      const shape = shapeOf(whole, surface.form);
      const area = { areaCm2: unit.areaCm2 * surface.share, models };
      return {
        surfaceId: surface.id,
        name: surface.name,
        over,
        recipe,
        build: shownBuildUp(build),
        whole,
        shape,
        lines: lines.map((line) => {
          const { step, number } = line;
          const earlier = recipe.steps.slice(0, number - 1);
          const ml = wetVolumeMl(step, area, shape);
          const shares = flattenMix(step.mix, earlier);
          const stiffness = stiffnessOf(shares, shelf);
          return {
            ...line,
            hex: knownColour(shares, mixedPaint(shares, shelf), shelf).hex,
            consistency: consistencyWord(step.mix, stiffness),
            drops: ml > 0 ? dropsFor(step.mix, earlier, shelf, ml) : null,
          };
        }),
      };
    });
  },
};
