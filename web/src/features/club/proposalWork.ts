import {
  modelsByPin,
  versionGap,
  workSurfaces,
  type Recipe,
  type RecipePin,
  type VersionGap,
} from '@yellow-ledger/core';
import { armyRecipes } from '../../workers/shared/armyRecipes';
import { armiesInHand, shelfInHand } from '../../workers/shared/ledgerData';

/** Models painted by a recipe for which another state of it is proposed. */
export interface PaintedByIt {
  armyId: string;
  armyName: string;
  unitName: string;
  surfaceName: string;
  pin: RecipePin;
  models: number;
  gap: VersionGap;
}

export const proposalWork = {
  /**
   * Which models of which armies are painted by a recipe, and what bringing them over to what is
   * proposed would cost.
   *
   * @param proposed as it would be
   * @throws CarryError, UnknownPotError
   */
  paintedBy(recipeId: string, proposed: Recipe): PaintedByIt[] {
    return armiesInHand().flatMap((army) => {
      const { recipeOf } = armyRecipes(army);
      return army.units.flatMap((unit) =>
        workSurfaces(unit).flatMap((surface) =>
          modelsByPin(army, unit, surface).flatMap(({ pin, models }): PaintedByIt[] => {
            if (pin?.recipeId !== recipeId) return [];
            const painted = recipeOf(pin);
            if (!painted) return [];
            const on = { surface, areaCm2: unit.areaCm2 * surface.share, models: models.length };
            return [
              {
                armyId: army.id,
                armyName: army.name,
                unitName: unit.name,
                surfaceName: surface.name,
                pin,
                models: models.length,
                gap: versionGap(painted, proposed, shelfInHand(), on),
              },
            ];
          }),
        ),
      );
    });
  },
};
