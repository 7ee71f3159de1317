import { aimWeights, usualAims } from '../answers/work/army/planAims';
import { planShape } from '../answers/work/plan/schedule/planShape';
import { costOf, type Schedule } from '../answers/work/plan/schedule/tryRules';
import { minutesBefore } from '../answers/work/plan/work';
import { listSchedule } from './listSchedule';
import type { RandomPlan } from './randomPlan';

/**
 * The cost of a plan, as the planner counts it, over that of the plain list scheduler; null where
 * either of them leaves something out.
 */
export function overListCost(
  { work, hands, sittings }: RandomPlan,
  schedule: Schedule,
): number | null {
  const { done, left } = listSchedule(work, hands, sittings);
  if (left > 0 || schedule.left > 0) return null;
  const before = minutesBefore(sittings);
  const minutes = Math.max(
    ...done.map(({ ends, sitting }) => before[sitting] + ends - sittings[sitting].from),
  );
  const shape = planShape(work, sittings, before, done);
  const weights = aimWeights(usualAims);
  const listed = costOf({ minutes, splits: 0, shape, kept: 1 }, weights);
  return costOf({ ...schedule, splits: 0 }, weights) / listed;
}
