import {
  isSameContent,
  type AnyRecord,
  type ContentOf,
  type LogEntry,
  type ResourceName,
} from '@yellow-ledger/core';
import type { Asked, Problem } from '../ask';
import { undoActions, type UndoStep, type RecordChange } from '../undo/undoSlice';
import { redoneBy, undoneBy } from '../undo/undoing';
import { cachedRecord, shownRecord } from '../ledgerData';
import type { LedgerStore } from '../rootState';
import { WriteJournal } from './writeJournal';
import type { SafeStore } from './safeStore';
import { sendEntries } from './sendEntries';
import { Outbox } from './outbox';
import type { HowToWrite, WritingHand } from './writingHand';
import { sendRecord } from './sendRecord';
import { recordKey, writingActions, type LeftBehind, type PendingRecord } from './writingSlice';

/** Reasons a club refuses a write. */
export interface Refusals {
  toWrite: (name: ResourceName, id: string, record: AnyRecord | null) => string | null;
  toLog: (entries: readonly LogEntry[]) => string | null;
}

const freely: Refusals = { toWrite: () => null, toLog: () => null };

/**
 * The one way anything is written: it shows at once, goes to the server in the order it was done,
 * is kept in the browser until that has it, is brought together with what others wrote, and can be
 * undone. Nothing leaves the queue but by the ledger’s own answer, or because somebody says so.
 */
export class Writer implements WritingHand {
  readonly keeping: WriteJournal;
  private readonly sending: Outbox;
  private turn = 0;
  private readonly listeners = new Set<(message: string) => void>();

  constructor(
    readonly store: LedgerStore,
    readonly ask: Asked,
    safe: SafeStore,
    /** why something may not be written, in a sentence; null where it may */
    private readonly refusals: Refusals = freely,
  ) {
    this.keeping = new WriteJournal(safe, () => store.dispatch(writingActions.unkept()));
    this.sending = new Outbox(store, {
      record: (key) => sendRecord(this, key),
      entries: (entries) => sendEntries(this, entries),
    });
  }

  /** Goes on with what pages that are gone have left. */
  async takeOver(): Promise<void> {
    await this.keeping.takeOver((left) => this.take(left));
  }

  /** Tells whoever listens, in a sentence. @returns ends the listening */
  onNotice(listener: (message: string) => void): () => void {
    this.listeners.add(listener);
    return () => this.listeners.delete(listener);
  }

  notice(message: string): void {
    this.listeners.forEach((listener) => listener(message));
  }

  /**
   * Writes a record as it is to be; null deletes it.
   *
   * @param mine shows at once
   */
  write(
    name: ResourceName,
    id: string,
    mine: AnyRecord | null,
    { whenStale = 'merge', restMs = 0 }: HowToWrite = {},
  ): void {
    // Writes that no press made are refused without a message.
    if (this.isRefused(this.refusals.toWrite(name, id, mine), whenStale !== 'theirs')) return;
    const key = recordKey(name, id);
    const before = this.pending(key);
    const base = before ? before.base : cachedRecord(this.store.getState(), name, id);
    const isSending = before?.state.is === 'sending';
    if (!isSending && before?.state.is !== 'stale' && isSameContent(base?.content ?? null, mine))
      return this.drop(key);
    const isHeld = before?.state.is === 'stale' || isSending;
    const pending: PendingRecord = {
      name,
      id,
      base,
      mine,
      turn: before?.turn ?? this.turn++,
      whenStale: before?.whenStale === 'ask' ? 'ask' : whenStale,
      unanswered: before?.unanswered ?? [],
      state: isHeld ? before.state : { is: 'waiting' },
    };
    this.store.dispatch(writingActions.put(pending));
    this.keeping.record(pending);
    this.sending.rest(key, restMs);
    this.sending.soon();
  }

  /** Writes into the log: it counts at once. */
  append(entries: readonly LogEntry[]): void {
    if (this.isRefused(this.refusals.toLog(entries))) return;
    const pending = entries.map((entry) => ({ entry, turn: this.turn++ }));
    this.store.dispatch(writingActions.appended(pending));
    pending.forEach((each) => this.keeping.entry(each));
    this.sending.soon();
  }

  /** Does something, as one thing to undo. @param within see `deedsSlice` */
  do(
    label: string,
    { records = [], entries = [] }: { records?: RecordChange[]; entries?: LogEntry[] },
    {
      of = crypto.randomUUID(),
      scope = null,
      within = Infinity,
      ...how
    }: HowToWrite & { of?: string; scope?: string | null; within?: number } = {},
  ): void {
    const refusals = records.map(({ name, before, after }) =>
      this.refusals.toWrite(name, (after ?? before)?.id ?? '', after),
    );
    const refusal = refusals.find((each) => each !== null) ?? this.refusals.toLog(entries);
    if (this.isRefused(refusal)) return;
    const deed: UndoStep = { label, of, at: Date.now(), scope, records, entries };
    this.store.dispatch(undoActions.done({ deed, within }));
    records.forEach(({ name, before, after }) =>
      this.write(name, (after ?? before)?.id ?? '', after, how),
    );
    if (entries.length > 0) this.append(entries);
  }

