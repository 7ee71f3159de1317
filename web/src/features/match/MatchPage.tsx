import { colourOfHex, type SurfaceColour } from '@yellow-ledger/core';
import Button from 'react-bootstrap/Button';
import { useEffect, useRef, useState } from 'react';
import { ReasonButton } from '../../kit/ReasonButton';
import { useAppStore } from '../../data/store';
import { EmptyPage } from '../../kit/EmptyPage';
import { PageHead } from '../../kit/PageHead';
import { Problem } from '../../kit/Problem';
import { Progress } from '../../kit/Progress';
import { SampleButton } from '../../kit/paint/SampleButton';
import { prepareMatch, searchMatch, type MatchProgress } from './matchSearch';
import { useRemembered } from '../../kit/hooks/useRemembered';
import { useShelf } from '../../workers/useShelf';
import type { MatchQuestion } from './matchWork';
import { MatchOptions, firstOptions, type Options } from './MatchOptions';
import { MatchResults } from './MatchResults';
import { firstHex, TargetChoice } from './TargetChoice';
import { PageWait } from '../../kit/PageWait';
import './match.scss';

/** Finds the mixes from the shelf that come nearest to a colour. */
export default function MatchPage() {
  const { pots } = useShelf();
  const [target, setTarget] = useRemembered<SurfaceColour | null>('target', () =>
    colourOfHex(firstHex),
  );
  const [missing, setMissing] = useState('');
  const [options, setOptions] = useRemembered<Options>('options', () => firstOptions);
  const [progress, setProgress] = useRemembered<(MatchProgress & { target: SurfaceColour }) | null>(
    'found',
    () => null,
  );
  const [problem, setProblem] = useState<string | null>(null);
  const [isSearching, setIsSearching] = useState(false);
  const running = useRef<AbortController | null>(null);
  useEffect(() => () => running.current?.abort(), []);
  const store = useAppStore();
  useEffect(() => {
    // A failure here fails again in the search, and is shown there.
    if (pots) prepareMatch(store.getState()).catch(() => undefined);
  }, [pots, store]);
  if (!pots) return <PageWait title="Match a colour">Looking over the shelf …</PageWait>;
  const canMix = pots.some(({ kind }) => kind === 'paint' || kind === 'ink');
  if (!canMix)
    return (
      <div className="page">
        <PageHead title="Match a colour" />
        <EmptyPage
          shows="match"
          words="Here you find which mix from your shelf comes nearest to a colour. There is no paint on the shelf yet to mix from."
        >
          <SampleButton />
        </EmptyPage>
      </div>
    );

  const search = async (wanted: SurfaceColour) => {
    running.current?.abort();
    const controller = new AbortController();
    running.current = controller;
    const question: MatchQuestion = {
      target: wanted,
      mostPots: options.mostPots,
      mostParts: 6,
      atHandOnly: options.atHandOnly,
      withMetallics: options.withMetallics,
      over: options.overPotId ? { potId: options.overPotId, coats: options.coats } : null,
    };
    setProblem(null);
    setProgress(null);
    setIsSearching(true);
    try {
      await searchMatch(
        question,
        store.getState(),
        (now) => setProgress({ ...now, target: wanted }),
        controller.signal,
      );
    } catch (error) {
      setProblem(error instanceof Error ? error.message : String(error));
    }
    if (running.current === controller) setIsSearching(false);
  };

  return (
    <div className="page match-page">
      <PageHead title="Match a colour" />
      <TargetChoice
        pots={pots}
        target={target}
        onTarget={(chosen, lacks) => {
          setTarget(chosen);
          setMissing(lacks);
        }}
      />
      <MatchOptions pots={pots} options={options} onChange={setOptions} />
      <div className="flow">
        <ReasonButton
          variant="next"
          why={target ? null : missing}
          onClick={() => target && void search(target)}
        >
          Find the nearest mixes
        </ReasonButton>
        {isSearching && (
          <Button
            variant="outline"
            onClick={() => {
              running.current?.abort();
              setIsSearching(false);
            }}
          >
            Stop
          </Button>
        )}
        {isSearching && <Progress label="Search" now={progress?.done ?? 0} />}
      </div>
      {problem && <Problem>{problem}</Problem>}
      {progress && (
        <MatchResults
          target={progress.target}
          mixes={progress.mixes}
          prefersFewer={options.prefersFewer}
          models={options.models}
          pots={pots}
          isDone={!isSearching}
        />
      )}
    </div>
  );
}
