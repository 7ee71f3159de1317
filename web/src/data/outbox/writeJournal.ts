import {
  entrySchema,
  keptSchema,
  resourceNames,
  resources,
  type AnyRecord,
} from '@yellow-ledger/core';
import { z } from 'zod';
import { legacyWaiting } from './legacyWaiting';
import type { SafeStore } from './safeStore';
import type { LeftBehind, PendingEntry, PendingRecord } from './writingSlice';

const anyRecord = z.union(
  resourceNames.map((name) => resources[name].schema),
) as z.ZodType<AnyRecord>;
const recordSchema = z.object({
  name: z.enum(resourceNames),
  id: z.string(),
  base: keptSchema(anyRecord).nullable(),
  mine: anyRecord.nullable(),
  whenStale: z.enum(['merge', 'ask', 'theirs']),
  unanswered: z.array(anyRecord),
});
const keptEntrySchema = z.object({ entry: entrySchema, refused: z.string().optional() });

/**
 * Keeps what waits in the browser, under the name of its page: two pages never write over each
 * other's, and what a closed one has left is taken over by the next.
 */
export class WriteJournal {
  private readonly page = crypto.randomUUID();

  constructor(
    private readonly store: SafeStore,
    /** told once the browser refuses to keep something */
    private readonly onRefused: () => void,
  ) {}

  record({ name, id, base, mine, whenStale, unanswered }: PendingRecord): void {
    this.set(`record ${name} ${id}`, { name, id, base, mine, whenStale, unanswered });
  }

  entry({ entry, refused }: Omit<PendingEntry, 'turn'>): void {
    this.set(`entry ${entry.id}`, { entry, ...(refused !== undefined && { refused }) });
  }

  forgetRecord(name: string, id: string): void {
    this.del(`record ${name} ${id}`);
  }

  forgetEntry(id: string): void {
    this.del(`entry ${id}`);
  }

  /**
   * Hands over what pages that are gone have left, at once and whenever another goes.
   *
   * @returns once everything of pages that were gone already is handed over
   */
  async takeOver(take: (left: LeftBehind) => void): Promise<void> {
    if (navigator.locks)
      void navigator.locks.request(lockOf(this.page), () => new Promise(() => undefined));
    const legacy = legacyWaiting();
    if (legacy.records.length + legacy.entries.length > 0) take(legacy);
    const all = await this.store.all().catch(() => {
      this.onRefused();
      return [];
    });
    const pages = new Set(
      all.map(([key]) => key.split(' ')[0]).filter((page) => page !== this.page),
    );
    const held = navigator.locks
      ? new Set((await navigator.locks.query()).held?.map(({ name }) => name))
      : new Set<string>();
    for (const page of pages) {
      if (!held.has(lockOf(page))) await this.takeFrom(page, take);
      else void navigator.locks.request(lockOf(page), () => this.takeFrom(page, take));
    }
  }

  private async takeFrom(page: string, take: (left: LeftBehind) => void): Promise<void> {
    const all = (await this.store.all()).filter(([key]) => key.startsWith(`${page} `));
    const left: LeftBehind = { records: [], entries: [] };
    for (const [, value] of all) {
      const record = recordSchema.safeParse(value);
      const entry = keptEntrySchema.safeParse(value);
      // An unreadable entry was written by a newer page, and stays for it.
      if (record.success) left.records.push(record.data);
      else if (entry.success) left.entries.push(entry.data);
    }
    // It is kept under this page's name before it goes from under the other's.
    take(left);
    for (const [key, value] of all)
      if (recordSchema.safeParse(value).success || keptEntrySchema.safeParse(value).success)
        await this.store.del(key);
  }

  private set(key: string, value: unknown): void {
    this.store.set(`${this.page} ${key}`, value).catch(this.onRefused);
  }

  private del(key: string): void {
    // An entry left behind is sent once more by the next page, which changes nothing.
    this.store.del(`${this.page} ${key}`).catch(() => undefined);
  }
}

const lockOf = (page: string) => `yellow-ledger page ${page}`;
