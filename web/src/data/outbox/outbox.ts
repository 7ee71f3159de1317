import type { LogEntry } from '@yellow-ledger/core';
import type { Problem } from '../ask';
import type { LedgerStore } from '../rootState';
import { writingActions } from './writingSlice';

/** How a record and how entries are sent. @returns what keeps everything from being sent, or null */
interface Ways {
  record: (key: string) => Promise<Problem | null>;
  entries: (entries: readonly LogEntry[]) => Promise<Problem | null>;
}

const firstRetryMs = 1000;
const lastRetryMs = 30_000;
/** So many entries go together; the server takes up to 500. */
const mostAtOnce = 100;

/** Sends what waits one by one, in the order it was done, and again while the server is away. */
export class Outbox {
  private running: Promise<void> | null = null;
  private retryMs = firstRetryMs;
  private timer: ReturnType<typeof setTimeout> | undefined;
  private readonly restsUntil = new Map<string, number>();

  constructor(
    private readonly store: LedgerStore,
    private readonly send: Ways,
  ) {}

  /** Typing goes on: a record is not sent until it has rested so long, ms. */
  rest(key: string, restMs: number): void {
    if (restMs > 0) this.restsUntil.set(key, Date.now() + restMs);
    else this.restsUntil.delete(key);
  }

  /** Sends when what waits has rested; while the server is away only the retry does. */
  soon(): void {
    if (this.store.getState().writing.trouble || this.running) return;
    const until = Math.max(0, ...this.waiting().map(([key]) => this.restsUntil.get(key) ?? 0));
    clearTimeout(this.timer);
    this.timer = setTimeout(() => void this.run(), Math.max(0, until - Date.now()));
  }

  /** Sends without any more rest. @returns once all is there, or something is in the way */
  async now(): Promise<void> {
    this.restsUntil.clear();
    await this.run();
  }

  private run(): Promise<void> {
    this.running ??= this.sendAll().finally(() => {
      this.running = null;
      if (this.hasMore()) this.soon();
    });
    return this.running;
  }

  private hasMore(): boolean {
    return this.waiting().length > 0 || this.open().length > 0;
  }

  private async sendAll(): Promise<void> {
    clearTimeout(this.timer);
    for (let next = this.next(); next; next = this.next()) {
      const problem = await this.sendOne(next);
      if (problem) return this.retryLater(problem);
    }
    this.retryMs = firstRetryMs;
    if (this.store.getState().writing.trouble) this.store.dispatch(writingActions.troubled(null));
  }

  private async sendOne(next: { key: string } | { entries: LogEntry[] }): Promise<Problem | null> {
    try {
      return 'key' in next
        ? await this.send.record(next.key)
        : await this.send.entries(next.entries);
    } catch (fault) {
      // A fault of the page itself must not end the saving of everything else.
      console.error(fault);
      if ('key' in next)
        this.store.dispatch(writingActions.stands({ key: next.key, state: { is: 'waiting' } }));
      const message = 'Something went wrong on this page while saving. Load it again.';
      return { status: 0, code: 'page', message };
    }
  }

  private retryLater({ message }: Problem): void {
    const retryInSeconds = Math.round(this.retryMs / 1000);
    this.store.dispatch(writingActions.troubled({ message, retryInSeconds }));
    this.timer = setTimeout(() => void this.run(), this.retryMs);
    this.retryMs = Math.min(lastRetryMs, this.retryMs * 2);
  }

  private waiting() {
    return Object.entries(this.store.getState().writing.records)
      .filter(([, { state }]) => state.is === 'waiting')
      .sort(([, one], [, other]) => one.turn - other.turn);
  }

  private open() {
    return this.store.getState().writing.entries.filter(({ refused }) => refused === undefined);
  }

  /** The next thing to send, in the order things were done: a record, or entries that follow each other. */
  private next(): { key: string } | { entries: LogEntry[] } | null {
    const waiting = this.waiting();
    const open = this.open();
    const first = waiting.at(0);
    if (open.length > 0 && (!first || open[0].turn < first[1].turn)) {
      const before = open.filter(({ turn }) => !first || turn < first[1].turn);
      return { entries: before.slice(0, mostAtOnce).map(({ entry }) => entry) };
    }
    if (!first) return null;
    // A debounced write goes first only where something after it must not wait.
    const isDue = ([key]: (typeof waiting)[number]) =>
      (this.restsUntil.get(key) ?? 0) <= Date.now();
    if (!waiting.some(isDue) && open.length === 0) return null;
    this.restsUntil.delete(first[0]);
    return { key: first[0] };
  }
}
