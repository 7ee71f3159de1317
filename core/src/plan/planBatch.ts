import type { Army } from '../army/army';
import type { Batch } from '../army/batch';
import type { OwnFigures } from '../army/ownFigures';
import type { RecipeOf } from '../army/paintNeeded';
import { dropsFor, type Drops } from '../recipe/dropsFor';
import type { Shelf } from '../recipe/mixedPaint';
import { batchWork, type BatchWork, type RunName } from './batchWork';
import type { LowerBound } from './lowerBound';
import { splitMixes, tryRules, type Schedule } from './tryRules';

/** Models painted one after the other with the same coat, by one painter in one session. */
export interface PlannedRun extends Omit<RunName, 'wetMl'> {
  painterId: string;
  sessionId: string;
  /** index into `BatchPlan.mixes` */
  mix: number;
  models: number[];
  /** minutes of mixing and of changing the paint that begin it */
  mixing: number;
  changing: number;
  /** milliseconds since 1970: getting ready, painting, laid down, and the last of it dry */
  from: number;
  starts: number;
  to: number;
  driesAt: number;
}

/** A paint mixed while everything was drying. */
export interface PlannedMixing {
  painterId: string;
  sessionId: string;
  mix: number;
  from: number;
  to: number;
}

/** A paint as one session needs it. */
export interface SessionMix {
  mix: number;
  /** wet paint, ml, with what stays in brush and palette */
  ml: number;
  drops: Drops;
  /** other sessions that need it too; none where it is used up here */
  alsoIn: string[];
}

export interface PlannedSession {
  sessionId: string;
  mixes: SessionMix[];
  /** minutes each painter sits there with nothing to do */
  waiting: Record<string, number>;
  /** runs that are not dry when it ends */
  leftWet: PlannedRun[];
}

export interface BatchPlan {
  runs: PlannedRun[];
  ahead: PlannedMixing[];
  sessions: PlannedSession[];
  mixes: BatchWork['mixes'];
  /** minutes at the table until all is painted; Infinity where the sessions do not hold it */
  minutes: number;
  bound: LowerBound;
  /** coats the sessions have no room for */
  left: number;
  /** mixed colours that more than one session needs, as indexes into `mixes` */
  split: number[];
  without: BatchWork['without'];
}

export interface PlanProgress {
  /** 0–1 */
  done: number;
  /** what is known so far; cheap to make only when asked for */
  plan: () => BatchPlan;
}

/**
 * Who does what when: models × surfaces × lines × coats, laid into the sessions so that as little as
 * possible is waited. Looked for step by step, so that it can be shown and stopped; the same batch
 * gives the same plan.
 *
 * @throws BatchTooLargeError, CarryError, UnknownPotError
 */
export function* planBatch(
  army: Army,
  batch: Batch,
  recipeOf: RecipeOf,
  shelf: Shelf,
  own?: OwnFigures,
): Generator<PlanProgress, BatchPlan> {
  const known = batchWork(army, batch, recipeOf, shelf, own);
  const tries = tryRules(known.work, known.hands, known.sittings);
  for (;;) {
    const tried = tries.next();
    if (tried.done) return named(tried.value, known, batch, shelf);
    const { best, done } = tried.value;
    yield { done, plan: () => named(best, known, batch, shelf) };
  }
}

function named(schedule: Schedule, known: BatchWork, batch: Batch, shelf: Shelf): BatchPlan {
  const runs = runsOf(schedule, known, batch);
  const momentOf = (minute: number) => known.origin + minute * 60_000;
  const ahead = schedule.ahead.map(({ mix, hand, sitting, from, minutes }): PlannedMixing => ({
    painterId: batch.painters[hand].id,
    sessionId: known.sessionIds[sitting],
    mix,
    from: momentOf(from),
    to: momentOf(from + minutes),
  }));
  const { bound, minutes, left } = schedule;
  return {
    runs,
    ahead,
    sessions: known.sessionIds.map((sessionId, sitting) =>
      sessionOf(sessionId, momentOf(known.sittings[sitting].to)),
    ),
    mixes: known.mixes,
    minutes,
    bound,
    left,
    split: splitMixes(schedule, known.work),
    without: known.without,
  };

  function sessionOf(sessionId: string, ends: number): PlannedSession {
    const here = runs.filter((run) => run.sessionId === sessionId);
    const used = [...new Set(here.map(({ mix }) => mix))];
    const mixes = used.map((mix): SessionMix => {
      const ml = here.reduce((sum, run) => (run.mix === mix ? sum + wetMlOf(run) : sum), 0);
      const { shares, waterParts, mediumParts } = known.mixes[mix];
      const parts = shares.map(({ potId, share }) => ({
        from: 'pot' as const,
        potId,
        parts: share * 100,
      }));
      const elsewhere = runs.flatMap((run) =>
        run.mix === mix && run.sessionId !== sessionId ? [run.sessionId] : [],
      );
      const drops = dropsFor({ parts, waterParts, mediumParts }, [], shelf, Math.max(ml, leastMl));
      return { mix, ml, drops, alsoIn: [...new Set(elsewhere)] };
    });
    return {
      sessionId,
      mixes,
      waiting: waitingIn(sessionId, here),
      leftWet: here.filter(({ driesAt }) => driesAt > ends),
    };
  }

  function wetMlOf({ models, ...run }: PlannedRun): number {
    const name = known.runs.find(
      (each) =>
        each.unitId === run.unitId &&
        each.surfaceId === run.surfaceId &&
        each.recipeId === run.recipeId &&
        each.stepId === run.stepId &&
        each.coat === run.coat,
    );
    return (name?.wetMl ?? 0) * models.length;
  }

  /** Gaps between what a painter does, from the start of the session to the last thing done in it. */
  function waitingIn(sessionId: string, here: readonly PlannedRun[]): Record<string, number> {
    const sitting = known.sessionIds.indexOf(sessionId);
    const waits = batch.painters.map(({ id }) => {
      const busy = [
        ...here.filter(({ painterId }) => painterId === id),
        ...ahead.filter((each) => each.painterId === id && each.sessionId === sessionId),
      ].sort((one, other) => one.from - other.from);
      let free = momentOf(known.sittings[sitting].from);
      let waited = 0;
      for (const { from, to } of busy) {
        waited += Math.max(0, from - free);
        free = Math.max(free, to);
      }
      return [id, waited / 60_000] as const;
    });
    return Object.fromEntries(waits);
  }
}

const leastMl = 1e-3;

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
    const { wetMl: _, ...name } = names[job.run];
    const run: PlannedRun = {
      ...name,
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
