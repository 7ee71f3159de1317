import { modelsByPin, type Army } from '../army/army';
import { workSurfaces } from '../army/surfaces/workSurfaces';
import type { RecipeOf } from '../army/paintNeeded';
import { stepsFor } from '../army/surfaces/stepsFor';
import type { EntryOf, LogEntry } from './entry';
import { onFigures, surfaceKey, untouched } from './onFigure/onFigure';
import { openCoats } from './onFigure/openCoats';
import { standing } from './standing';

/** How far a unit is. */
export interface UnitProgress {
  unitId: string;
  /** models on which every coat is done, on which some are, and on which none is */
  done: number[];
  inHand: number[];
  toCome: number[];
  /** coats of one surface of one model */
  coatsDone: number;
  coatsLeft: number;
}

/**
 * How far an army is, by the log. A surface without a recipe does not hold a model back.
 *
 * @throws CarryError
 */
export function armyProgress(
  army: Army,
  recipeOf: RecipeOf,
  entries: readonly LogEntry[],
): UnitProgress[] {
  const counted = standing(entries).filter(
    (entry) => !('where' in entry) || entry.where.armyId === army.id,
  );
  const figures = onFigures(counted);
  return army.units.map((unit) => {
    const left = new Map<number, number>();
    const painted = new Map<number, number>();
    for (const surface of workSurfaces(unit))
      for (const { pin, models } of modelsByPin(army, unit, surface)) {
        const recipe = pin && recipeOf(pin);
        if (!recipe || stepsFor(surface, recipe).length === 0) continue;
        for (const model of models) {
          const on = figures.get(surfaceKey(unit.id, surface.id, model)) ?? untouched();
          const { open, done } = openCoats(surface, recipe, on);
          left.set(model, (left.get(model) ?? 0) + open.length);
          const begun = done + on.found.length + on.extras.length;
          painted.set(model, (painted.get(model) ?? 0) + begun);
        }
      }
    const models = Array.from({ length: unit.models }, (_, i) => i + 1);
    const isDone = (model: number) => left.get(model) === 0;
    const isBegun = (model: number) => (painted.get(model) ?? 0) > 0;
    const sum = (counts: Map<number, number>) => [...counts.values()].reduce((a, b) => a + b, 0);
    return {
      unitId: unit.id,
      done: models.filter((model) => isDone(model) && isBegun(model)),
      inHand: models.filter((model) => isBegun(model) && !isDone(model)),
      toCome: models.filter((model) => !isBegun(model)),
      coatsDone: sum(painted),
      coatsLeft: sum(left),
    };
  });
}

/** Models of a unit on which each part is ticked off; a later word undoes an earlier one. */
export function tickedOn(
  unitId: string,
  ticks: readonly EntryOf<'tick'>[],
): Map<string, Set<number>> {
  const ticked = new Map<string, Set<number>>();
  for (const tick of ticks) {
    if (tick.unitId !== unitId) continue;
    const models = ticked.get(tick.partId) ?? new Set();
    for (const model of tick.models) {
      if (tick.isTicked) models.add(model);
      else models.delete(model);
    }
    ticked.set(tick.partId, models);
  }
  return ticked;
}
