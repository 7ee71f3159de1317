import type { Unit } from '../army/army';
import { isVarnish } from '../army/surfaces/stepsFor';
import { workSurfaces, type WorkSurface } from '../army/surfaces/workSurfaces';
import type { OpenCoat } from '../log/onFigure/openCoats';

/** Something of a model that is painted for itself, with what is left of it. */
export interface ModelChain {
  surface: WorkSurface;
  model: number;
  open: readonly OpenCoat[];
}

/**
 * Whether something an over goes onto is still to be painted: lines of its surfaces that are no
 * varnish, and overs that come before it on one of them.
 */
export function openBelow(unit: Unit, chains: readonly ModelChain[]) {
  const open = new Set(
    chains.flatMap(({ surface, model, open: left }) =>
      left.some(({ step }) => !isVarnish(step)) ? [`${surface.id} ${model}`] : [],
    ),
  );
  const all = workSurfaces(unit);
  return ({ id, over = [] }: WorkSurface, model: number): boolean => {
    const before = all.slice(
      0,
      all.findIndex((each) => each.id === id),
    );
    return before.some(
      (each) =>
        (over.includes(each.id) || each.over?.some((other) => over.includes(other))) &&
        open.has(`${each.id} ${model}`),
    );
  };
}
