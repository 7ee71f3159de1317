import type { PlannedRun } from '../plannedWork';

/** A painter at one moment. */
export interface HandAt {
  painterId: string;
  /** what is being painted, or painted next; null where nothing more comes */
  run: PlannedRun | null;
  doing: 'mixing' | 'painting' | 'waiting' | 'done';
  /** models of the run that are through */
  through: number;
}

/** A model that dries. */
export interface DryingAt {
  run: PlannedRun;
  model: number;
  /** of its drying that is still to come, 0–1 */
  left: number;
}

/**
 * The table of an evening at one moment: who paints which model, and what dries. The models of a run
 * are taken to be equally long in the hand.
 *
 * @param runs of one session
 * @param moment milliseconds since 1970
 */
export function tableAt(
  runs: readonly PlannedRun[],
  moment: number,
): { hands: HandAt[]; drying: DryingAt[] } {
  const painters = [...new Set(runs.map(({ painterId }) => painterId))];
  const hands = painters.map((painterId): HandAt => {
    const own = runs.filter((run) => run.painterId === painterId);
    const run = own.find(({ to }) => to > moment) ?? null;
    if (!run) return { painterId, run, doing: 'done', through: 0 };
    const doing =
      moment < run.from ? 'waiting' : moment < run.starts ? 'mixing' : ('painting' as const);
    return { painterId, run, doing, through: throughAt(run, moment) };
  });
  const drying = runs.flatMap((run) => {
    const dry = run.driesAt - run.to;
    return run.models.slice(0, throughAt(run, moment)).flatMap((model, i): DryingAt[] => {
      const left = (endOf(run, i) + dry - moment) / dry;
      return dry > 0 && left > 0 ? [{ run, model, left: Math.min(1, left) }] : [];
    });
  });
  return { hands, drying };
}

const endOf = ({ starts, to, models }: PlannedRun, place: number) =>
  starts + ((to - starts) * (place + 1)) / models.length;

/** Models of a run that are through at a moment. */
const throughAt = (run: PlannedRun, moment: number) =>
  run.models.filter((_, i) => endOf(run, i) <= moment).length;
