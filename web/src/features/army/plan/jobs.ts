import type { PlannedMixing, PlannedRun } from '@yellow-ledger/core';

/** Something a painter does: models painted, or a paint mixed while something dries. */
export type PlannedJob = { run: PlannedRun } | { mixing: PlannedMixing };

const beginsAt = (job: PlannedJob) => ('run' in job ? job.run.from : job.mixing.from);

/** Everything a painter does, in order. */
export function jobsOf(
  painterId: string,
  runs: readonly PlannedRun[],
  ahead: readonly PlannedMixing[],
): PlannedJob[] {
  return [
    ...runs.flatMap((run) => (run.painterId === painterId ? [{ run }] : [])),
    ...ahead.flatMap((mixing) => (mixing.painterId === painterId ? [{ mixing }] : [])),
  ].sort((one, other) => beginsAt(one) - beginsAt(other));
}

/** The mix at the beginning of a job. @example 'mixed first, 2 min · ' */
export const mixingWords = ({ mixing }: Pick<PlannedRun, 'mixing'>) =>
  mixing > 0 ? `mixed first, ${Math.max(1, Math.round(mixing))} min · ` : '';
