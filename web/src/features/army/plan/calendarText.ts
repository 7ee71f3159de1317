import {
  headingsOf,
  rowsOf,
  spanOf,
  type Batch,
  type PlannedHeading,
  type PlannedWork,
} from '@yellow-ledger/core';
import ical from 'ical-generator';
import { mixingWords } from './jobs';
import type { PlanWords } from './planWords';

/**
 * A plan as iCalendar, in moments that no change of clocks moves.
 *
 * @param detail `sessions`: one entry for each painter and session, with what to do in its text;
 *   `jobs`: one for each surface a painter turns to
 */
export function calendarText(
  batch: Batch,
  plan: Pick<PlannedWork, 'runs'>,
  words: PlanWords,
  detail: 'sessions' | 'jobs',
): string {
  const calendar = ical({
    name: batch.name,
    prodId: { company: 'Yellow Ledger', product: 'plan' },
  });
  const sessions = batch.sessions.map((session) => ({
    session,
    headings: headingsOf(plan.runs.filter(({ sessionId }) => sessionId === session.id)),
  }));
  if (detail === 'jobs')
    for (const { session, headings } of sessions)
      for (const heading of headings) {
        const { number, painterId, runs } = heading;
        const last = runs[runs.length - 1];
        calendar.createEvent({
          id: `${session.id}-${painterId}-${number}@yellow-ledger`,
          start: new Date(runs[0].from),
          end: new Date(last.to),
          summary: `${words.painter(painterId)}: ${words.surface(runs[0])}, ${words.models(runs[0])}`,
          description: [...linesOf(heading, words), `Dry at ${words.clock(last.driesAt)}`].join(
            '\n',
          ),
        });
      }
  else
    for (const { session, headings } of sessions)
      for (const { id, name } of batch.painters) {
        const own = headings.filter(({ painterId }) => painterId === id);
        if (own.length === 0) continue;
        const { from, to } = spanOf(session);
        calendar.createEvent({
          id: `${session.id}-${id}@yellow-ledger`,
          start: new Date(from),
          end: new Date(to),
          summary: `${batch.name}: ${name}`,
          description: own
            .map((heading) => {
              const [first] = heading.runs;
              return [
                `${words.clock(first.from)} ${words.surface(first)}, ${words.models(first)}`,
                ...linesOf(heading, words),
              ].join('\n');
            })
            .join('\n'),
        });
      }
  return calendar.toString();
}

const linesOf = (heading: PlannedHeading, words: PlanWords): string[] =>
  rowsOf(heading).map(
    (row) => `${mixingWords(row[0])}${words.coats(row)}: ${words.mix(row[0].mix)}`,
  );
