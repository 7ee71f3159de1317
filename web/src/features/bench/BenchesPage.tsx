import type { Bench, Kept } from '@yellow-ledger/core';
import { format } from 'date-fns';
import Button from 'react-bootstrap/Button';
import { useNavigate, useSearchParams } from 'react-router';
import { useRecords } from '../../data/useCollections';
import { useWriter } from '../../data/useWriter';
import { beginning, useBeginning } from '../../kit/begin/beginning';
import { BeginStrip } from '../../kit/begin/BeginStrip';
import { IfMayCreate } from '../../kit/club/IfMay';
import { EmptyPage } from '../../kit/EmptyPage';
import { FetchProblem } from '../../kit/FetchProblem';
import { Disclosure } from '../../kit/Disclosure';
import { LinkButton } from '../../kit/LinkButton';
import { PageHead } from '../../kit/PageHead';
import { SampleButton } from '../../kit/paint/SampleButton';
import { NewBench } from './NewBench';
import { PageWait } from '../../kit/PageWait';
import './bench.scss';

/** The benches, and adding one. */
export default function BenchesPage() {
  const { kept, isLoading, error, refetch } = useRecords('benches');
  const armies = useRecords('armies');
  const writer = useWriter();
  const navigate = useNavigate();
  const [asked] = useSearchParams();
  const isBeginning = useBeginning()?.is === 'on';
  if (isLoading || armies.isLoading)
    return <PageWait title="Bench">Fetching the benches …</PageWait>;
  const benches = [...(kept ?? [])].sort(
    (one, other) => Date.parse(other.content.startedAt) - Date.parse(one.content.startedAt),
  );
  const lay = (bench: Bench) => {
    writer.create('benches', `put ${bench.name} on the bench`, bench);
    if (isBeginning) beginning.put({ is: 'left' });
    void navigate(`/bench/${bench.id}`);
  };
  const open = benches.filter(({ content }) => !content.isCleared);
  const away = benches.filter(({ content }) => content.isCleared);
  // A visitor who comes to add a bench finds the form open.
  const isAsked = asked.size > 0;
  const empty = benches.length === 0 && !error && (
    <EmptyPage
      shows="bench"
      words="Here you paint: one step at a time, large enough to read across the table, with its mix in drops, what dries meanwhile and what to paint next. What you press is written down."
    >
      {armies.kept?.length === 0 && !isAsked && <SampleButton />}
    </EmptyPage>
  );
  return (
    <div className="page">
      {isBeginning && isAsked && (
        <BeginStrip at="bench">
          <span>
            Put it on the bench: there each line is a step of its own, to be read across the table.
          </span>
        </BeginStrip>
      )}
      <PageHead title="Bench" />
      {error && <FetchProblem error={error} onRetry={refetch} />}
      {open.length > 0 && (
        <ul className="ruled" aria-label="On the table">
          {open.map(({ content }) => (
            <BenchRow key={content.id} bench={content} isNext />
          ))}
        </ul>
      )}
      {!isAsked && empty}
      <IfMayCreate kind="benches">
        <NewBench
          armies={armies.kept?.map(({ content }) => content) ?? []}
          isNext={open.length === 0}
          onBench={lay}
        />
      </IfMayCreate>
      {isAsked && empty}
      {away.length > 0 && (
        <Disclosure title={`Put away (${away.length})`}>
          <ul className="ruled">
            {away.map(({ content }: Kept<Bench>) => (
              <BenchRow
                key={content.id}
                bench={content}
                onTake={() =>
                  writer.change('benches', content.id, `take ${content.name} out again`, (now) => ({
                    ...now,
                    isCleared: false,
                  }))
                }
              />
            ))}
          </ul>
        </Disclosure>
      )}
    </div>
  );
}

function BenchRow({
  bench,
  isNext = false,
  onTake,
}: {
  bench: Bench;
  isNext?: boolean;
  onTake?: () => void;
}) {
  const { id, name, startedAt } = bench;
  return (
    <li className="across">
      <span>
        <b dir="auto">{name}</b>
        <small> since {format(new Date(startedAt), 'd MMMM yyyy, HH:mm')}</small>
      </span>
      {onTake && (
        <Button variant="plain" onClick={onTake}>
          Take it out again
        </Button>
      )}
      <LinkButton
        variant={isNext ? 'next' : 'outline'}
        to={`/bench/${id}`}
        aria-label={`${isNext ? 'Continue' : 'Look at it'}: ${name}`}
      >
        {isNext ? 'Continue' : 'Look at it'}
      </LinkButton>
    </li>
  );
}
