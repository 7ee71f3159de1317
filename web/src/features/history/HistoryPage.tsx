import {
  isSameContent,
  kinds,
  resourceNames,
  recordName,
  resources,
  sessionsOf,
  type AnyRecord,
  type Kept,
  type LogEntry,
  type Moment,
  type Recipe,
  type ResourceName,
} from '@yellow-ledger/core';
import { format } from 'date-fns';
import { useMemo } from 'react';
import { Link, useParams, useSearchParams } from 'react-router';
import { useMay } from '../../data/club/standing';
import { useFormerQuery, useMomentsQuery } from '../../data/historyApi';
import { useCollection, useRecord } from '../../data/useCollections';
import { useWriter } from '../../data/useWriter';
import { FetchProblem } from '../../kit/FetchProblem';
import { PageHead } from '../../kit/PageHead';
import { PageWait } from '../../kit/PageWait';
import { UnsavedMark } from '../../kit/saving/UnsavedMark';
import { useNotice } from '../../kit/shell/notices';
import { useShelf } from '../../workers/useShelf';
import { MomentList } from './MomentList';
import { RecipeThen } from './RecipeThen';
import { RecordThen } from './RecordThen';
import './history.scss';

const noEntries: readonly LogEntry[] = [];

/** A recipe, an army or a pot as it was at earlier moments. */
export default function HistoryPage() {
  const { kind = '', recordId = '' } = useParams();
  const name = resourceNames.find((each) => each === kind && resources[each].hasHistory);
  if (!name) return <p className="page-wait">There is no history of such things.</p>;
  return <HistoryOf key={`${name} ${recordId}`} kind={name} id={recordId} />;
}

function HistoryOf({ kind, id }: { kind: ResourceName; id: string }) {
  const kept = useRecord(kind, id);
  const { label } = kinds[kind];
  if (kept === undefined) return <PageWait title="History">{`Fetching the ${label} …`}</PageWait>;
  if (kept === null)
    return <p className="page-wait">There is no such {label} here; it may have been deleted.</p>;
  return <HistorySheet kind={kind} kept={kept as Kept<AnyRecord>} />;
}

function HistorySheet({ kind, kept }: { kind: ResourceName; kept: Kept<AnyRecord> }) {
  const now = kept.content;
  const {
    data: moments,
    error,
    refetch,
  } = useMomentsQuery({
    kind,
    id: now.id,
    revision: kept.revision,
  });
  const [params, setParams] = useSearchParams();
  const asked = Number(params.get('at'));
  const chosen = moments?.find(({ revision }) => revision === asked) ?? moments?.[0];
  const log = useCollection('log') ?? noEntries;
  const sessions = useMemo(
    () => sessionsOf(log.filter((entry) => isAbout(entry, now.id))),
    [log, now.id],
  );
  return (
    <div className="page history">
      <PageHead title={`History of ${recordName(kind, now)}`}>
        <Link to={addressOf(kind, now.id)}>To the {kinds[kind].label}</Link>
      </PageHead>
      <UnsavedMark name={kind} id={now.id} />
      {error && <FetchProblem error={error} onRetry={() => void refetch()} />}
      {!moments && !error && <PageWait>Looking for earlier moments …</PageWait>}
      {moments?.length === 0 && (
        <p>
          No earlier moment of this {kinds[kind].label} is kept yet. From its next change on, 200
          moments are kept, for 90 days.
        </p>
      )}
      {moments && moments.length > 0 && (
        <div className="history-sheet">
          <MomentList
            moments={moments}
            sessions={sessions}
            chosen={chosen?.revision ?? null}
            onChoose={(revision) => setParams({ at: String(revision) }, { replace: true })}
          />
          {chosen && <Then key={chosen.revision} kind={kind} now={now} moment={chosen} />}
        </div>
      )}
    </div>
  );
}

function Then({ kind, now, moment }: { kind: ResourceName; now: AnyRecord; moment: Moment }) {
  const { revision, until } = moment;
  const { data: then, error, refetch } = useFormerQuery({ kind, id: now.id, revision });
  const { pots } = useShelf();
  const writer = useWriter();
  const notify = useNotice();
  const mayWrite = useMay(kind, now.id)('write');
  if (error) return <FetchProblem error={error} onRetry={() => void refetch()} />;
  if (!then || !pots) return <PageWait>Fetching it as it was …</PageWait>;
  const when = format(new Date(until), 'd MMM, HH:mm');
  const take = (record: AnyRecord, part: 'all' | 'some') => {
    const label = `take ${part === 'all' ? 'all' : 'some'} of ${recordName(kind, now)} back to what was until ${when}`;
    writer.do(label, { records: [{ name: kind, before: now, after: record }] });
    notify(
      part === 'all'
        ? `It is as it was until ${when}. Undo takes that back.`
        : 'What you chose is as it was. Undo takes that back.',
    );
  };
  const onTake = mayWrite ? take : undefined;
  return (
    <section aria-label="As it was">
      <h2>As it was until {when}</h2>
      {isSameContent(now, then.content) ? (
        <p>It is the same now.</p>
      ) : kind === 'recipes' ? (
        <RecipeThen now={now as Recipe} then={then.content as Recipe} pots={pots} onTake={onTake} />
      ) : (
        <RecordThen kind={kind} now={now} then={then.content} onTake={onTake} />
      )}
    </section>
  );
}

const addressOf = (kind: ResourceName, id: string) =>
  kind === 'pots' ? '/shelf' : `/${kind}/${encodeURIComponent(id)}`;

const isAbout = (entry: LogEntry, id: string): boolean =>
  ('recipeId' in entry && entry.recipeId === id) || ('where' in entry && entry.where.armyId === id);
