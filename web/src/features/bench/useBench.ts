import {
  forModels,
  type Army,
  type Bench,
  type Brushed,
  type CoatEntry,
  type Deviation,
  type LogEntry,
} from '@yellow-ledger/core';
import { useEffect, useEffectEvent, useState } from 'react';
import { entryHead } from '../../data/log/entryHead';
import { pageMonotonicClock } from '../../data/log/monotonicClock';
import { useAppStore } from '../../data/store';
import { useWriter } from '../../data/useWriter';
import { useStriking } from '../../kit/shell/useBenchUndo';
import { ofWhatIsPainted } from '../../workers/parts';
import { useAnswer } from '../../workers/useAnswer';
import type { BenchNow } from './benchWork';
import { useBenchLog } from './useBenchLog';
import { useTicking } from '../../kit/hooks/useTicking';

/** A second press sooner than this is the same press, ms. */
const onePressMs = 600;
/** So many times what is reckoned, and a little, is a telephone call and no slow hand. */
const longestShare = 4;
const longestMore = 15;

/** Everything the bench shows and does. */
export function useBench(bench: Bench, army: Army) {
  const writer = useWriter();
  const store = useAppStore();
  const striking = useStriking(bench.id);
  const log = useBenchLog(bench);
  const [taskKey, setTaskKey] = useState<string | null>(null);
  const ticking = useTicking();
  const { answer: view, problem } = useAnswer(
    ofWhatIsPainted,
    [bench, army, log.entries, taskKey, ticking.looks],
    (worker) => {
      const now = pageMonotonicClock.now();
      return worker
        .benchView({ bench, army, entries: log.entries, now, taskKey })
        .then((seen) => ({ ...seen, seenAt: now }));
    },
    log.isFetched,
  );
  const soonest = Math.min(
    view?.state.drying.at(0)?.ms ?? Infinity,
    view?.wet.at(0)?.ms ?? Infinity,
  );
  const dueAt = view && soonest < Infinity ? view.seenAt + soonest : null;
  const { lookAt } = ticking;
  useEffect(() => lookAt(dueAt), [lookAt, dueAt]);

  const [since, setSince] = useState<number | null>(() => pageMonotonicClock.now());
  const [lastPress, setLastPress] = useState({ at: 0, target: '' });
  /** Whether a press is one of its own: two models may be ticked off as fast as anybody can. */
  const counts = (target: string): boolean => {
    const at = pageMonotonicClock.now();
    const isSoon = at - lastPress.at < onePressMs;
    const isTick = (pressed: string) => pressed.startsWith('model');
    const isOther = isTick(target) && isTick(lastPress.target) && target !== lastPress.target;
    if (isSoon && !isOther) return false;
    setLastPress({ at, target });
    return true;
  };

  const write = (entries: LogEntry[]) => writer.append(entries);
  const head = () => entryHead(store.getState());

  /** A coat of what stands in the middle, on some of the models it is for. */
  const paint = (
    now: BenchNow,
    models: number[],
    more: Partial<CoatEntry> = {},
    pressed = 'done',
  ) => {
    if (models.length === 0 || !counts(pressed)) return;
    const at = pageMonotonicClock.now();
    const coat = forModels(now.coat, models);
    const taken = since === null ? null : (at - since) / 60_000;
    const isSteady = taken !== null && taken <= coat.reckoned * longestShare + longestMore;
    setSince(at);
    write([{ ...coat, ...head(), minutes: isSteady ? taken : null, ...more }]);
    if (models.length === now.task.models.length) setTaskKey(null);
  };

  /** The same, of one model that is ticked off by itself: the last of them is no “done”. */
  const tick = (now: BenchNow, model: number) => paint(now, [model], {}, `model ${model}`);

  /** The mix in the well for a line now, where it differs from the written one. */
  const mix = (now: BenchNow, brushed: Brushed, ml: number, differs: Deviation[]) => {
    const { recipeId, stepId, line } = now.coat;
    write([
      { kind: 'mixed', ...head(), benchId: bench.id, recipeId, stepId, line, brushed, ml, differs },
    ]);
  };

  /** Leaves a line out on the models in the middle. */
  const skip = (now: BenchNow) => {
    if (!counts('skip')) return;
    const { where, recipeId, version, stepId, line } = now.coat;
    write([{ kind: 'skip', ...head(), benchId: bench.id, where, recipeId, version, stepId, line }]);
    setTaskKey(null);
  };

  // Returning to the bench starts a new stretch of work.
  const cameBack = useEffectEvent(() => {
    if (document.visibilityState === 'visible') setSince(pageMonotonicClock.now());
  });
  useEffect(() => {
    const listener = () => cameBack();
    document.addEventListener('visibilitychange', listener);
    return () => document.removeEventListener('visibilitychange', listener);
  }, []);

  return {
    log,
    view,
    problem,
    now: ticking.now,
    head,
    write,
    takeBack: striking.undo,
    paint,
    tick,
    mix,
    skip,
    take: setTaskKey,
    setBackMs: pageMonotonicClock.setBackMs(),
  };
}

export type BenchHand = ReturnType<typeof useBench>;
