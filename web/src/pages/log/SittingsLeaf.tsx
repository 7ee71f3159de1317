import type { LoggedSession, Pot } from '@yellow-ledger/core';
import {
  fromDate,
  getLocalTimeZone,
  toCalendarDate,
  type CalendarDate,
} from '@internationalized/date';
import { format } from 'date-fns';
import { useState } from 'react';
import {
  Button,
  Calendar,
  CalendarCell,
  CalendarGrid,
  CalendarGridBody,
  CalendarGridHeader,
  CalendarHeaderCell,
  Heading,
} from 'react-aria-components';
import { BsChevronLeft, BsChevronRight } from 'react-icons/bs';
import { minutesInWords } from '../../parts/words/minutesInWords';
import { ofEverything } from '../../workers/parts';
import { useAnswer } from '../../workers/useAnswer';
import { useWorker } from '../../workers/useWorker';
import type { LogNamesKnown } from '../../workers/work/logWork';
import { EntryList } from './EntryList';
import { saveText } from '../../parts/saveText';

const mostShown = 30;

/** A calendar of the evenings, and what was done in each. */
export function SittingsLeaf({ pots }: { pots: Pot[] }) {
  const { answer, problem } = useAnswer(ofEverything, [], (worker) => worker.logOverview());
  const worker = useWorker(ofEverything);
  const [day, setDay] = useState<CalendarDate | null>(null);
  if (problem) return <p role="alert">{problem}</p>;
  if (!answer) return <p className="page-wait">Reading the log …</p>;
  if (answer.sessions.length === 0)
    return (
      <div className="empty-page">
        <p>
          Nothing is written yet. What you press at the bench stands here: when, on which models,
          with which mix, and how it differed from the recipe.
        </p>
      </div>
    );
  const { sessions, names } = answer;
  const dayOf = ({ from }: LoggedSession) =>
    toCalendarDate(fromDate(new Date(from), getLocalTimeZone())).toString();
  const days = new Map<string, number>();
  for (const session of sessions) days.set(dayOf(session), (days.get(dayOf(session)) ?? 0) + 1);
  const shown = day
    ? sessions.filter((session) => dayOf(session) === day.toString())
    : sessions.slice(0, mostShown);
  return (
    <div className="log-top">
      <div>
        <MonthCalendar days={days} newest={sessions[0].from} day={day} onDay={setDay} />
        {day && (
          <button type="button" className="outline-button" onClick={() => setDay(null)}>
            All sittings
          </button>
        )}
        <p className="log-export">
          <button
            type="button"
            className="outline-button"
            onClick={() =>
              void worker()
                .logCsv()
                .then((text) => saveText(`\ufeff${text}`, 'log.csv', 'text/csv'))
            }
          >
            Save as a table (CSV)
          </button>
        </p>
        <p className="quiet">
          {answer.entries.toLocaleString('en')} entries. The ledger file of everything holds them
          too.
        </p>
      </div>
      <div>
        {day && shown.length === 0 && <p>Nothing was painted that day.</p>}
        {shown.map((session, index) => (
          <Sitting
            key={session.from}
            session={session}
            names={names}
            pots={pots}
            isOpen={index === 0}
          />
        ))}
        {!day && sessions.length > mostShown && (
          <p>
            The newest {mostShown} of {sessions.length} sittings; choose a day for others.
          </p>
        )}
      </div>
    </div>
  );
}

function Sitting({
  session,
  names,
  pots,
  isOpen,
}: {
  session: LoggedSession;
  names: LogNamesKnown;
  pots: Pot[];
  isOpen: boolean;
}) {
  const [open, setOpen] = useState(isOpen);
  const { from, to, benchIds, coats, models, handsOn, mishaps, deviations, entries } = session;
  const count = [...models.values()].reduce((sum, each) => sum + each.size, 0);
  const benches = [
    ...new Set(benchIds.map((id) => names.benches[id] ?? 'a bench that is gone')),
  ].join(', ');
  return (
    <details
      className="sitting"
      open={open}
      onToggle={(event) => setOpen(event.currentTarget.open)}
    >
      <summary>
        <b>{format(new Date(from), 'EEEE d MMMM yyyy, HH:mm')}</b>–{format(new Date(to), 'HH:mm')}
        <span dir="auto"> {benches}</span>
        <small>
          {' '}
          {coats} coats on {count} {count === 1 ? 'model' : 'models'}, {minutesInWords(handsOn)}{' '}
          hands-on
          {deviations > 0 && `, ${deviations} differ`}
          {mishaps > 0 && `, ${mishaps} ${mishaps === 1 ? 'mishap' : 'mishaps'}`}
        </small>
      </summary>
      {open && <EntryList entries={entries} names={names} pots={pots} />}
    </details>
  );
}

/** A month, with the days marked on which something was painted. */
function MonthCalendar({
  days,
  newest,
  day,
  onDay,
}: {
  days: ReadonlyMap<string, number>;
  newest: number;
  day: CalendarDate | null;
  onDay: (day: CalendarDate) => void;
}) {
  return (
    <Calendar
      aria-label="Days painted on"
      className="month"
      value={day}
      onChange={onDay}
      defaultFocusedValue={toCalendarDate(fromDate(new Date(newest), getLocalTimeZone()))}
      firstDayOfWeek="mon"
    >
      <header>
        <Button slot="previous" className="icon-button">
          <BsChevronLeft aria-hidden />
        </Button>
        <Heading />
        <Button slot="next" className="icon-button">
          <BsChevronRight aria-hidden />
        </Button>
      </header>
      <CalendarGrid>
        <CalendarGridHeader>
          {(name) => <CalendarHeaderCell>{name}</CalendarHeaderCell>}
        </CalendarGridHeader>
        <CalendarGridBody>
          {(date) => (
            <CalendarCell
              date={date}
              className={({ isSelected }) =>
                ['day', days.has(date.toString()) && 'painted-on', isSelected && 'chosen']
                  .filter(Boolean)
                  .join(' ')
              }
            />
          )}
        </CalendarGridBody>
      </CalendarGrid>
    </Calendar>
  );
}
