import type { LogEntry } from '@yellow-ledger/core';
import type { RootState } from '../rootState';
import { entryHead } from './entryHead';

/** Entries that strike out others, each of them. */
export function strikesOf(state: RootState, entries: readonly LogEntry[]): LogEntry[] {
  const strikes: LogEntry[] = [];
  for (const { id, benchId } of entries)
    strikes.push({ kind: 'strike', ...entryHead(state, strikes), benchId, of: id });
  return strikes;
}
