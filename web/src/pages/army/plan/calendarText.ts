import { spanOf, type Batch, type BatchPlan } from '@yellow-ledger/core';
import ical from 'ical-generator';
import type { PlanWords } from './planWords';

/**
 * A plan as iCalendar, in moments that no change of clocks moves.
 *
 * @param detail `sessions`: one entry for each painter and session, with what to do in its text;
 *   `jobs`: one for each stretch of models
 */
export function calendarText(
  batch: Batch,
  plan: BatchPlan,
  words: PlanWords,
  detail: 'sessions' | 'jobs',
): string {
  const calendar = ical({
    name: batch.name,
    prodId: { company: 'Yellow Ledger', product: 'plan' },
  });
  if (detail === 'jobs')
    plan.runs.forEach((run, index) =>
      calendar.createEvent({
        id: `${batch.id}-${index}@yellow-ledger`,
        start: new Date(run.from),
        end: new Date(run.to),
        summary: `${words.painter(run.painterId)}: ${words.surface(run)}, ${words.models(run)}`,
        description: `${words.line(run)}\n${words.mix(run.mix)}\nDry at ${words.clock(run.driesAt)}`,
      }),
    );
  else
    for (const session of batch.sessions)
      for (const { id, name } of batch.painters) {
        const own = plan.runs.filter((run) => run.sessionId === session.id && run.painterId === id);
        if (own.length === 0) continue;
        const { from, to } = spanOf(session);
        calendar.createEvent({
          id: `${session.id}-${id}@yellow-ledger`,
          start: new Date(from),
          end: new Date(to),
          summary: `${batch.name}: ${name}`,
          description: own
            .map(
              (run) =>
                `${words.clock(run.from)} ${words.surface(run)}, ${words.models(run)}: ${words.line(run)}`,
            )
            .join('\n'),
        });
      }
  return calendar.toString();
}
