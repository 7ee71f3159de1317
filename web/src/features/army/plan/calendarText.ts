import { spanOf, type Batch, type PlannedWork } from '@yellow-ledger/core';
import ical from 'ical-generator';
import { jobsOf, mixingWords } from './jobs';
import type { PlanWords } from './planWords';

/**
 * A plan as iCalendar, in moments that no change of clocks moves.
 *
 * @param detail `sessions`: one entry for each painter and session, with what to do in its text;
 *   `jobs`: one for each stretch of models
 */
export function calendarText(
  batch: Batch,
  plan: Pick<PlannedWork, 'runs' | 'ahead'>,
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
        description: `${words.line(run)}\n${mixingWords(run)}${words.mix(run.mix)}\nDry at ${words.clock(run.driesAt)}`,
      }),
    );
  if (detail === 'jobs')
    plan.ahead.forEach((mixing, index) =>
      calendar.createEvent({
        id: `${batch.id}-mixing-${index}@yellow-ledger`,
        start: new Date(mixing.from),
        end: new Date(mixing.to),
        summary: `${words.painter(mixing.painterId)}: mix ${words.mix(mixing.mix)}`,
      }),
    );
  else
    for (const session of batch.sessions)
      for (const { id, name } of batch.painters) {
        const isHere = ({ sessionId }: { sessionId: string }) => sessionId === session.id;
        const own = jobsOf(id, plan.runs.filter(isHere), plan.ahead.filter(isHere));
        if (own.length === 0) continue;
        const { from, to } = spanOf(session);
        calendar.createEvent({
          id: `${session.id}-${id}@yellow-ledger`,
          start: new Date(from),
          end: new Date(to),
          summary: `${batch.name}: ${name}`,
          description: own
            .map((job) =>
              'run' in job
                ? `${words.clock(job.run.from)} ${mixingWords(job.run)}${words.surface(job.run)}, ${words.models(job.run)}: ${words.line(job.run)}`
                : `${words.clock(job.mixing.from)} mix ${words.mix(job.mixing.mix)}`,
            )
            .join('\n'),
        });
      }
  return calendar.toString();
}
