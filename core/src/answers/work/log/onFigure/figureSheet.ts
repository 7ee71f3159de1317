import { pinOf, type Army, type Unit } from '../../army/army';
import { layersOn, onEachOther } from '../../army/surfaces/layersOn';
import type { RecipeOf } from '../../army/paintNeeded';
import { stepsFor } from '../../army/surfaces/stepsFor';
import { coveredBy, workSurfaces, type WorkSurface } from '../../army/surfaces/workSurfaces';
import { ranksOf } from '../../plan/unitOrder';
import type { Shelf } from '../../../../predicted/paint/mixedPaint';
import type { Recipe } from '../../../../written/recipe/recipe';
import type { Step } from '../../../../written/recipe/step';
import type { LogEntry } from '../entry';
import { onFigures, surfaceKey, untouched } from './onFigure';
import { openCoats } from './openCoats';

/** One line on the sheet of a figure, and how much of it is done. */
export interface SheetLine {
  /** with the coats of the finish level */
  step: Step;
  /** its place in its recipe, from 1 */
  number: number;
  /** coats that are on it, of those it gets */
  done: number;
  coats: number;
}

/** One surface of a figure, or something over several, as it stands on its sheet. */
export interface SheetPart {
  surface: WorkSurface;
  /** names of the surfaces it goes over; none for a surface itself */
  over: string[];
  /** as it lies on what is below it, on the first of those surfaces */
  recipe: Recipe;
  /** knows what the recipe lies on */
  shelf: Shelf;
  lines: SheetLine[];
}

/**
 * The whole of one figure on one sheet: its surfaces in the order of work, then what goes over them,
 * each line with what is done of it. What has no recipe is left out.
 *
 * @param model place in the line of the unit, from 1; null for a sheet of any of them
 * @param entries of the army or bench it belongs to
 * @throws CarryError
 */
export function figureSheet(
  army: Army,
  unit: Unit,
  model: number | null,
  recipeOf: RecipeOf,
  entries: readonly LogEntry[],
  shelf: Shelf,
): SheetPart[] {
  const ranks = ranksOf(army, unit, recipeOf);
  const figures = model === null ? null : onFigures(entries);
  const rankOf = ({ id }: WorkSurface) => ranks.get(id) ?? ranks.size;
  return [...workSurfaces(unit)]
    .sort((one, other) => rankOf(one) - rankOf(other))
    .flatMap((surface): SheetPart[] => {
      const pin = pinOf(army, surface, unit, model ?? undefined);
      const written = pin && recipeOf(pin);
      if (!written) return [];
      const onto = surface.over?.at(0) ?? surface.id;
      const all = layersOn(army, unit, onto, recipeOf, model ?? undefined);
      const upTo = all.findIndex((layer) => layer.surface.id === surface.id);
      const laid = onEachOther(
        all.slice(0, upTo + 1).map(({ recipe }) => recipe),
        shelf,
      );
      const on = figures?.get(surfaceKey(unit.id, surface.id, model ?? 0)) ?? untouched();
      const { open } = openCoats(surface, written, on);
      return [
        {
          surface,
          over: surface.over
            ? coveredBy({ surfaces: [...surface.over] }, unit).map(({ name }) => name)
            : [],
          recipe: laid.recipes[laid.recipes.length - 1],
          shelf: laid.shelf,
          lines: stepsFor(surface, written).map((step) => {
            const left = open.filter((coat) => coat.step.id === step.id).length;
            return {
              step,
              number: written.steps.findIndex(({ id }) => id === step.id) + 1,
              coats: step.coats,
              done: model === null ? 0 : Math.max(0, step.coats - left),
            };
          }),
        },
      ];
    });
}
