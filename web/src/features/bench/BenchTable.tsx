import { counted, type Army } from '@yellow-ledger/core';
import Button from 'react-bootstrap/Button';
import { useMemo, useState } from 'react';
import { Link } from 'react-router';
import { WhoseBar } from '../../kit/club/WhoseBar';
import { Grid } from '../../kit/Grid';
import { PageHead } from '../../kit/PageHead';
import { Problem } from '../../kit/Problem';
import { RefusedEntries } from '../../kit/saving/RefusedEntries';
import { surfaceWords } from '../../kit/words/surfaceWords';
import { AlsoHere } from './people/AlsoHere';
import { Around } from './people/Around';
import type { BenchPanel, OnTable } from './benchPart';
import { BenchSheet } from './BenchSheet';
import { benchWordsOf } from './benchWords';
import { LaterPanel } from './later/LaterPanel';
import { Differently } from './mishap/Differently';
import { MixByDrops } from './puddle/MixByDrops';
import { NowPanel } from './NowPanel';
import { useBench, type BenchHand } from './useBench';
import { useDryChime } from './signals/useDryChime';
import { useWakeLock } from './signals/useWakeLock';
import { WentWrong } from './mishap/WentWrong';
import { WhoPaints } from './people/WhoPaints';
import { PageWait } from '../../kit/PageWait';

/** The next coat, the drying ones, the wet ones; and the last entries. */
export function BenchTable({ bench, army, pots }: OnTable) {
  const hand = useBench(bench, army);
  const { view, log, problem, now } = hand;
  const words = useMemo(() => benchWordsOf(army), [army]);
  const [panel, setPanel] = useState<BenchPanel>(null);
  useWakeLock();
  const drying = useMemo(
    () =>
      view?.state.drying.map(({ entryId, unitId, surfaceId, models, ms }) => ({
        entryId,
        says: `${words.surface(unitId, surfaceId)} of ${counted(models.length, 'model')}`,
        at: view.seenAt + ms,
      })) ?? [],
    [view, words],
  );
  const dried = useDryChime(drying, now);
  const props = { bench, army, pots, hand, words };
  return (
    <div className="page bench">
      <PageHead title={bench.name} tab={dried === null ? undefined : `Dry: ${dried}`}>
        {view && (
          <p>
            {view.state.coatsDone} of {view.state.coatsDone + view.state.coatsLeft} coats
          </p>
        )}
        <Button
          variant="outline"
          aria-expanded={panel === 'sheet'}
          onClick={() => setPanel(panel === 'sheet' ? null : 'sheet')}
        >
          Bench settings
        </Button>
      </PageHead>
      <WhoseBar kind="benches" id={bench.id} isHeld={bench.armyId !== undefined} />
      <BenchNotices hand={hand} army={army} />
      {problem && <p role="alert">{problem}</p>}
      {!view && !problem && <PageWait>Working out what is next …</PageWait>}
      {panel === 'sheet' && <BenchSheet {...props} onClose={() => setPanel(null)} />}
      <WhoPaints />
      {view && <AlsoHere {...props} view={view} />}
      {view && (
        <Grid columns="minmax(0, 1fr) 20rem">
          <div>
            {view.now ? (
              <NowPanel {...props} view={view} now={view.now} panel={panel} onPanel={setPanel} />
            ) : (
              <AllDone hasRecipes={view.state.without.length === 0} />
            )}
            {view.now && panel === 'drops' && (
              <MixByDrops
                key={view.now.task.key}
                {...props}
                now={view.now}
                onClose={() => setPanel(null)}
              />
            )}
            {view.now && panel === 'differently' && (
              <Differently {...props} now={view.now} onClose={() => setPanel(null)} />
            )}
            {view.now && panel === 'later' && (
              <LaterPanel {...props} now={view.now} onClose={() => setPanel(null)} />
            )}
            {view.now && panel === 'wrong' && (
              <WentWrong {...props} now={view.now} onClose={() => setPanel(null)} />
            )}
          </div>
          <Around {...props} view={view} />
        </Grid>
      )}
      {log.isFetched && log.entries.length > 0 && (
        <p className="quiet">
          Everything you press is in the <Link to="/log">log</Link> at once.
        </p>
      )}
    </div>
  );
}

function AllDone({ hasRecipes }: { hasRecipes: boolean }) {
  return (
    <section aria-label="Now" className="now-panel">
      <h2>{hasRecipes ? 'All of it is painted.' : 'What has a recipe is painted.'}</h2>
      <p>
        Varnish and photographs wait until everything is dry. How it went is in the{' '}
        <Link to="/log">log</Link>.
      </p>
    </section>
  );
}

function BenchNotices({ hand, army }: { hand: BenchHand; army: Army }) {
  const { log, view, setBackMs } = hand;
  const behind = Math.max(setBackMs, view?.state.clockBehindMs ?? 0);
  return (
    <div>
      <p role="status">
        {log.isOffline &&
          `The server does not answer. Carry on: ${log.unsent === 0 ? 'nothing is' : counted(log.unsent, 'entry is', 'entries are')} waiting here and will be sent in their order.${log.isUnkept ? ' The browser keeps nothing: leave this page open.' : ''}`}
      </p>
      {log.refused.length > 0 && <RefusedEntries refused={log.refused} />}
      {behind > 60_000 && (
        <p>
          The clock of this device stands {Math.round(behind / 60_000)} min before the last entry;
          it seems to have been set back. Nobody is made to wait longer for it.
        </p>
      )}
      {view && view.state.without.length > 0 && (
        <Problem dir="auto" role="note">
          No recipe, or it is gone:{' '}
          {view.state.without.map((each) => surfaceWords(army, each)).join('; ')}. What was painted
          of it stays in the log.
        </Problem>
      )}
    </div>
  );
}
