import { stages } from '../../../written/recipe/step';
import { leastOrder } from './schedule/leastOrder';
import {
  neighboursOf,
  slipOf,
  spillRisk,
  spoiltMinutes,
  type OrderedSurface,
  type OrderEntry,
} from './schedule/spillRisk';

/** How somebody goes over a model. */
export const workOrders = [
  { name: 'surface by surface', tells: 'each surface is finished before the next' },
  { name: 'stage by stage', tells: 'all bases, then all shades, then all layers' },
  { name: 'by sub-assembly', tells: 'each part painted apart is finished, then the next' },
  { name: 'background first', tells: 'as the surfaces are listed, each tidying the last' },
] as const;

export type WorkOrderName = (typeof workOrders)[number]['name'];

export interface WorkOrder {
  order: OrderEntry[];
  /** minutes of mending it is likely to cost on one model */
  risk: number;
}

/**
 * The order of one model’s lines by a work order, with the least spill risk that allows. Varnish
 * and what is held back come last; sub-assemblies do not touch each other until they are put
 * together.
 *
 * @param turnOf when a line has its turn: 0 at once, 1 once all of that is done, and so on
 */
export function orderOfWork(
  surfaces: readonly OrderedSurface[],
  by: WorkOrderName,
  turnOf: (entry: OrderEntry) => number,
): WorkOrder {
  const all = surfaces.flatMap(({ steps }, surface) => steps.map((_, step) => ({ surface, step })));
  const turns = [...new Set(all.map(turnOf))].sort((one, other) => one - other);
  const order = turns.flatMap((turn) => inOrder(all.filter((entry) => turnOf(entry) === turn)));
  return { order, risk: spillRisk(order, surfaces) };

  function inOrder(entries: OrderEntry[]): OrderEntry[] {
    if (by === 'background first') return entries;
    if (by === 'surface by surface') return inBlocks(entries, new Map());
    if (by === 'by sub-assembly') {
      const apartOf = ({ surface }: OrderEntry) => surfaces[surface].surface.subAssembly ?? '';
      return [...new Set(entries.map(apartOf))].flatMap((apart) =>
        inBlocks(
          entries.filter((entry) => apartOf(entry) === apart),
          new Map(),
        ),
      );
    }
    const painted = new Map<number, number>();
    return stages.flatMap((stage) => {
      const ofStage = inBlocks(
        entries.filter(({ surface, step }) => stageOf(surfaces[surface], step) === stage),
        painted,
      );
      for (const { surface, step } of ofStage) painted.set(surface, step + 1);
      return ofStage;
    });
  }

  /** Surface after surface, in the order of them with the least risk. */
  function inBlocks(entries: OrderEntry[], painted: ReadonlyMap<number, number>): OrderEntry[] {
    const used = [...new Set(entries.map(({ surface }) => surface))];
    const block = (surface: number) => entries.filter((entry) => entry.surface === surface);
    const beside = neighboursOf(surfaces);
    const afterBlock = (surface: number) => Math.max(...block(surface).map(({ step }) => step)) + 1;
    const costAfter = used.map((surface) => {
      const slip = block(surface).reduce(
        (sum, { step }) => sum + slipOf(surfaces[surface].steps[step].step),
        0,
      );
      return used.map((before) =>
        beside[surface].includes(before)
          ? slip *
            (spoiltMinutes(surfaces[before], afterBlock(before)) -
              spoiltMinutes(surfaces[before], painted.get(before) ?? 0))
          : 0,
      );
    });
    return leastOrder(costAfter).flatMap((place) => block(used[place]));
  }
}

/** A line belongs to the latest stage reached on its surface, so that its own order is kept. */
function stageOf({ steps }: OrderedSurface, upTo: number): (typeof stages)[number] {
  const latest = Math.max(
    ...steps.slice(0, upTo + 1).map(({ step }) => stages.indexOf(step.stage)),
  );
  return stages[latest];
}