  /** Changes a record from what it shows now, as one thing to undo; nothing where it is gone. */
  change<Name extends ResourceName>(
    name: Name,
    id: string,
    label: string,
    next: (now: ContentOf<Name>) => ContentOf<Name>,
    how: Parameters<Writer['do']>[2] = {},
  ): void {
    const before = this.shown(name, id) as ContentOf<Name> | null;
    if (before) this.do(label, { records: [{ name, before, after: next(before) }] }, how);
  }

  /** Writes a new record, as one thing to undo. */
  create<Name extends ResourceName>(name: Name, label: string, content: ContentOf<Name>): void {
    this.do(label, { records: [{ name, before: null, after: content }] });
  }

  /** Undoes the last deed of a scope. @returns it; null where there is none */
  undo(scope: string | null): UndoStep | null {
    return undoneBy(this, scope);
  }

  redo(scope: string | null): UndoStep | null {
    return redoneBy(this, scope);
  }

  /** Sends what waits, without any more rest. @returns once all is there, or something is in the way */
  async flush(): Promise<void> {
    await this.sending.now();
  }

  /** Settles once a record is on the server as it shows. @returns what is in the way, or null */
  async settled(name: ResourceName, id: string): Promise<Pick<Problem, 'message'> | null> {
    await this.flush();
    const pending = this.pending(recordKey(name, id));
    if (!pending) return null;
    const { trouble } = this.store.getState().writing;
    if ('message' in pending.state) return pending.state;
    return trouble ?? { message: 'It was changed elsewhere; choose first what is to stand.' };
  }

  /** Settles a stale record: what is to stand, over what the server has now. */
  settle(name: ResourceName, id: string, mine: AnyRecord | null): void {
    const key = recordKey(name, id);
    const before = this.pending(key);
    if (before?.state.is !== 'stale') return;
    const base = before.state.theirs;
    if (isSameContent(base?.content ?? null, mine)) return this.drop(key);
    const pending: PendingRecord = { ...before, base, mine, state: { is: 'waiting' } };
    this.store.dispatch(writingActions.put(pending));
    this.keeping.record(pending);
    this.sending.soon();
  }

  /** Tries once more what was refused, as it is. */
  tryAgain(): void {
    const { records, entries } = this.store.getState().writing;
    for (const [key, { state, name, id, mine }] of Object.entries(records)) {
      if (state.is === 'stale' && state.theirs === null) this.settle(name, id, mine);
      if (state.is === 'refused')
        this.store.dispatch(writingActions.stands({ key, state: { is: 'waiting' } }));
    }
    for (const { entry, refused } of entries)
      if (refused !== undefined)
        this.store.dispatch(writingActions.entryRefused({ id: entry.id, why: null }));
    void this.sending.now();
  }

  /** Lets go of what was written here: the record shows as the server has it. */
  drop(key: string): void {
    const pending = this.pending(key);
    if (!pending) return;
    this.store.dispatch(writingActions.removed(key));
    this.sending.rest(key, 0);
    this.keeping.forgetRecord(pending.name, pending.id);
  }

  dropEntries(ids: string[]): void {
    this.store.dispatch(writingActions.entriesGone(ids));
    ids.forEach((id) => this.keeping.forgetEntry(id));
  }

  pending(key: string): PendingRecord | undefined {
    return this.store.getState().writing.records[key] as PendingRecord | undefined;
  }

  shown(name: ResourceName, id: string): AnyRecord | null {
    return shownRecord(this.store.getState(), name, id);
  }

  /** Says why not, where that is so. */
  private isRefused(refusal: string | null, isTold = true): boolean {
    if (refusal !== null && isTold) this.notice(refusal);
    return refusal !== null;
  }

  private take({ records, entries }: LeftBehind): void {
    for (const left of records) {
      const key = recordKey(left.name, left.id);
      // A write made on this page since is newer.
      if (this.pending(key)) continue;
      const pending = { ...left, turn: this.turn++, state: { is: 'waiting' } as const };
      this.store.dispatch(writingActions.put(pending));
      this.keeping.record(pending);
    }
    const known = new Set(this.store.getState().writing.entries.map(({ entry }) => entry.id));
    const fresh = entries
      .filter(({ entry }) => !known.has(entry.id))
      .sort((one, other) => one.entry.order - other.entry.order)
      .map((each) => ({ ...each, turn: this.turn++ }));
    this.store.dispatch(writingActions.appended(fresh));
    fresh.forEach((each) => this.keeping.entry(each));
    this.sending.soon();
  }
}
