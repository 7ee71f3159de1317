import type { PlannedRun } from '../plannedWork';

/**
 * A job as people work: one surface of one unit, or one mix over several surfaces, with the coats that
 * are taken through in it.
 */
export interface PlannedHeading {
  /** its place among what its painter does in the session, from 1 */
  number: number;
  painterId: string;
  /** in their order; one at least */
  runs: PlannedRun[];
}

/** The jobs of each painter in a session, in order. @param runs of one session */
export function headingsOf(runs: readonly PlannedRun[]): PlannedHeading[] {
  const headings: PlannedHeading[] = [];
  const open = new Map<string, PlannedHeading>();
  for (const run of [...runs].sort((one, other) => one.from - other.from)) {
    const before = open.get(run.painterId);
    if (before && belongs(run, before)) {
      before.runs.push(run);
      continue;
    }
    const number = (before?.number ?? 0) + 1;
    const heading = { number, painterId: run.painterId, runs: [run] };
    open.set(run.painterId, heading);
    headings.push(heading);
  }
  return headings;
}

/** On the same surface, or with the same mix for a heading that has been nothing but that. */
function belongs(run: PlannedRun, { runs }: PlannedHeading): boolean {
  const isOn = (one: PlannedRun, other: PlannedRun) =>
    one.unitId === other.unitId && one.surfaceId === other.surfaceId;
  return runs.every((each) => isOn(each, run)) || runs.every(({ mix }) => mix === run.mix);
}

/** Coats of a heading that follow each other with one paint on one line, in one row. */
export function rowsOf({ runs }: PlannedHeading): PlannedRun[][] {
  const rows: PlannedRun[][] = [];
  for (const run of runs) {
    const [first] = rows.at(-1) ?? [];
    const isMore =
      first?.stepId === run.stepId &&
      first.surfaceId === run.surfaceId &&
      first.unitId === run.unitId &&
      first.models.length === run.models.length;
    if (isMore) rows.at(-1)?.push(run);
    else rows.push([run]);
  }
  return rows;
}
