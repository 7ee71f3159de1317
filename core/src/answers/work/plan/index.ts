export { batchSizes, waitingAllowed, type BatchSize } from './batchSize';
export { BatchTooLargeError } from './batchWork';
export { chosenModels } from './chosenModels';
export { dryMinutesOf, hairDryerCaution, reckonedDryMinutes } from './minutes/dryingTime';
export { finishTotals, type FinishTotals } from './minutes/finishTotals';
export { handsOnMinutes } from './minutes/handsOn';
export { orderOfWork, workOrders, type WorkOrderName } from './orderOfWork';
export { planBatch } from './planBatch';
export { plannedSessions, splitOver, type PlannedSession } from './evening/plannedSessions';
export type { PlannedMixing, PlannedRun, PlannedWork } from './plannedWork';
export { tableAt, type DryingAt, type HandAt } from './evening/tableAt';
export { orderedSurfaces, ranksOf } from './unitOrder';
export { repaintOver, versionGap, type Repaint, type VersionGap } from './versionGap';
export { headingsOf, rowsOf, type PlannedHeading } from './evening/headings';
export {
  batchWith,
  endOfPlan,
  planEnd,
  sessionsBy,
  waysOut,
  type PlanEnd,
  type WayOut,
} from './planEnd';
