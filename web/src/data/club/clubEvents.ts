import { entrySchema, resourceNames, type LogEntry, type ResourceName } from '@yellow-ledger/core';
import { z } from 'zod';

const changeSchema = z.object({
  kind: z.string(),
  /** not said of what this member may not see any more */
  id: z.string().optional(),
  isOfOwner: z.boolean().optional(),
});
const newsSchema = z.object({
  changes: z.array(changeSchema),
  entries: z.array(z.object({ sequence: z.number(), entry: entrySchema })),
});

export type ClubEvent = z.infer<typeof newsSchema>;

/** Reactions to the changes of others. */
export interface EventSubscriber {
  entries: (items: { sequence: number; entry: LogEntry }[]) => void;
  /** Records of a kind that are not what they were; null: any of them. */
  records: (kind: ResourceName, ids: readonly string[] | null) => void;
  /** Something of the club, or versions, by the name it has in the news. */
  others: (kind: string) => void;
  /** Everything fetched before may be out of date. */
  anew: () => void;
  /** This device is not in any more. */
  out: () => void;
}

/** Events that come close together are handled together, ms. */
const gatheredMs = 120;
/** Of so many records of a kind each is fetched by itself. */
const mostByThemselves = 8;
const firstRetryMs = 1000;
const lastRetryMs = 30_000;

/** A message of the one page of a browser that listens, to the others. */
interface Passed {
  event: string;
  id: string;
  data: string;
}

/**
 * Hears what happens in a club. Of the pages of a browser one listens to the server and passes on to
 * the others what it hears; when it is closed another goes on from where it was told.
 */
export class ClubEvents {
  private told: string | null = null;
  private retryMs = firstRetryMs;
  /** by kind; null: any of it */
  private readonly changed = new Map<string, Set<string> | null>();
  private timer: ReturnType<typeof setTimeout> | undefined;
  private readonly name: string;
  private readonly pages: BroadcastChannel;
  private source: EventSource | null = null;

  /** @param memberId whose pages pass on to each other: what one is told is not for another */
  constructor(
    private readonly taker: EventSubscriber,
    memberId: string,
  ) {
    this.name = `yellow-ledger.news ${memberId}`;
    this.pages = new BroadcastChannel(this.name);
  }

  /** Begins to listen, and goes on as long as the page is there. */
  begin(): void {
    this.pages.onmessage = ({ data }: MessageEvent<Passed>) => this.take(data);
    const { locks } = navigator;
    // A browser without locks listens on every page.
    if (locks as LockManager | undefined)
      void locks.request(this.name, () => new Promise<never>(() => this.listen()));
    else this.listen();
    // Back from the background, a phone may have lost the stream without noticing.
    document.addEventListener('visibilitychange', () => {
      if (document.visibilityState === 'visible' && this.source?.readyState === EventSource.CLOSED)
        this.listen();
    });
  }

  private listen(): void {
    this.source?.close();
    const after = this.told === null ? '' : `?after=${this.told}`;
    const source = new EventSource(`/api/club/events${after}`);
    this.source = source;
    for (const event of ['hello', 'anew', 'news', 'out'])
      source.addEventListener(event, ({ data, lastEventId }: MessageEvent<string>) => {
        this.retryMs = firstRetryMs;
        const passed = { event, id: lastEventId, data };
        this.pages.postMessage(passed);
        this.take(passed);
      });
    source.onerror = () => {
      // A stream that was cut off is asked for again from where it was told; by ourselves, so that
      // one that is refused is tried again too.
      source.close();
      setTimeout(() => this.listen(), this.retryMs);
      this.retryMs = Math.min(lastRetryMs, this.retryMs * 2);
    };
  }

  /** @param passed as it came from the server, to this page or another of the browser */
  take({ event, id, data }: Passed): void {
    const isFirst = this.told === null;
    this.told = id;
    if (event === 'out') {
      this.source?.close();
      this.taker.out();
    } else if (event === 'anew' || (event === 'hello' && isFirst)) this.taker.anew();
    else if (event === 'news') this.news(JSON.parse(data));
  }

  private news(data: unknown): void {
    const read = newsSchema.safeParse(data);
    // Written by a newer release than this page is of: it fetches what it can read.
    if (!read.success) return this.taker.anew();
    const { entries, changes } = read.data;
    if (entries.length > 0) this.taker.entries(entries);
    for (const { kind, id, isOfOwner } of changes) {
      this.gather(kind, id);
      if (isOfOwner) this.gather('owners', id);
    }
  }

  private gather(kind: string, id: string | undefined): void {
    const before = this.changed.get(kind);
    const isAny = id === undefined || before === null;
    this.changed.set(kind, isAny ? null : (before ?? new Set()).add(id));
    this.timer ??= setTimeout(() => {
      this.timer = undefined;
      const changed = [...this.changed];
      this.changed.clear();
      for (const [of, ids] of changed) {
        const name = resourceNames.find((each) => each === of);
        const isMany = ids === null || ids.size > mostByThemselves;
        if (name) this.taker.records(name, isMany ? null : [...ids]);
        else this.taker.others(of);
      }
    }, gatheredMs);
  }
}
