import type { Army } from '../army/army';
import type { Batch } from '../army/batch';
import type { OwnFigures } from '../army/ownFigures';
import type { RecipeOf } from '../army/paintNeeded';
import { modelsByPin } from '../army/army';
import { surfaceOf } from '../army/surfaces/workSurfaces';
import { stepsFor } from '../army/surfaces/stepsFor';
import type { CoatEntry } from '../log/entry';
import { paintedCoat, type EntryHead } from './paintedCoat';

/** One coat of one line that was painted away from a bench. */
export interface NotedCoat {
  unitId: string;
  surfaceId: string;
  stepId: string;
  coat: number;
  models: number[];
  /** ISO 8601, UTC */
  at: string;
}

/**
 * A painted plan as entries of the log: with the paint, the drying and the areas that
 * the recipes say, under the army’s own identifier, as no bench was there. Models whose recipe or
 * line is gone are left out.
 *
 * @param headOf identifier and order of each entry; the time is the coat’s
 * @returns the entries, and what could not be noted
 * @throws CarryError
 */
export function planNotes(
  army: Army,
  place: Pick<Batch, 'room' | 'hairDryer'>,
  coats: readonly NotedCoat[],
  recipeOf: RecipeOf,
  headOf: (coat: NotedCoat, part: number) => Omit<EntryHead, 'at'>,
  own?: OwnFigures,
): { entries: CoatEntry[]; left: NotedCoat[] } {
  const entries: CoatEntry[] = [];
  const left: NotedCoat[] = [];
  const { room, hairDryer } = place;
  const bench = { id: army.id, armyId: army.id, room, hairDryer };
  for (const coat of coats) {
    const there = surfaceOf(army, coat);
    const noted = new Set<number>();
    for (const { pin, models } of there ? modelsByPin(army, there.unit, there.surface) : []) {
      const recipe = pin && recipeOf(pin);
      const step = recipe && stepsFor({}, recipe).find(({ id }) => id === coat.stepId);
      const here = coat.models.filter((model) => models.includes(model));
      if (!there || !recipe || !step || here.length === 0) continue;
      here.forEach((model) => noted.add(model));
      const on = { bench, ...there, recipe, version: pin.version, models: here };
      const head = { ...headOf(coat, entries.length), at: coat.at };
      entries.push(paintedCoat(on, step, coat.coat, head, null, [], own));
    }
    const rest = coat.models.filter((model) => !noted.has(model));
    if (rest.length > 0) left.push({ ...coat, models: rest });
  }
  return { entries, left };
}
