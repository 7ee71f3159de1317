import type { Army, Unit } from '../army/army';
import type { Batch } from '../army/batch';
import type { AimWeights } from '../army/planAims';
import type { RecipeOf } from '../army/paintNeeded';
import type { Shelf } from '../../../predicted/paint/mixedPaint';
import { batchWork } from './batchWork';
import { tryRules } from './schedule/tryRules';

/** So much of the time may be waiting before a batch is called too small. */
export const waitingAllowed = 0.03;

/** Larger batches than this are not tried: by then it is the recipe that waits. */
const mostTried = 40;

/** A number of models painted together by one hand, and how much of that time is waiting. */
export interface BatchSize {
  models: number;
  /** share of the time at the table with nothing to do, 0–1 */
  waiting: number;
}

/**
 * The fewest models of a unit that, painted together by one usual hand in one long sitting, leave
 * no idle waiting: at most 3 % of the time.
 *
 * @param unit one of the army’s
 * @returns each size tried, smallest first; the last is the answer, or the whole unit where even
 *   that waits
 * @throws BatchTooLargeError, CarryError, UnknownPotError
 */
export function batchSizes(
  army: Army,
  unit: Pick<Unit, 'id' | 'models'>,
  recipeOf: RecipeOf,
  shelf: Shelf,
  place: Pick<Batch, 'room' | 'hairDryer' | 'keeping'>,
): BatchSize[] {
  const tried: BatchSize[] = [];
  for (let models = 1; models <= Math.min(unit.models, mostTried); models++) {
    const size = { models, waiting: waitingOf(models) };
    tried.push(size);
    if (size.waiting <= waitingAllowed) break;
  }
  return tried;

  function waitingOf(models: number): number {
    const batch: Batch = {
      ...place,
      id: 'size',
      name: 'size',
      models: [{ unitId: unit.id, from: 1, to: models }],
      painters: [{ id: 'hand', name: 'hand', speed: 1, claims: [] }],
      sessions: [],
    };
    const { work, hands } = batchWork(army, batch, recipeOf, shelf);
    const sitting = { from: 0, to: 1e6, hands: [0] };
    const tries = tryRules(work, hands, [sitting], triesPerSize, undefined, soonest);
    let next = tries.next();
    while (!next.done) next = tries.next();
    const { done, minutes } = next.value;
    if (minutes === 0) return 0;
    const busy = done.reduce(
      (sum, each) => sum + each.ends - each.starts + each.mixing + each.changing,
      0,
    );
    return Math.max(0, 1 - busy / minutes);
  }
}

/** Waiting is looked for, whatever else a plan would be wanted for. */
const soonest: AimWeights = { shorter: 1, fewerChanges: 0, unitsEarly: 0, lessWaiting: 0 };

/** Rules tried for each size: enough to tell waiting that can be worked away from what cannot. */
const triesPerSize = 24;
