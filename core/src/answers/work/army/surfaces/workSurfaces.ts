import { unitOf, type Army, type Unit, type UnitSurface } from '../army';
import { placesOf } from '../figure';
import type { Over } from './over';
import type { Step } from '../../../../written/recipe/step';
import { isHeldBack, isVarnish } from './stepsFor';

/** Something of a model that is painted for itself: a surface, or an over as if it were one. */
export interface WorkSurface extends UnitSurface {
  /** surfaces of the unit it goes over; none where it is a surface itself */
  over?: readonly string[];
}

/** Surfaces an over goes on, those of them that are there. */
export const coveredBy = (
  { surfaces }: Pick<Over, 'surfaces'>,
  unit: Pick<Unit, 'surfaces'>,
): UnitSurface[] =>
  surfaces === 'all' ? [...unit.surfaces] : unit.surfaces.filter(({ id }) => surfaces.includes(id));

const known = new WeakMap<object, readonly WorkSurface[]>();

/**
 * All that is painted on a model, in order: its surfaces, then what goes over them. An over is as
 * large as what it goes over, and lies where that lies.
 */
export function workSurfaces(unit: Pick<Unit, 'surfaces' | 'overs'>): readonly WorkSurface[] {
  if (!unit.overs || unit.overs.length === 0) return unit.surfaces;
  const before = known.get(unit);
  if (before) return before;
  const overs = unit.overs.flatMap((over): WorkSurface[] => {
    const covered = coveredBy(over, unit);
    if (covered.length === 0) return [];
    const [first] = covered;
    const isOneBody =
      !over.isAssembled && covered.every(({ subAssembly }) => subAssembly === first.subAssembly);
    return [
      {
        id: over.id,
        name: over.name,
        surface: first.surface,
        share: Math.min(
          1,
          covered.reduce((sum, { share }) => sum + share, 0),
        ),
        ...(first.form && covered.length === 1 && { form: first.form }),
        ...(over.recipe && { recipe: over.recipe }),
        ...(isOneBody && first.subAssembly !== undefined && { subAssembly: first.subAssembly }),
        places: [...new Set(covered.flatMap((each) => placesOf(each)))],
        over: covered.map(({ id }) => id),
      },
    ];
  });
  const all = [...unit.surfaces, ...overs];
  known.set(unit, all);
  return all;
}

/**
 * When what is painted on a model has its turn: 0 at once, 1 once that is done, and so on. What is
 * held back comes after the rest, each over after that, varnish at the end.
 */
export function turnOf(
  unit: Pick<Unit, 'surfaces' | 'overs'>,
  surface: WorkSurface,
  step: Pick<Step, 'stage'>,
): number {
  const overs = workSurfaces(unit).filter(({ over }) => over);
  const isHeld = isHeldBack(surface, step);
  if (overs.length === 0) return isHeld ? 1 : 0;
  if (isVarnish(step)) return overs.length + 2;
  const own = overs.findIndex(({ id }) => id === surface.id);
  return own >= 0 ? own + 2 : isHeld ? 1 : 0;
}

/** A surface by its id, with its unit; null where either is gone. */
export function surfaceOf(
  army: Pick<Army, 'units'>,
  { unitId, surfaceId }: { unitId: string; surfaceId: string },
): { unit: Unit; surface: WorkSurface } | null {
  const unit = unitOf(army, unitId);
  const surface = unit && workSurfaces(unit).find(({ id }) => id === surfaceId);
  return unit && surface ? { unit, surface } : null;
}
