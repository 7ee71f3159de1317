import { modelsByPin, type Army } from '../../army/army';
import { workSurfaces } from '../../army/surfaces/workSurfaces';
import type { RecipeOf } from '../../army/paintNeeded';
import { stepsFor } from '../../army/surfaces/stepsFor';
import { paintedKey, type PaintedBefore, type PaintedSurface } from '../../plan/paintedBefore';
import { techniqueOf } from '../../../../written/technique/techniques';
import type { LogEntry } from '../entry';
import { onFigures, surfaceKey, type OnSurface } from './onFigure';
import { openCoats } from './openCoats';

/**
 * The painted state of an army by the log, for planning on from there: coats that were painted,
 * lines that were found or left out, and what still dries.
 *
 * @throws CarryError
 */
export function paintedOnArmy(
  army: Army,
  recipeOf: RecipeOf,
  entries: readonly LogEntry[],
): PaintedBefore {
  const figures = onFigures(
    entries.filter((entry) => !('where' in entry) || entry.where.armyId === army.id),
  );
  const painted = new Map<string, PaintedSurface>();
  for (const unit of army.units)
    for (const surface of workSurfaces(unit))
      for (const { pin, models } of modelsByPin(army, unit, surface)) {
        const recipe = pin && recipeOf(pin);
        if (!recipe) continue;
        for (const model of models) {
          const on = figures.get(surfaceKey(unit.id, surface.id, model));
          if (!on) continue;
          const open = new Set(
            openCoats(surface, recipe, on).open.map(({ step, coat }) => `${step.id} ${coat}`),
          );
          const coats = stepsFor(surface, recipe)
            .flatMap(({ id, coats: count }) => numbered(id, count))
            .filter((key) => !open.has(key));
          painted.set(paintedKey(unit.id, surface.id, model), {
            coats: new Set(coats),
            ...wetOn(on),
          });
        }
      }
  return painted;
}

const numbered = (stepId: string, coats: number) =>
  Array.from({ length: coats }, (_, i) => `${stepId} ${i + 1}`);

function wetOn({ lastWet }: OnSurface): Pick<PaintedSurface, 'driesAt' | 'holdsBody'> {
  if (!lastWet) return { driesAt: 0, holdsBody: false };
  const { at, dryMinutes, entry } = lastWet;
  return {
    driesAt: at + dryMinutes * 60_000,
    holdsBody: entry.kind === 'coat' && techniqueOf(entry.technique).holdsBody === true,
  };
}
