import { nextOrder, type LogEntry } from '@yellow-ledger/core';
import { selectCollection } from '../ledgerData';
import type { RootState } from '../rootState';
import { painterHere } from './painterHere';
import { nextOrderOf } from './logIndex';
import { pageMonotonicClock } from './monotonicClock';

/** The head of the next entry: after all that is known, by the page's clock. */
export function entryHead(state: RootState, after: readonly LogEntry[] = []) {
  const by = painterHere.name();
  return {
    id: crypto.randomUUID(),
    at: new Date(pageMonotonicClock.now()).toISOString(),
    order: Math.max(nextOrderOf(known(state)), nextOrder(after)),
    ...(by && { by }),
  };
}

/** The log in hand; while it is not there, what is written here alone. */
const known = (state: RootState): readonly LogEntry[] =>
  selectCollection(state, 'log') ?? state.writing.entries.map(({ entry }) => entry);
