import { changedSince, type Army, type Batch, type Timetable } from '@yellow-ledger/core';
import * as Comlink from 'comlink';
import { useEffect, useEffectEvent, useRef, useState } from 'react';
import { useRecord } from '../../../data/useCollections';
import { useWriter } from '../../../data/useWriter';
import { ofWhatIsPainted } from '../../../workers/parts';
import { useAnswer } from '../../../workers/useAnswer';
import { useWorker } from '../../../workers/useWorker';
import type { PlanGround } from './planWork';

export interface Planning {
  /** the plan that was made; null where none was yet */
  timetable: Timetable | null;
  ground: PlanGround | null;
  /** what had changed, so that it was made anew */
  because: readonly string[];
  /** 0–1 while it plans; null when it does not */
  progress: number | null;
  problem: string | null;
  again: () => void;
  stop: () => void;
}

/** Debounce before planning again, ms. */
const debounceMs = 350;
const nothing: readonly string[] = [];

/**
 * The plan of a batch. It is made once and kept, so that everybody sees the same one; it is made
 * anew when somebody asks, or when what it was made from has changed.
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
  const timetable = kept?.content ?? null;
  const [progress, setProgress] = useState<number | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const [because, setBecause] = useState(nothing);
  const running = useRef(0);
  const changed = timetable && ground ? changedSince(timetable.madeFrom, ground.madeFrom) : nothing;
  const isNeeded = kept !== undefined && ground !== null && (!timetable || changed.length > 0);
  // The same wish is not followed twice: a plan that could not be made is not tried over and over.
  const wish = isNeeded ? JSON.stringify(ground.madeFrom) : '';

  const search = useEffectEvent(async (why: readonly string[]) => {
    const run = ++running.current;
    const isMine = () => run === running.current;
    setProgress(0);
    setProblem(null);
    try {
      const told = Comlink.proxy((done: number) => {
        if (isMine()) setProgress(done);
      });
      const planned = await worker().planBatch(army, batch, told);
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
      setBecause(why);
      writer.write('timetables', batch.id, next, { whenStale: 'theirs' });
    } catch (error) {
      if (isMine())
        setProblem(error instanceof Error ? error.message : 'The plan did not come about.');
    } finally {
      if (isMine()) setProgress(null);
    }
  });
  useEffect(() => {
    if (wish === '') return;
    const timer = setTimeout(() => void search(changed), debounceMs);
    return () => clearTimeout(timer);
    // `wish` says everything that a plan is made from.
    // eslint-disable-next-line react-hooks/exhaustive-deps
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
    const timer = setTimeout(() => void search(nothing));
    return () => clearTimeout(timer);
  }, [asked]);
  return {
    timetable,
    ground,
    because,
    progress,
    problem: problem ?? fault,
    again: () => setAsked((count) => count + 1),
    stop,
  };
}
