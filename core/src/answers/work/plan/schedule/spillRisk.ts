import { areNeighbours } from '../../army/figure';
import type { WorkSurface } from '../../army/surfaces/workSurfaces';
import type { Step } from '../../../../written/recipe/step';
import { techniqueOf } from '../../../../written/technique/techniques';

/** A slip spoils a spot: mending it takes so much of what the painting took. */
const mendShare = 0.1;

/** A surface as the order of work sees it. */
export interface OrderedSurface {
  surface: WorkSurface;
  /** its lines in their order, with the minutes one model takes */
  steps: { step: Step; minutes: number }[];
}

/** One entry of an order: a line of a surface. */
export interface OrderEntry {
  /** index of the surface */
  surface: number;
  /** index of the line */
  step: number;
}

/**
 * Minutes of mending an order is likely to cost on one model. A slip onto a neighbour that is still
 * to be painted over is free; onto what stands there finished it costs a tenth of the painting again.
 * It depends on nothing but the order and on who lies beside whom.
 *
 * @param order every line of every surface once, each surface’s in their order
 */
export function spillRisk(
  order: readonly OrderEntry[],
  surfaces: readonly OrderedSurface[],
): number {
  const beside = neighboursOf(surfaces);
  const painted = surfaces.map(() => 0);
  let risk = 0;
  for (const { surface, step } of order) {
    const slip = slipOf(surfaces[surface].steps[step].step);
    for (const neighbour of beside[surface])
      risk += slip * spoiltMinutes(surfaces[neighbour], painted[neighbour]);
    painted[surface] = step + 1;
  }
  return risk;
}

export const slipOf = ({ technique, coats }: Step) => techniqueOf(technique).slips * coats;

/** For each surface those that lie beside it and are in the hand with it. */
export function neighboursOf(surfaces: readonly OrderedSurface[]): number[][] {
  return surfaces.map(({ surface }, index) =>
    surfaces.flatMap(({ surface: other }, neighbour) =>
      neighbour !== index &&
      // An effect over a surface does not slip onto it.
      !surface.over?.includes(other.id) &&
      !other.over?.includes(surface.id) &&
      other.subAssembly === surface.subAssembly &&
      areNeighbours(surface, other)
        ? [neighbour]
        : [],
    ),
  );
}

/** Minutes of mending one slip costs on a surface with its first lines painted, and no base to come. */
export function spoiltMinutes({ steps }: OrderedSurface, painted: number): number {
  const covering = steps.findLastIndex(
    ({ step }) => step.stage === 'base' || step.stage === 'prime',
  );
  if (painted <= covering) return 0;
  return steps.slice(0, painted).reduce((sum, { minutes }) => sum + mendShare * minutes, 0);
}
