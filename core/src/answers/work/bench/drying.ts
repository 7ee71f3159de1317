import type { Army, Unit } from '../army/army';
import { workSurfaces } from '../army/surfaces/workSurfaces';
import { chosenModels } from '../plan/chosenModels';
import { techniqueOf } from '../../../written/technique/techniques';
import type { Bench } from './bench';
import { driesForMs, surfaceKey, type OnSurface } from '../log/onFigure/onFigure';

/** Surfaces that dry, those that were painted together together. */
export interface Drying {
  unitId: string;
  surfaceId: string;
  models: number[];
  stepId: string;
  line: number;
  coat: number;
  /** the entry that made it wet */
  entryId: string;
  ms: number;
}

/** Milliseconds a body cannot be held for, by sub-assembly and model: a wash or a spray on it is wet. */
export function blockedUntil(
  unit: Unit,
  figures: ReadonlyMap<string, OnSurface>,
  chosen: ReadonlySet<number>,
  now: number,
): Map<string, number> {
  const blocked = new Map<string, number>();
  for (const { id, subAssembly } of workSurfaces(unit))
    for (const model of chosen) {
      const on = figures.get(surfaceKey(unit.id, id, model));
      const entry = on?.lastWet?.entry;
      if (!on || entry?.kind !== 'coat' || !techniqueOf(entry.technique).holdsBody) continue;
      const body = `${subAssembly ?? ''} ${model}`;
      blocked.set(body, Math.max(blocked.get(body) ?? 0, driesForMs(on, now)));
    }
  return blocked;
}

/** Coats that dry on the bench, soonest dry first. */
export function dryingOf(
  army: Army,
  bench: Pick<Bench, 'models'>,
  figures: ReadonlyMap<string, OnSurface>,
  now: number,
): Drying[] {
  const drying = new Map<string, Drying>();
  for (const unit of army.units)
    for (const surface of workSurfaces(unit))
      for (const model of chosenModels(bench, unit)) {
        const on = figures.get(surfaceKey(unit.id, surface.id, model));
        const ms = on ? driesForMs(on, now) : 0;
        if (!on?.lastWet || ms <= 0) continue;
        const { id: entryId, stepId, line } = on.lastWet.entry;
        const key = `${unit.id} ${surface.id} ${entryId}`;
        const known = drying.get(key);
        const coat = on.lastWet.entry.kind === 'coat' ? on.lastWet.entry.coat : 0;
        if (known) known.models.push(model);
        else {
          const where = { unitId: unit.id, surfaceId: surface.id, models: [model] };
          drying.set(key, { ...where, stepId, line, coat, entryId, ms });
        }
      }
  return [...drying.values()].sort((one, other) => one.ms - other.ms);
}
