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
