import type { Response } from 'express';
import type { Club } from '../club';
import type { Who } from '../who';
import type { OpaqueId } from '../../open/opaqueIds';
import { newsFor, noNews } from './newsFor';
import { isFullPage, toldBy, type News, type NewsStore, type Told } from './newsStore';

/** Streams that stand open at most: for one device, and for one address with a whole club behind it. */
const mostOfDevice = 8;
const mostOfAddress = 120;
/** A sign of life goes out so often, so that nothing between takes the stream for dead, ms. */
const beatMs = 15_000;
/** A stream that takes nothing for so many signs of life is ended; its page connects again. */
const mostBeatsUnread = 8;

interface Stream {
  response: Response;
  token: string;
  address: string;
  deviceId: string;
  who: Who;
  told: Told;
  /** signs of life since it last took what was sent; null while it takes everything */
  beatsUnread: number | null;
}

/** Tells everybody who listens what happens, each what they may see. */
export class EventHub {
  private readonly streams = new Set<Stream>();
  private looking: Promise<void> | null = null;
  private isToLookAgain = false;
  private readonly beat = setInterval(() => this.check(), beatMs);

  constructor(
    private readonly news: NewsStore,
    private readonly club: Pick<Club, 'who'>,
    private readonly opaque: () => Promise<OpaqueId>,
  ) {
    this.beat.unref();
  }

  /** How many listen. */
  get listening(): number {
    return this.streams.size;
  }

  /** @returns whether one more is too many */
  isFull(address: string, deviceId: string): boolean {
    const all = [...this.streams];
    return (
      all.filter((each) => each.deviceId === deviceId).length >= mostOfDevice ||
      all.filter((each) => each.address === address).length >= mostOfAddress
    );
  }

  /**
   * Tells somebody from now on.
   *
   * @param after how far they have been told; null for who has only just read everything
   */
  async listen(
    response: Response,
    { token, address, who }: Pick<Stream, 'token' | 'address' | 'who'>,
    after: Told | null,
  ): Promise<void> {
    response.status(200).set({
      'Content-Type': 'text/event-stream',
      // Nothing on the way keeps it, or keeps it back until there is more of it.
      'Cache-Control': 'no-store, no-transform',
      'X-Accel-Buffering': 'no',
    });
    response.flushHeaders();
    const last = await this.news.last();
    const isOfAnother = after && (after.change > last.change || after.entry > last.entry);
    const begin = after && !isOfAnother ? after : last;
    // The page holds data of another ledger than this is now, or of before a backup.
    const stream: Stream = {
      response,
      token,
      address,
      deviceId: who.device.id,
      who,
      told: begin,
      beatsUnread: null,
    };
    this.streams.add(stream);
    this.write(stream, isOfAnother ? 'anew' : 'hello', '{}');
    response.once('close', () => this.streams.delete(stream));
    this.look();
  }

  /** Something may have happened: whoever has not been told of it is. */
  look(): void {
    if (this.looking) {
      this.isToLookAgain = true;
      return;
    }
    this.looking = this.tell()
      // The ledger is just being closed, and the streams with it.
      .catch(() => undefined)
      .then(() => {
        this.looking = null;
        if (!this.isToLookAgain) return;
        this.isToLookAgain = false;
        this.look();
      });
  }

  /** Ends the streams of whoever is logged out, and of pages that have stopped reading. */
  check(): void {
    for (const stream of [...this.streams]) this.checkOne(stream).catch(() => this.close(stream));
  }

  private async checkOne(stream: Stream): Promise<void> {
    const who = await this.club.who(stream.token).catch(() => null);
    if (!this.streams.has(stream)) return;
    if (!who) {
      this.write(stream, 'out', '{}');
      this.close(stream);
      return;
    }
    stream.who = who;
    if (stream.beatsUnread === null) this.send(stream, ': here\n\n');
    else if (++stream.beatsUnread > mostBeatsUnread) stream.response.destroy();
  }

  end(): void {
    clearInterval(this.beat);
    [...this.streams].forEach((stream) => this.close(stream));
  }

  private close(stream: Stream): void {
    this.streams.delete(stream);
    stream.response.end();
  }

  private async tell(): Promise<void> {
    // A listener that has not taken the last of it yet gets the rest when it has.
    const behind = [...this.streams].filter(({ beatsUnread }) => beatsUnread === null);
    if (behind.length === 0) return;
    // The listener that was away longest sets how far back is read; most are where all are.
    const groups = new Map<string, Stream[]>();
    for (const stream of behind) {
      const key = `${stream.told.change} ${stream.told.entry}`;
      groups.set(key, [...(groups.get(key) ?? []), stream]);
    }
    for (const group of groups.values()) {
      const { told } = group[0];
      const news = await this.news.after(told);
      const now = toldBy(news, told);
      if (now.change === told.change && now.entry === told.entry) continue;
      if (isFullPage(news)) this.isToLookAgain = true;
      const opaque = await this.opaque();
      for (const stream of group) this.tellOne(stream, news, now, opaque);
    }
  }

  private tellOne(stream: Stream, news: News, now: Told, opaque: OpaqueId): void {
    stream.told = now;
    const text = newsFor(news, stream.who.member, opaque);
    if (text !== noNews) this.write(stream, 'news', text);
  }

  private write(stream: Stream, event: string, data: string): void {
    const { change, entry } = stream.told;
    this.send(stream, `id: ${change}.${entry}\nevent: ${event}\ndata: ${data}\n\n`);
  }

  /** Sends, and waits with the rest until it was taken: what nobody reads would fill the memory. */
  private send(stream: Stream, text: string): void {
    if (stream.response.write(text) || stream.beatsUnread !== null) return;
    stream.beatsUnread = 0;
    stream.response.once('drain', () => {
      stream.beatsUnread = null;
      this.look();
    });
  }
}
