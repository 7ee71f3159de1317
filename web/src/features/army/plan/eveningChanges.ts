import { spanOf, type Batch, type Session } from '@yellow-ledger/core';
import { addWeeks } from 'date-fns';
import { newPainter } from './newBatch';
import { withSessionOver } from './noted';

/** Something that happened to an evening, and the plan with it. */
export interface EveningChange {
  label: string;
  next: Batch;
}

/** All that can happen to an evening: each is one press. */
export function eveningChanges(batch: Batch, session: Session): EveningChange[] {
  const { sessions, painters } = batch;
  const withSession = (changed: Session) => ({
    ...batch,
    sessions: sessions.map((each) => (each.id === session.id ? changed : each)),
  });
  const here = painters.filter(({ id }) => !session.without?.includes(id));
  const more = newPainter(painters.length);
  return [
    { label: 'We skipped it', next: withSessionOver(batch, session.id) },
    {
      label: 'Move it to the end',
      next: withSession({ ...session, startsAt: weekAfter(sessions) }),
    },
    ...(here.length > 1
      ? here.map(({ id, name }) => ({
          label: `${name} does not come`,
          next: withSession({ ...session, without: [...(session.without ?? []), id] }),
        }))
      : []),
    ...(painters.length < mostPainters
      ? [
          {
            label: 'One more comes',
            next: {
              ...batch,
              painters: [...painters, more],
              sessions: sessions.map((each) =>
                each.id === session.id
                  ? each
                  : { ...each, without: [...(each.without ?? []), more.id] },
              ),
            },
          },
        ]
      : []),
  ];
}

const mostPainters = 8;

/** A week after the last session, by the calendar. */
function weekAfter(sessions: readonly Session[]): string {
  const last = sessions.reduce((one, other) =>
    spanOf(other).from > spanOf(one).from ? other : one,
  );
  return addWeeks(new Date(last.startsAt), 1).toISOString();
}
