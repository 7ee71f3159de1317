import { useSyncExternalStore } from 'react';

const firstLookMs = 2000;
const lastLookMs = 30_000;

export interface Away {
  /** when it was noticed, milliseconds since 1970; null while the server answers */
  since: number | null;
}

/** Whether the ledger’s server answers, by what was last asked of it; while it does not, it is looked for. */
export class ServerAway {
  private state: Away = { since: null };
  private readonly told = new Set<() => void>();
  private timer: ReturnType<typeof setTimeout> | undefined;
  private lookMs = firstLookMs;

  private look: () => Promise<unknown> = () => Promise.resolve();

  /** @param look asks the server something; what comes of it is noted here as everything is */
  lookBy(look: () => Promise<unknown>): void {
    this.look = look;
  }

  now = (): Away => this.state;

  answered(): void {
    if (this.state.since === null) return;
    clearTimeout(this.timer);
    this.lookMs = firstLookMs;
    this.tell({ since: null });
  }

  unanswered(): void {
    if (this.state.since !== null) return;
    this.tell({ since: Date.now() });
    this.lookLater();
  }

  /** @returns ends the listening */
  listen = (tell: () => void): (() => void) => {
    this.told.add(tell);
    return () => this.told.delete(tell);
  };

  private lookLater(): void {
    this.timer = setTimeout(() => {
      void this.look().then(() => {
        if (this.state.since !== null) this.lookLater();
      });
    }, this.lookMs);
    this.lookMs = Math.min(lastLookMs, this.lookMs * 2);
  }

  private tell(state: Away): void {
    this.state = state;
    this.told.forEach((tell) => tell());
  }
}

/** Of this page. */
export const serverAway = new ServerAway();

export const useServerAway = (): Away => useSyncExternalStore(serverAway.listen, serverAway.now);
