import {
  forModels,
  type Army,
  type Bench,
  type Brushed,
  type CoatEntry,
  type Deviation,
  type LogEntry,
} from '@yellow-ledger/core';
import { useEffect, useEffectEvent, useRef, useState } from 'react';
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
import { usePresses } from './signals/usePresses';

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
  const isPress = usePresses();
  /** Models that got the coat in the middle since the table was last seen: none of them gets it twice. */
  const inHand = useRef<{ view: unknown; models: Set<number> }>({ view: null, models: new Set() });

  const write = (entries: LogEntry[]) => writer.append(entries);
  const head = () => entryHead(store.getState());

  /**
   * A coat of what stands in the middle, on some of the models it is for. Where they still dry by the
   * clock, whoever paints them has felt that they are dry.
   */
  const paint = (
    now: BenchNow,
    wanted: number[],
    more: Partial<CoatEntry> = {},
    pressed = 'done',
  ) => {
    if (inHand.current.view !== view) inHand.current = { view, models: new Set() };
    const models = wanted.filter((model) => !inHand.current.models.has(model));
    if (models.length === 0 || !isPress(pressed)) return;
    models.forEach((model) => inHand.current.models.add(model));
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
    if (!isPress('mix')) return;
    const { recipeId, stepId, line } = now.coat;
    write([
      { kind: 'mixed', ...head(), benchId: bench.id, recipeId, stepId, line, brushed, ml, differs },
    ]);
  };

  /** Leaves a line out on the models in the middle. */
  const skip = (now: BenchNow) => {
    if (!isPress('skip')) return;
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
    takeBack: () => isPress('take back') && striking.undo(),
    isPress,
    paint,
    tick,
    mix,
    skip,
    take: setTaskKey,
    setBackMs: pageMonotonicClock.setBackMs(),
  };
}

export type BenchHand = ReturnType<typeof useBench>;
