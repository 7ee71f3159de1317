import { tryRules, type Schedule } from '@yellow-ledger/core';
import { everyOrder } from '../../core/src/testing/everyOrder';
import { planCases, type PlanCase } from '../../core/src/testing/planCases';
import { benchArmies } from './planArmiesBench';
import { benchTiny } from './planTinyBench';

/** Every order of so many coats is tried in a moment; of more it would take days. */
const fewCoats = 9;

/** Random armies, and twelve committed batches beside their bound or the best of every order. */
export function benchPlans(): void {
  benchArmies();
  benchTiny();
  console.log(
    '\nBatches: minutes at the table, planned / bound / ratio / coats taken through / planning',
  );
  for (const each of planCases) {
    const started = performance.now();
    const { schedule, tries, firstMs } = plan(each);
    const ms = performance.now() - started;
    const isSmall = schedule.done.length <= fewCoats;
    const least = isSmall ? everyOrder(each.work, schedule.minutes) : schedule.bound.minutes;
    const coats = new Set(each.work.chains.flatMap(({ jobs }) => jobs.map(({ run }) => run))).size;
    console.log(
      `  ${each.name.padEnd(26)} ${String(schedule.done.length).padStart(5)} coats  ${schedule.minutes.toFixed(1).padStart(7)}  ${least.toFixed(1).padStart(7)} ${isSmall ? '(every order)' : '(bound)      '} ${(schedule.minutes / least).toFixed(3)}  ${(schedule.shape.runs / coats).toFixed(2)} runs a coat  ${String(tries).padStart(4)} tries, first ${firstMs.toFixed(0)} ms, all ${ms.toFixed(0)} ms`,
    );
  }
}

function plan({ work, hands, sittings }: PlanCase) {
  const started = performance.now();
  const trying = tryRules(work, hands, sittings);
  let tries = 0;
  let firstMs = 0;
  for (;;) {
    const next = trying.next();
    if (next.done) return { schedule: next.value satisfies Schedule, tries, firstMs };
    if (tries === 0) firstMs = performance.now() - started;
    tries++;
  }
}
