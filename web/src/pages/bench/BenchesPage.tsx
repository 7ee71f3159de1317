import type { Bench, Kept } from '@yellow-ledger/core';
import { format } from 'date-fns';
import { useNavigate, Link } from 'react-router';
import { FetchProblem } from '../../parts/FetchProblem';
import { SampleButton } from '../../parts/SampleButton';
import { useNotice } from '../../parts/shell/notices';
import { doDeed } from '../../store/deeds/doDeeds';
import { useBenchesQuery } from '../../store/benchApi';
import { useArmiesQuery } from '../../store/ledgerApi';
import { useAppDispatch } from '../../store/store';
import { NewBench } from './NewBench';
import './bench.scss';

/** What stands on the table, and putting something there. */
export default function BenchesPage() {
  const { data, isLoading, error, refetch } = useBenchesQuery();
  const armies = useArmiesQuery();
  const dispatch = useAppDispatch();
  const navigate = useNavigate();
  const notify = useNotice();
  if (isLoading || armies.isLoading) return <p className="page-wait">Fetching the benches …</p>;
  const benches = [...(data ?? [])].sort((one, other) =>
    other.content.startedAt.localeCompare(one.content.startedAt),
  );
  const put = async (label: string, before: Bench | null, after: Bench | null) => {
    const of = crypto.randomUUID();
    const problem = await dispatch(doDeed({ kind: 'benches', label, of, before, after }));
    if (problem) notify(problem.message);
    return !problem;
  };
  const lay = async (bench: Bench) => {
    if (await put(`put ${bench.name} on the bench`, null, bench))
      await navigate(`/bench/${bench.id}`);
  };
  const open = benches.filter(({ content }) => !content.isCleared);
  const away = benches.filter(({ content }) => content.isCleared);
  return (
    <div className="page">
      <div className="page-head">
        <h1>Bench</h1>
      </div>
      {error && <FetchProblem error={error} onRetry={() => void refetch()} />}
      {open.length > 0 && (
        <ul className="bench-list" aria-label="On the table">
          {open.map(({ content }) => (
            <BenchRow key={content.id} bench={content} isNext />
          ))}
        </ul>
      )}
      {benches.length === 0 && !error && (
        <div className="empty-page">
          <p>
            Here you paint: one step at a time, large enough to read across the table, with its mix
            in drops, what dries meanwhile and what to paint next. What you press is written down.
          </p>
          {armies.data?.length === 0 && (
            <div className="empty-actions">
              <SampleButton />
            </div>
          )}
        </div>
      )}
      <NewBench
        armies={armies.data?.map(({ content }) => content) ?? []}
        isNext={open.length === 0}
        onBench={lay}
      />
      {away.length > 0 && (
        <details>
          <summary>Put away ({away.length})</summary>
          <ul className="bench-list">
            {away.map(({ content }: Kept<Bench>) => (
              <BenchRow
                key={content.id}
                bench={content}
                onTake={() =>
                  void put(`take ${content.name} out again`, content, {
                    ...content,
                    isCleared: false,
                  })
                }
              />
            ))}
          </ul>
        </details>
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
    <li>
      <span>
        <b dir="auto">{name}</b>
        <small> since {format(new Date(startedAt), 'd MMMM yyyy, HH:mm')}</small>
      </span>
      {onTake && (
        <button type="button" className="plain-button" onClick={onTake}>
          Take it out again
        </button>
      )}
      <Link
        className={isNext ? 'next-button' : 'outline-button'}
        to={`/bench/${id}`}
        aria-label={`${isNext ? 'Paint on' : 'Look at it'}: ${name}`}
      >
        {isNext ? 'Paint on' : 'Look at it'}
      </Link>
    </li>
  );
}
