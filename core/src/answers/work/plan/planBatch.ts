import type { Army } from '../army/army';
import type { Batch } from '../army/batch';
import type { OwnFigures } from '../army/ownFigures';
import type { RecipeOf } from '../army/paintNeeded';
import type { Shelf } from '../../../predicted/paint/mixedPaint';
import { aimWeights } from '../army/planAims';
import { batchWork, type BatchWork } from './batchWork';
import type { PaintedBefore } from './paintedBefore';
import type { PlannedRun, PlannedWork } from './plannedWork';
import type { Promised } from './schedule/parts';
import { tryRules, type Schedule } from './schedule/tryRules';

export interface PlanProgress {
  /** 0–1 */
  done: number;
  /** what is known so far; cheap to make only when asked for */
  plan: () => PlannedWork;
}

/**
 * Plans who paints which coats when: models × surfaces × lines × coats, placed into the sessions so that as little as
 * possible is waited. Looked for step by step, so that it can be shown and stopped.
 *
 * @param painted what is on the models already
 * @param kept the plan that was promised: who has what in it keeps it where that is not much longer
 * @param triesAtMost ways that are tried; as many as are worth it where not said
 * @throws BatchTooLargeError, CarryError, UnknownPotError
 */
export function* planBatch(
  army: Army,
  batch: Batch,
  recipeOf: RecipeOf,
  shelf: Shelf,
  painted?: PaintedBefore,
  own?: OwnFigures,
  triesAtMost?: number,
  kept?: PlannedWork,
): Generator<PlanProgress, PlannedWork> {
  const known = batchWork(army, batch, recipeOf, shelf, painted, own);
  const tries = tryRules(
    known.work,
    known.hands,
    known.sittings,
    triesAtMost,
    kept && promisedBy(kept, known, batch),
    batch.aims && aimWeights(batch.aims),
  );
  for (;;) {
    const tried = tries.next();
    if (tried.done) return named(tried.value, known, batch);
    const { best, done } = tried.value;
    yield { done, plan: () => named(best, known, batch) };
  }
}

/** The hand of each chain in a plan that was kept: the one with most of its coats. */
function promisedBy({ runs }: PlannedWork, known: BatchWork, batch: Batch): Promised {
  const hands = new Map(batch.painters.map(({ id }, hand) => [id, hand]));
  const coats = new Map<string, Map<number, number>>();
  for (const { unitId, surfaceId, painterId, models } of runs) {
    const hand = hands.get(painterId);
    if (hand === undefined) continue;
    for (const model of models) {
      const key = `${unitId} ${surfaceId} ${model}`;
      const by = coats.get(key) ?? new Map<number, number>();
      coats.set(key, by.set(hand, (by.get(hand) ?? 0) + 1));
    }
  }
  return Int32Array.from(known.work.chains, ({ model, jobs }) => {
    const { unitId, number } = known.models[model];
    const { surfaceId } = known.runs[jobs.at(0)?.run ?? -1] ?? {};
    const by = coats.get(`${unitId} ${surfaceId} ${number}`);
    return [...(by ?? [])].sort(([, one], [, other]) => other - one).at(0)?.[0] ?? -1;
  });
}

function named(schedule: Schedule, known: BatchWork, batch: Batch): PlannedWork {
  const { bound, minutes, left } = schedule;
  return {
    runs: runsOf(schedule, known, batch),
    ahead: [],
    mixes: known.mixes,
    minutes: finite(minutes),
    bound: {
      handsOn: finite(bound.handsOn),
      surface: finite(bound.surface),
      body: finite(bound.body),
      minutes: finite(bound.minutes),
    },
    left,
    without: known.without,
  };
}

const finite = (minutes: number) => (Number.isFinite(minutes) ? minutes : null);

/** Jobs in one go are one run: the same coat, by the same painter, model after model. */
function runsOf({ done }: Schedule, known: BatchWork, batch: Batch): PlannedRun[] {
  const { work, runs: names, models, origin, sessionIds } = known;
  const momentOf = (minute: number) => origin + minute * 60_000;
  const open = new Map<number, { run: PlannedRun; name: number; ends: number }>();
  const runs: PlannedRun[] = [];
  for (const each of done) {
    const { model, jobs } = work.chains[each.chain];
    const job = jobs[each.job];
    const before = open.get(each.hand);
    const from = each.starts - each.mixing - each.changing;
    const { number, unitId } = models[model];
    const goesOn =
      before?.name === job.run &&
      before.run.sessionId === sessionIds[each.sitting] &&
      each.starts - before.ends < 1e-6;
    if (goesOn) {
      before.run.models.push(number);
      before.run.to = momentOf(each.ends);
      before.run.driesAt = Math.max(before.run.driesAt, momentOf(each.driesAt));
      before.ends = each.ends;
      continue;
    }
    const run: PlannedRun = {
      ...names[job.run],
      unitId,
      painterId: batch.painters[each.hand].id,
      sessionId: sessionIds[each.sitting],
      mix: job.mix,
      models: [number],
      mixing: each.mixing,
      changing: each.changing,
      from: momentOf(from),
      starts: momentOf(each.starts),
      to: momentOf(each.ends),
      driesAt: momentOf(each.driesAt),
    };
    runs.push(run);
    open.set(each.hand, { run, name: job.run, ends: each.ends });
  }
  return runs;
}
