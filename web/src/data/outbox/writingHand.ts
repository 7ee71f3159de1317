import type { AnyRecord, LogEntry, ResourceName } from '@yellow-ledger/core';
import type { Asked } from '../ask';
import type { LedgerStore } from '../rootState';
import type { WriteJournal } from './writeJournal';
import type { PendingRecord, WhenStale } from './writingSlice';

export interface HowToWrite {
  /** what to do when somebody else has written the same; bring both together unless said otherwise */
  whenStale?: WhenStale;
  /** typing goes on: nothing is sent until it has rested so long, ms */
  restMs?: number;
}

/** The parts of the writer that the outbox and undo need. */
export interface WritingHand {
  readonly store: LedgerStore;
  readonly ask: Asked;
  readonly keeping: WriteJournal;
  write(name: ResourceName, id: string, mine: AnyRecord | null, how?: HowToWrite): void;
  append(entries: readonly LogEntry[]): void;
  notice(message: string): void;
  pending(key: string): PendingRecord | undefined;
  shown(name: ResourceName, id: string): AnyRecord | null;
  drop(key: string): void;
  dropEntries(ids: string[]): void;
}
