import { tryRules, type Schedule } from '@yellow-ledger/core';
import { everyOrder } from '../../core/src/testing/everyOrder';
import { planCases, type PlanCase } from '../../core/src/testing/planCases';

/** Every order of so many coats is tried in a moment; of more it would take days. */
const fewCoats = 9;
const allowed = 1.05;

/** Twelve committed batches: the plan against its lower bound, or against the best of every order. */
export function benchPlans(): void {
  console.log('\nBatch plans: minutes at the table, planned / bound / ratio / planning');
  const ratios = planCases.map((each) => {
    const started = performance.now();
    const { schedule, tries } = plan(each);
    const ms = performance.now() - started;
    const isSmall = schedule.done.length <= fewCoats;
    const least = isSmall ? everyOrder(each.work, schedule.minutes) : schedule.bound.minutes;
    const ratio = schedule.minutes / least;
    console.log(
      `  ${each.name.padEnd(26)} ${String(schedule.done.length).padStart(5)} coats  ${schedule.minutes.toFixed(1).padStart(7)}  ${least.toFixed(1).padStart(7)} ${isSmall ? '(every order)' : '(bound)      '} ${ratio.toFixed(3)}  ${String(schedule.splits).padStart(2)} colours split  ${String(tries).padStart(4)} tries ${ms.toFixed(0).padStart(5)} ms`,
    );
    return ratio;
  });
  const worst = Math.max(...ratios);
  console.log(`  worst ${worst.toFixed(3)}, allowed ${allowed}`);
  if (worst > allowed) process.exitCode = 1;
}

function plan({ work, hands, sittings }: PlanCase): { schedule: Schedule; tries: number } {
  const trying = tryRules(work, hands, sittings);
  let tries = 0;
  for (;;) {
    const next = trying.next();
    if (next.done) return { schedule: next.value, tries };
    tries++;
  }
}
