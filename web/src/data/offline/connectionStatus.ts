import { useSyncExternalStore } from 'react';

const firstLookMs = 2000;
const lastLookMs = 30_000;

export interface ConnectionState {
  /** when it was noticed, milliseconds since 1970; null while the server answers */
  since: number | null;
}

/** Whether the ledger’s server answers, by what was last asked of it; while it does not, it is looked for. */
export class ConnectionStatus {
  private state: ConnectionState = { since: null };
  private readonly told = new Set<() => void>();
  private timer: ReturnType<typeof setTimeout> | undefined;
  private lookMs = firstLookMs;

  private look: () => Promise<unknown> = () => Promise.resolve();

  /** @param look asks the server something; what comes of it is noted here as everything is */
  lookBy(look: () => Promise<unknown>): void {
    this.look = look;
  }

  now = (): ConnectionState => this.state;

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

  private tell(state: ConnectionState): void {
    this.state = state;
    this.told.forEach((tell) => tell());
  }
}

/** Of this page. */
export const connectionStatus = new ConnectionStatus();

export const useConnectionStatus = (): ConnectionState =>
  useSyncExternalStore(connectionStatus.listen, connectionStatus.now);
