import type { Batch, PlannedRun } from '@yellow-ledger/core';

/** The batch with a session over and what was painted in it. */
export function noted(
  batch: Batch,
  sessionId: string,
  painted: readonly { run: PlannedRun; count: number }[],
): Batch {
  const done = painted
    .filter(({ count }) => count > 0)
    .map(({ run, count }) => ({
      unitId: run.unitId,
      surfaceId: run.surfaceId,
      stepId: run.stepId,
      coat: run.coat,
      models: run.models.slice(0, count),
      at: new Date(run.to).toISOString(),
    }));
  return {
    ...batch,
    done: [...batch.done, ...done],
    sessions: batch.sessions.map((each) =>
      each.id === sessionId ? { ...each, isOver: true } : each,
    ),
  };
}
