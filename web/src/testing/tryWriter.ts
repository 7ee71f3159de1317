import {
  resourceNames,
  type AnyRecord,
  type Kept,
  type LogEntry,
  type ResourceName,
} from '@yellow-ledger/core';
import type { Asked, Problem } from '../data/ask';
import { ledgerApi } from '../data/ledgerApi';
import { openLedger } from '../data/store';
import type { SafeStore } from '../data/outbox/safeStore';
import { recordKey } from '../data/outbox/writingSlice';
import { savedAt } from './inHand';

type Answer = Awaited<ReturnType<Asked>>;
type Interrupt = (path: string, init: RequestInit) => Answer | Promise<Answer> | null;

export const trouble = (status: number, code = 'trouble', current?: unknown): Answer => ({
  error: { status, code, message: `Trouble ${status}.`, current } satisfies Problem,
});

/** An entry of the log that draws no paint. */
export const entryOf = (id: string, order = 0): LogEntry => ({
  kind: 'learned',
  id,
  benchId: 'bench',
  at: savedAt,
  order,
  what: 'film',
  factor: 1.2,
  readings: 4,
  before: 4,
  after: 2,
});

/** A ledger's server in memory that keeps revisions as the real one does. */
export class FakeServer {
  readonly records = new Map<string, Kept<AnyRecord>>();
  readonly log: { id: string }[] = [];
  /** what was asked, in its order */
  readonly asked: string[] = [];
  /** answers in the server's place; null lets it answer */
  interrupt: Interrupt = () => null;

  readonly ask: Asked = async (path, init = {}) => {
    this.asked.push(`${init.method} ${path}`);
    await Promise.resolve();
    return (await this.interrupt(path, init)) ?? this.answer(path, init);
  };

  put(name: ResourceName, content: AnyRecord): Kept<AnyRecord> {
    const key = recordKey(name, content.id);
    const revision = (this.records.get(key)?.revision ?? 0) + 1;
    const kept = { content, revision, savedAt };
    this.records.set(key, kept);
    return kept;
  }

  content(name: ResourceName, id: string): AnyRecord | undefined {
    return this.records.get(recordKey(name, id))?.content;
  }

  private answer(path: string, { method, body }: RequestInit): Answer {
    const sent = body ? (JSON.parse(body as string) as Record<string, unknown>) : {};
    if (path === '/api/log') {
      const known = new Set(this.log.map(({ id }) => id));
      this.log.push(...(sent.entries as { id: string }[]).filter(({ id }) => !known.has(id)));
      return { data: { pots: [] } };
    }
    const [, name, id, revision] = /^\/api\/(\w+)\/([^?]+)(?:\?revision=(\d+))?$/.exec(path)!;
    const key = recordKey(name as ResourceName, decodeURIComponent(id));
    const current = this.records.get(key);
    const madeFrom = Number(method === 'DELETE' ? revision : sent.revision);
    if (madeFrom !== (current?.revision ?? 0)) return trouble(409, 'stale', current);
    if (method === 'DELETE') {
      this.records.delete(key);
      return { data: null };
    }
    return { data: this.put(name as ResourceName, sent.content as AnyRecord) };
  }
}

/** A browser's store in memory, which other pages of the browser share. */
export class FakeSafe implements SafeStore {
  readonly kept = new Map<string, unknown>();
  isFull = false;

  set = async (key: string, value: unknown) => {
    await Promise.resolve();
    if (this.isFull) throw new DOMException('No room.', 'QuotaExceededError');
    this.kept.set(key, structuredClone(value));
  };
  del = async (key: string) => {
    await Promise.resolve();
    this.kept.delete(key);
  };
  all = async () => {
    await Promise.resolve();
    if (this.isFull) throw new DOMException('Forbidden.', 'SecurityError');
    return [...this.kept];
  };
}

/** A page with all of a server's records in hand. */
export async function openPage(server: FakeServer, safe = new FakeSafe()) {
  const { store, writer } = openLedger(server.ask, safe);
  const notices: string[] = [];
  writer.onNotice((message) => notices.push(message));
  for (const name of resourceNames) {
    const items = [...server.records].flatMap(([key, kept]) =>
      key.startsWith(`${name} `) ? [kept] : [],
    );
    await store.dispatch(ledgerApi.util.upsertQueryData('records', name, items));
  }
  await store.dispatch(ledgerApi.util.upsertQueryData('versions', undefined, []));
  await store.dispatch(
    ledgerApi.util.upsertQueryData('log', undefined, { entries: [], sequence: 0 }),
  );
  const writing = () => store.getState().writing;
  return { store, writer, notices, writing, safe };
}
