import {
  entrySchema,
  inOrder,
  keptSchema,
  nextOrder,
  potSchema,
  standing,
  type LogEntry,
} from '@yellow-ledger/core';
import type { ThunkAction, UnknownAction } from '@reduxjs/toolkit';
import { z } from 'zod';
import { withPot } from '../ledgerApi';
import { ask, type Problem } from '../problem';
import type { RootState } from '../rootState';
import { logActions } from './logSlice';
import { outbox } from './outbox';
import { painterHere } from './painterHere';
import { pageClock } from './steadyClock';

type Thunk<Result = void> = ThunkAction<Result, RootState, unknown, UnknownAction>;

const appendedSchema = z.object({ pots: z.array(keptSchema(potSchema)) });
const itemsSchema = z.object({
  items: z.array(z.object({ sequence: z.number(), entry: entrySchema })),
});

/** So many go together; the server takes up to 500. */
const mostAtOnce = 100;
const firstRetryMs = 1000;
const lastRetryMs = 10_000;

let isSending = false;
let retryMs = firstRetryMs;
let retry: ReturnType<typeof setTimeout> | undefined;

/** The head of the next entry: after all that is known, by the page's clock. */
export function entryHead(known: readonly LogEntry[]) {
  const by = painterHere.name();
  return {
    id: crypto.randomUUID(),
    at: new Date(pageClock.now()).toISOString(),
    order: nextOrder(known),
    ...(by && { by }),
  };
}

/** Writes into the log: it counts at once, and goes to the server as soon as that answers. */
export function writeEntries(entries: LogEntry[]): Thunk {
  return (dispatch) => {
    entries.forEach((entry) => outbox.put(entry));
    dispatch(logActions.wrote(entries));
    void dispatch(sendUnsent());
  };
}

/** Sends what waits, in its order; goes on trying while the server does not answer. */
export function sendUnsent(): Thunk<Promise<void>> {
  return async (dispatch) => {
    if (isSending) return;
    isSending = true;
    clearTimeout(retry);
    try {
      for (let waiting = outbox.all(); waiting.length > 0; waiting = outbox.all()) {
        const problem = await dispatch(send(waiting.slice(0, mostAtOnce)));
        const isOffline = problem !== null && isAway(problem);
        dispatch(logActions.sending({ unsent: outbox.all().length, isOffline }));
        if (!isOffline) continue;
        retry = setTimeout(() => void dispatch(sendUnsent()), retryMs);
        retryMs = Math.min(lastRetryMs, retryMs * 2);
        return;
      }
      retryMs = firstRetryMs;
      dispatch(logActions.sending({ unsent: 0, isOffline: false }));
    } finally {
      isSending = false;
    }
  };
}

/** @returns what went wrong, after putting aside what can never be written; null when all is there */
function send(entries: LogEntry[]): Thunk<Promise<Problem | null>> {
  return async (dispatch) => {
    const body = JSON.stringify({ entries });
    const answer = await ask('/api/log', { method: 'POST', body });
    if ('data' in answer) {
      entries.forEach(({ id }) => outbox.remove(id));
      const read = appendedSchema.safeParse(answer.data);
      if (read.success) read.data.pots.forEach((pot) => dispatch(withPot(pot)));
      return null;
    }
    if (isAway(answer.error)) return answer.error;
    if (entries.length > 1) {
      // One of them is refused: the others are not to wait for it.
      for (const entry of entries) {
        const problem = await dispatch(send([entry]));
        if (problem && isAway(problem)) return problem;
      }
      return null;
    }
    outbox.remove(entries[0].id);
    dispatch(logActions.refused({ entry: entries[0], why: answer.error.message }));
    return answer.error;
  };
}

/** No answer, or the server's own fault: trying again later helps. */
const isAway = ({ status }: Problem) => status === 0 || status >= 500;

/**
 * Opens the log of a bench: first what was not sent, then what the server has.
 *
 * @param armyId what other benches did to the same army is known too
 */
export function openLog(benchId: string, armyId?: string): Thunk<Promise<void>> {
  return async (dispatch, getState) => {
    if (getState().log.benchId !== benchId)
      dispatch(logActions.opened({ benchId, unsent: outbox.all() }));
    await dispatch(fetchNewer(benchId, armyId));
  };
}

/** What others have written since. */
export function fetchNewer(benchId: string, armyId?: string): Thunk<Promise<void>> {
  return async (dispatch, getState) => {
    const { sequence } = getState().log;
    const ofArmy = armyId === undefined ? '' : `&army=${encodeURIComponent(armyId)}`;
    const answer = await ask(
      `/api/log?bench=${encodeURIComponent(benchId)}&after=${sequence}${ofArmy}`,
    );
    const read = 'data' in answer ? itemsSchema.safeParse(answer.data) : null;
    if (read?.success) dispatch(logActions.received({ benchId, items: read.data.items }));
    else if ('error' in answer && isAway(answer.error))
      dispatch(logActions.sending({ unsent: outbox.all().length, isOffline: true }));
  };
}

/** Strikes out the last entry of the open bench that counts. */
export function takeBack(): Thunk {
  return (dispatch, getState) => {
    const { benchId, entries } = getState().log;
    const last = standing(entries).findLast((entry) => entry.benchId === benchId);
    if (last) dispatch(strike(last.id));
  };
}

/** Strikes out the last strike, where nothing was written after it. */
export function bringBack(): Thunk {
  return (dispatch, getState) => {
    const { benchId, entries } = getState().log;
    const here = entries.filter((entry) => entry.benchId === benchId);
    const last = here.sort(inOrder).at(-1);
    if (last?.kind === 'strike') dispatch(strike(last.id));
  };
}

function strike(of: string): Thunk {
  return (dispatch, getState) => {
    const { benchId, entries } = getState().log;
    if (benchId !== null)
      dispatch(writeEntries([{ kind: 'strike', ...entryHead(entries), benchId, of }]));
  };
}
