import type { Batch, NotedCoat, PlannedRun } from '@yellow-ledger/core';

/** Models of a planned run that were painted. */
export interface PaintedRun {
  run: PlannedRun;
  models: readonly number[];
}

/** The coats of runs that were painted. */
export function coatsNoted(painted: readonly PaintedRun[]): NotedCoat[] {
  return painted.flatMap(({ run, models }): NotedCoat[] => {
    if (models.length === 0) return [];
    const { unitId, surfaceId, stepId, coat, to } = run;
    const at = new Date(to).toISOString();
    return [{ unitId, surfaceId, stepId, coat, models: [...models], at }];
  });
}

/** The batch with a session over: nothing more is planned into it. */
export function withSessionOver(batch: Batch, sessionId: string): Batch {
  return {
    ...batch,
    sessions: batch.sessions.map((each) =>
      each.id === sessionId ? { ...each, isOver: true } : each,
    ),
  };
}

/** A surface of a unit in a session, with the places of its runs in their order. */
export interface PlannedSurface {
  unitId: string;
  surfaceId: string;
  indexes: number[];
}

/** The surfaces a session paints on, in the order they are begun. @param runs in their order */
export function surfacesOf(runs: readonly PlannedRun[]): PlannedSurface[] {
  const surfaces: PlannedSurface[] = [];
  runs.forEach(({ unitId, surfaceId }, index) => {
    const known = surfaces.find((each) => each.unitId === unitId && each.surfaceId === surfaceId);
    if (known) known.indexes.push(index);
    else surfaces.push({ unitId, surfaceId, indexes: [index] });
  });
  return surfaces;
}

/** The models painted in each run of a surface whose first so many runs were painted, by their place. */
export const paintedUpTo = (
  { indexes }: PlannedSurface,
  runs: readonly PlannedRun[],
  count: number,
): Record<number, readonly number[]> =>
  Object.fromEntries(
    indexes.map((index, place) => [index, place < count ? runs[index].models : []]),
  );
