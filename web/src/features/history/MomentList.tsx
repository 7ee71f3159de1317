import type { LoggedSession, Moment } from '@yellow-ledger/core';
import { format } from 'date-fns';
import Button from 'react-bootstrap/Button';
import { agoWords, dayWords, sessionsAfter } from './momentWords';

export interface MomentListProps {
  /** the newest first */
  moments: readonly Moment[];
  /** sessions in which it was painted with, the newest first */
  sessions: readonly LoggedSession[];
  chosen: number | null;
  onChoose: (revision: number) => void;
}

/** When the record was another, day by day, with the sessions between. */
export function MomentList({ moments, sessions, chosen, onChoose }: MomentListProps) {
  const now = new Date();
  return (
    <ol className="moments" aria-label="Earlier moments">
      {moments.map(({ revision, savedAt, until }, index) => {
        const [from, to] = [new Date(savedAt), new Date(until)];
        const day = dayWords(to, now);
        const isNewDay = index === 0 || dayWords(new Date(moments[index - 1].until), now) !== day;
        return (
          <li key={revision}>
            {isNewDay && <b className="moments-day">{day}</b>}
            {sessionsAfter(moments, index, sessions).map((session) => (
              <span key={session.from} className="moments-session">
                Painted with, {format(session.from, 'd MMM, HH:mm')}–{format(session.to, 'HH:mm')}
              </span>
            ))}
            <Button
              variant="bare"
              aria-pressed={chosen === revision}
              onClick={() => onChoose(revision)}
            >
              until {format(to, 'HH:mm')}
              <small> {agoWords(to, now) || `from ${format(from, 'd MMM, HH:mm')}`}</small>
            </Button>
          </li>
        );
      })}
    </ol>
  );
}
