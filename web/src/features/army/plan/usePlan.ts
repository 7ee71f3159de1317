import {
  changedSince,
  type Army,
  type Batch,
  type MadeFrom,
  type Timetable,
} from '@yellow-ledger/core';
import * as Comlink from 'comlink';
import { useEffect, useEffectEvent, useRef, useState } from 'react';
import { useRecord } from '../../../data/useCollections';
import { useWriter } from '../../../data/useWriter';
import { ofWhatIsPainted } from '../../../workers/parts';
import { useAnswer } from '../../../workers/useAnswer';
import { useWorker } from '../../../workers/useWorker';
import type { PlanGround } from './planWork';

export interface Planning {
  /** the plan that is shown; null where none was made yet */
  timetable: Timetable | null;
  /** it is only looked at so far: nobody else sees it, and nothing is written */
  isLookedAt: boolean;
  ground: PlanGround | null;
  /** what changed since the shown plan was made */
  because: readonly string[];
  /** 0–1 while it plans; null when it does not */
  progress: number | null;
  problem: string | null;
  /** plans once more from how things stand */
  again: () => void;
  /** keeps the plan that is looked at, for everybody */
  keep: () => void;
  stop: () => void;
}

/** Debounce before planning again, ms. */
const debounceMs = 350;
const nothing: readonly string[] = [];
const thePlan = 'the plan';

const sameGround = (one: MadeFrom, other: MadeFrom) => changedSince(one, other).length === 0;

/**
 * The plan of a batch. One that was kept stands as it was promised until somebody asks for another,
 * or changes the plan's own settings; one that was not is worked out for who looks, the same for
 * everybody, and written only when it is kept.
 */
export function usePlan(army: Army, batch: Batch): Planning {
  const writer = useWriter();
  const worker = useWorker(ofWhatIsPainted);
  const kept = useRecord('timetables', batch.id);
  const { answer, problem: fault } = useAnswer(
    ofWhatIsPainted,
    [JSON.stringify([army.units, army.scheme, batch])],
    async (asked) => ({ of: batch.id, ground: await asked.planGround(army, batch) }),
  );
  const ground = answer?.of === batch.id ? answer.ground : null;
  const [found, setFound] = useState<Timetable | null>(null);
  const promised = kept?.content ?? null;
  const [progress, setProgress] = useState<number | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const running = useRef(0);
  const changed = promised && ground ? changedSince(promised.madeFrom, ground.madeFrom) : nothing;
  // A kept plan of other evenings or painters promises nothing any more.
  const isNeeded =
    kept !== undefined && ground !== null && (!promised || changed.includes(thePlan));
  // The same wish is not followed twice: a plan that could not be made is not tried over and over.
  const wish = isNeeded ? JSON.stringify(ground.madeFrom) : '';

  const search = useEffectEvent(async () => {
    const run = ++running.current;
    const isMine = () => run === running.current;
    setProgress(0);
    setProblem(null);
    try {
      const told = Comlink.proxy((done: number) => {
        if (isMine()) setProgress(done);
      });
      const planned = await worker().planBatch(army, batch, told, promised?.work);
      if (!planned || !isMine()) return;
      if ('problem' in planned) return setProblem(planned.problem);
      const next: Timetable = {
        id: batch.id,
        armyId: army.id,
        madeAt: new Date().toISOString(),
        madeFrom: planned.madeFrom,
        isThrough: planned.isThrough,
        work: planned.work,
      };
      setFound(next);
    } catch (error) {
      if (isMine())
        setProblem(error instanceof Error ? error.message : 'The plan did not come about.');
    } finally {
      if (isMine()) {
        // Progress comes by a port of its own, and the last of it may come after the answer.
        running.current++;
        setProgress(null);
      }
    }
  });
  useEffect(() => {
    if (wish === '') return;
    const timer = setTimeout(() => void search(), debounceMs);
    return () => clearTimeout(timer);
  }, [wish]);
  const stop = () => {
    running.current++;
    void worker().stopPlanning();
    setProgress(null);
  };
  const giveUp = useEffectEvent(stop);
  useEffect(() => () => giveUp(), []);

  const [asked, setAsked] = useState(0);
  useEffect(() => {
    if (asked === 0) return;
    const timer = setTimeout(() => void search());
    return () => clearTimeout(timer);
  }, [asked]);
  const isOfNow =
    found?.id === batch.id && ground !== null && sameGround(found.madeFrom, ground.madeFrom);
  const isLookedAt = isOfNow && promised?.madeAt !== found.madeAt;
  return {
    timetable: isOfNow ? found : isNeeded && promised ? null : promised,
    isLookedAt,
    ground,
    because: isOfNow ? nothing : changed,
    progress,
    problem: problem ?? fault,
    again: () => setAsked((count) => count + 1),
    keep: () => {
      if (found) writer.write('timetables', batch.id, found, { whenStale: 'theirs' });
    },
    stop,
  };
}
