import { counted } from '@yellow-ledger/core';
import { format } from 'date-fns';
import { useRef } from 'react';
import Button from 'react-bootstrap/Button';
import { pageMonotonicClock } from '../../data/log/monotonicClock';
import { Progress } from '../../kit/Progress';
import { Swatch } from '../../kit/paint/Swatch';
import { useTicking } from '../../kit/hooks/useTicking';
import { leftWords } from '../../kit/words/leftWords';
import { mlWords } from '../../kit/words/mlWords';
import { modelsWords } from '../../kit/words/modelsWords';
import { ofEverything } from '../../workers/parts';
import { useAnswer } from '../../workers/useAnswer';
import type { Evening } from './eveningWork';
import { PageWait } from '../../kit/PageWait';
import './board.scss';

/** Coats painted longer ago belong to another evening, ms. */
const eveningMs = 8 * 3_600_000;
/** So many of a list can be read from across the room. */
const mostShown = 7;

/** The work on all tables, large enough to be read from across the room. */
export function EveningLeaf() {
  const board = useRef<HTMLDivElement>(null);
  const { now, looks } = useTicking();
  const { answer: evening, problem } = useAnswer(ofEverything, [looks], (worker) => {
    const at = pageMonotonicClock.now();
    return worker.evening(at - eveningMs, at);
  });
  if (problem) return <p role="alert">{problem}</p>;
  if (!evening) return <PageWait>Looking over the tables …</PageWait>;
  const passed = now - evening.seenAt;
  const { coatsDone, coatsLeft } = evening;
  const all = coatsDone + coatsLeft;
  return (
    <div ref={board} className="board" role="region" aria-label="This evening">
      <div className="board-head">
        <h2>This evening</h2>
        {all > 0 && (
          <p>
            <Progress now={coatsDone / all} label="Coats on the tables" /> <b>{coatsDone}</b> of{' '}
            {counted(all, 'coat')} on the tables
          </p>
        )}
        <b>{format(now, 'HH:mm')}</b>
        <Button
          variant="outline"
          className="board-wall"
          onClick={() => void board.current?.requestFullscreen().catch(() => undefined)}
        >
          Fill the screen
        </Button>
      </div>
      <div className="board-parts">
        <Painters evening={evening} now={now} />
        <section>
          <h3>Wet</h3>
          <List
            none="Nothing dries."
            items={evening.drying.filter(({ ms }) => ms > passed)}
            say={({ entryId, unitName, surfaceName, models, ms }) => (
              <li key={entryId} className="across">
                <span dir="auto">
                  {unitName}, {surfaceName} <small>{modelsWords(models)}</small>
                </span>
                <b>{leftWords(ms - passed)}</b>
              </li>
            )}
          />
        </section>
        <section>
          <h3>Mixed</h3>
          <List
            none="No mix was noted that is still wet."
            items={evening.mixes.filter(({ ms }) => ms > passed)}
            say={({ entryId, by, recipeName, line, hex, ml, ms, coatsLeft }) => (
              <li key={entryId} className="across">
                <span dir="auto">
                  <Swatch hex={hex} /> {recipeName}, line {line}{' '}
                  <small>
                    {by || 'somebody'} has {mlWords(ml)}
                    {coatsLeft === 0 && ', no longer needed'}
                  </small>
                </span>
                <b>{leftWords(ms - passed)}</b>
              </li>
            )}
          />
        </section>
        <section>
          <h3>Can be painted now</h3>
          <List
            none="Nothing waits for a brush."
            items={evening.free}
            say={({ key, unitName, surfaceName, line, models }) => (
              <li key={key}>
                <span dir="auto">
                  {unitName}, {surfaceName}{' '}
                  <small>
                    line {line}, {counted(models.length, 'model')}
                  </small>
                </span>
              </li>
            )}
          />
        </section>
      </div>
    </div>
  );
}

function Painters({ evening, now }: { evening: Evening; now: number }) {
  return (
    <section>
      <h3>At the table</h3>
      <List
        none="Nobody has painted yet this evening."
        items={evening.painters}
        say={({ by, last, coats, unitName, surfaceName }) => (
          <li key={by} className="across">
            <span dir="auto">
              <b>{by || 'Somebody'}</b> {unitName}, {surfaceName}{' '}
              <small>
                {modelsWords(last.where.models)}, line {last.line}; {counted(coats, 'coat')} this
                evening
              </small>
            </span>
            <b>{sinceWords(now - Date.parse(last.at))}</b>
          </li>
        )}
      />
    </section>
  );
}

function sinceWords(ms: number): string {
  const minutes = Math.max(0, Math.floor(ms / 60_000));
  return minutes === 0 ? 'now' : `${minutes} min ago`;
}

function List<Item>(props: {
  items: readonly Item[];
  none: string;
  say: (item: Item) => React.ReactNode;
}) {
  const { items, none, say } = props;
  if (items.length === 0) return <p className="quiet">{none}</p>;
  return (
    <>
      <ul className="ruled">{items.slice(0, mostShown).map(say)}</ul>
      {items.length > mostShown && <p className="quiet">and {items.length - mostShown} more</p>}
    </>
  );
}
