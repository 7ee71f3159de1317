import { counted, type LoggedSession, type Pot } from '@yellow-ledger/core';
import { format } from 'date-fns';
import Button from 'react-bootstrap/Button';
import { useState } from 'react';
import { EmptyPage } from '../../kit/EmptyPage';
import { Disclosure } from '../../kit/Disclosure';
import { Grid } from '../../kit/Grid';
import { lazyPage } from '../../kit/lazy/lazyPage';
import { saveText } from '../../kit/hooks/saveText';
import { useNotice } from '../../kit/shell/notices';
import { minutesInWords } from '../../kit/words/minutesInWords';
import { ofEverything } from '../../workers/parts';
import { useAnswer } from '../../workers/useAnswer';
import { useWorker } from '../../workers/useWorker';
import type { LogNamesKnown } from './logWork';
import { EntryList } from './EntryList';
import { StruckEntries, type Struck } from './StruckEntries';
import { WriteDown } from './WriteDown';
import { PageWait } from '../../kit/PageWait';

const MonthCalendar = lazyPage(
  async () => (await import('./MonthCalendar')).default,
  () => <p className="quiet">The calendar could not be fetched.</p>,
);

const mostShown = 30;

/** A calendar of the evenings, and what was done in each. */
export function SessionsLeaf({ pots }: { pots: Pot[] }) {
  const { answer, problem } = useAnswer(ofEverything, [], (worker) => worker.logOverview());
  const worker = useWorker(ofEverything);
  const notify = useNotice();
  const [day, setDay] = useState<string | null>(null);
  const [struck, setStruck] = useState<readonly Struck[]>([]);
  if (problem) return <p role="alert">{problem}</p>;
  if (!answer) return <PageWait>Reading the log …</PageWait>;
  if (answer.sessions.length === 0)
    return (
      <EmptyPage
        shows="log"
        words="Nothing is written yet. What you press at the bench stands here: when, on which models, with which mix, and how it differed from the recipe."
      />
    );
  const { sessions, names } = answer;
  const dayOf = ({ from }: LoggedSession) => format(new Date(from), 'yyyy-MM-dd');
  const days = new Map<string, number>();
  for (const session of sessions) days.set(dayOf(session), (days.get(dayOf(session)) ?? 0) + 1);
  const shown = day
    ? sessions.filter((session) => dayOf(session) === day)
    : sessions.slice(0, mostShown);
  return (
    <Grid columns="22rem minmax(0, 1fr)">
      <div>
        <MonthCalendar days={days} newest={dayOf(sessions[0])} day={day} onDay={setDay} />
        {day && (
          <Button variant="outline" onClick={() => setDay(null)}>
            All sessions
          </Button>
        )}
        <p className="log-export">
          <Button
            variant="outline"
            onClick={() =>
              void worker()
                .logCsv()
                .then((text) => saveText(`\ufeff${text}`, 'log.csv', 'text/csv'))
                .catch(() => notify('The table was not made. Load the page again.'))
            }
          >
            Save as a table (CSV)
          </Button>
        </p>
        <p className="quiet">
          {answer.entries.toLocaleString('en')} entries. The ledger file of everything holds them
          too.
        </p>
      </div>
      <div>
        <StruckEntries
          struck={struck}
          names={names}
          pots={pots}
          onPutBack={(each) => setStruck(struck.filter((other) => other !== each))}
        />
        {day && shown.length === 0 && <p>Nothing was painted that day.</p>}
        {shown.map((session, index) => (
          <Sitting
            // Its first entry may be struck out while it is open.
            key={session.to}
            session={session}
            names={names}
            pots={pots}
            isOpen={index === 0}
            onStruck={(each) => setStruck([...struck, each])}
          />
        ))}
        {!day && sessions.length > mostShown && (
          <p>
            The newest {mostShown} of {sessions.length} sessions; choose a day for others.
          </p>
        )}
      </div>
    </Grid>
  );
}

function Sitting({
  session,
  names,
  pots,
  isOpen,
  onStruck,
}: {
  session: LoggedSession;
  names: LogNamesKnown;
  pots: Pot[];
  isOpen: boolean;
  onStruck: (struck: Struck) => void;
}) {
  const { from, to, benchIds, coats, models, handsOn, mishaps, deviations, entries } = session;
  const count = [...models.values()].reduce((sum, each) => sum + each.size, 0);
  const benches = [
    ...new Set(benchIds.map((id) => names.benches[id] ?? 'a bench that is gone')),
  ].join(', ');
  return (
    <Disclosure
      className="sitting"
      isOpen={isOpen}
      title={
        <>
          <b>{format(new Date(from), 'EEEE d MMMM yyyy, HH:mm')}</b>–{format(new Date(to), 'HH:mm')}
          <span dir="auto"> {benches}</span>
          <small className="below">
            {' '}
            {counted(coats, 'coat')} on {counted(count, 'model')}, {minutesInWords(handsOn)}{' '}
            hands-on
            {deviations > 0 && `, ${deviations} differ`}
            {mishaps > 0 && `, ${counted(mishaps, 'mishap')}`}
          </small>
        </>
      }
    >
      <WriteDown entries={entries} names={names} />
      <EntryList entries={entries} names={names} pots={pots} onStruck={onStruck} />
    </Disclosure>
  );
}
