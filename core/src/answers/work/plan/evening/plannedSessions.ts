import { spanOf, type Batch } from '../../army/batch';
import { dropsFor, type Drops } from '../../../../predicted/paint/dropsFor';
import type { Shelf } from '../../../../predicted/paint/mixedPaint';
import type { PlannedRun, PlannedWork } from '../plannedWork';

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

/** Less is no amount to count out, ml. */
const leastMl = 1e-3;

/**
 * The needs of each session of a plan, and its leftovers.
 *
 * @returns the sessions something is planned into, in their order
 * @throws UnknownPotError
 */
export function plannedSessions(
  { runs, ahead, mixes }: PlannedWork,
  batch: Batch,
  shelf: Shelf,
): PlannedSession[] {
  return batch.sessions.flatMap((session): PlannedSession[] => {
    const { from: begins, to: ends } = spanOf(session);
    const here = runs.filter((run) => run.sessionId === session.id);
    if (here.length === 0) return [];
    return [
      {
        sessionId: session.id,
        mixes: [...new Set(here.map(({ mix }) => mix))].filter(holdsPaint).map(mixIn),
        waiting: Object.fromEntries(batch.painters.map(({ id }) => [id, waitingOf(id)] as const)),
        leftWet: here.filter(({ driesAt }) => driesAt > ends),
      },
    ];

    function holdsPaint(mix: number): boolean {
      return mixes[mix].shares.length > 0;
    }

    function mixIn(mix: number): SessionMix {
      const ml = here.reduce(
        (sum, run) => (run.mix === mix ? sum + run.wetMl * run.models.length : sum),
        0,
      );
      const { shares, waterParts, mediumParts } = mixes[mix];
      const parts = shares.map(({ potId, share }) => ({
        from: 'pot' as const,
        potId,
        parts: share * 100,
      }));
      const elsewhere = runs.flatMap((run) =>
        run.mix === mix && run.sessionId !== session.id ? [run.sessionId] : [],
      );
      const drops = dropsFor({ parts, waterParts, mediumParts }, [], shelf, Math.max(ml, leastMl));
      return { mix, ml, drops, alsoIn: [...new Set(elsewhere)] };
    }

    /** Gaps between what a painter does, from the start of the session to the last thing done in it. */
    function waitingOf(painterId: string): number {
      const busy = [
        ...here.filter((run) => run.painterId === painterId),
        ...ahead.filter((each) => each.painterId === painterId && each.sessionId === session.id),
      ].sort((one, other) => one.from - other.from);
      let free = begins;
      let waited = 0;
      for (const { from, to } of busy) {
        waited += Math.max(0, from - free);
        free = Math.max(free, to);
      }
      return waited / 60_000;
    }
  });
}

/** Mixed colours that more than one session needs, as indexes into `mixes`. */
export function splitOver({ runs, mixes }: PlannedWork): number[] {
  return [...mixes.keys()].filter((mix) => {
    const needing = new Set(runs.flatMap((run) => (run.mix === mix ? [run.sessionId] : [])));
    return mixes[mix].shares.length > 1 && needing.size > 1;
  });
}
