import { createStore, del, get, set, type UseStore } from 'idb-keyval';
import { storageQuota } from '../offline/storageQuota';
import { ledgerIdentity } from '../ledgerIdentity';

/**
 * Pictures the server does not have yet, by their hash: kept in the browser, so that one that was
 * taken while the server was away is not lost with the page.
 */
class UnsentPictures {
  private readonly here = new Map<string, { bytes: Blob; url: string }>();
  private readonly onServer = new Set<string>();
  private store: UseStore | null = null;

  /** Keeps one until the server has it. What the browser has no room for is kept as long as the page. */
  async keep(hash: string, bytes: Blob): Promise<void> {
    // The same hash is the same bytes: an address there is for them already stays.
    if (!this.here.has(hash)) this.here.set(hash, { bytes, url: URL.createObjectURL(bytes) });
    this.onServer.delete(hash);
    await this.written(() => set(hash, bytes, this.inBrowser()));
  }

  async bytesOf(hash: string): Promise<Blob | null> {
    const known = this.here.get(hash);
    if (known) return known.bytes;
    const left = await this.written(() => get<unknown>(hash, this.inBrowser()));
    if (!(left instanceof Blob)) return null;
    this.here.set(hash, { bytes: left, url: URL.createObjectURL(left) });
    return left;
  }

  /** The same while the server does not have it. */
  async waiting(hash: string): Promise<Blob | null> {
    return this.onServer.has(hash) ? null : this.bytesOf(hash);
  }

  /** The server has it, and shows it from now on: the address on this page is given back. */
  sent(hash: string): void {
    this.onServer.add(hash);
    const known = this.here.get(hash);
    if (known) URL.revokeObjectURL(known.url);
    this.here.delete(hash);
    void this.written(() => del(hash, this.inBrowser()));
  }

  /** Where a picture can be seen: from here, while it lies here. */
  urlOf(hash: string): string {
    return this.here.get(hash)?.url ?? `/api/pictures/${hash}`;
  }

  private inBrowser(): UseStore {
    this.store ??= createStore(`${ledgerIdentity.storeName}-pictures`, 'unsent');
    return this.store;
  }

  private async written<Answer>(work: () => Promise<Answer>): Promise<Answer | undefined> {
    try {
      return await work();
    } catch {
      storageQuota.refused();
      return undefined;
    }
  }
}

/** Of this page. */
export const unsentPictures = new UnsentPictures();
