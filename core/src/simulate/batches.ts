import { modelsByPin, type Unit } from '../answers/work/army/army';
import { stepsFor } from '../answers/work/army/surfaces/stepsFor';
import { workSurfaces, type WorkSurface } from '../answers/work/army/surfaces/workSurfaces';
import { ranksOf } from '../answers/work/plan/unitOrder';
import { rangeOfCoats } from '../written/recipe/includedSteps';
import type { Recipe } from '../written/recipe/recipe';
import type { Step } from '../written/recipe/step';
import type { PastAsked, PastPainter } from './past';

/** One coat that is next on some models. */
export interface CoatToCome {
  unit: Unit;
  surface: WorkSurface;
  recipe: Recipe;
  models: number[];
  step: Step;
  coat: number;
  /** beyond those that are written */
  isMore?: true;
}

/** Models of one unit painted together, with all that is still to come on them. */
export interface Models {
  unit: Unit;
  models: number[];
  toCome: CoatToCome[];
  /** when the last coat on them is dry, milliseconds since 1970 */
  dryAt: number;
}

const together = 3;

/** The models of a painter, a few at a time, in the order they are taken. */
export function batchesOf({ army, recipeOf }: PastAsked, { unitIds }: PastPainter): Models[] {
  return unitIds.flatMap((unitId) => {
    const unit = army.units.find(({ id }) => id === unitId);
    if (!unit) return [];
    const ranks = ranksOf(army, unit, recipeOf);
    const surfaces = [...workSurfaces(unit)].sort(
      (one, other) => (ranks.get(one.id) ?? 0) - (ranks.get(other.id) ?? 0),
    );
    const groups: Models[] = [];
    for (let first = 1; first <= unit.models; first += together) {
      const models = Array.from(
        { length: Math.min(together, unit.models - first + 1) },
        (_, index) => first + index,
      );
      const toCome = surfaces.flatMap((surface) =>
        modelsByPin(army, unit, surface).flatMap(({ pin, models: ofPin }): CoatToCome[] => {
          const recipe = pin && recipeOf(pin);
          const here = models.filter((model) => ofPin.includes(model));
          if (!recipe || here.length === 0) return [];
          return stepsFor(surface, recipe).flatMap((step) =>
            Array.from({ length: rangeOfCoats(step, recipe.finishLevel)[0] }, (_, index) => ({
              unit,
              surface,
              recipe,
              models: here,
              step,
              coat: index + 1,
            })),
          );
        }),
      );
      groups.push({ unit, models, toCome, dryAt: 0 });
    }
    return groups;
  });
}
