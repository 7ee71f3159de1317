import type { Kept } from '@yellow-ledger/core';
import type { Problem } from './problem';

export type SaveOutcome<Content> = { kept: Kept<Content> } | { problem: Problem };

export interface AutosaveEvents<Content> {
  waiting(): void;
  saving(): void;
  /** @param isNewest nothing has been written since what was saved */
  saved(kept: Kept<Content>, isNewest: boolean): void;
  /** no answer, or a fault of the server's; it is tried again by itself */
  failed(problem: Problem, retryInSeconds: number): void;
  /** the server will not take it as it is; the next change is tried again */
  refused(problem: Problem): void;
  /** the record has moved on; nothing more is sent until `continueFrom` */
  stale(problem: Problem): void;
}

const pauseMs = 500;
const longestRetrySeconds = 30;

/**
 * Saves what is being edited, one write at a time and always the newest. A failed write is tried
 * again after 1, 2, 4 … 30 seconds, and what was written in the meantime goes with it.
 */
export class Autosave<Content> {
  private newest: Content | null = null;
  private timer: ReturnType<typeof setTimeout> | undefined;
  private underWay: Promise<void> | null = null;
  private failures = 0;
  private isHeld = false;

  constructor(
    private revision: number,
    private readonly send: (content: Content, revision: number) => Promise<SaveOutcome<Content>>,
    private readonly events: AutosaveEvents<Content>,
  ) {}

  /** Takes note of a change; it is sent after a short pause. */
  change(content: Content): void {
    this.newest = content;
    if (this.isHeld) return;
    // While the server does not answer, only the retry sends: typing must not hammer it.
    if (this.failures === 0) {
      this.events.waiting();
      this.schedule(pauseMs);
    }
  }

  /** Sends at once what is not sent yet. Resolves when the answer is there. */
  async flush(): Promise<void> {
    clearTimeout(this.timer);
    if (this.underWay) await this.underWay;
    if (this.newest === null || this.isHeld) return;
    this.underWay = this.write(this.newest).finally(() => (this.underWay = null));
    await this.underWay;
  }

  /** After a stale write was settled: what to save now, and made from which revision. */
  continueFrom(revision: number, content: Content | null): Promise<void> {
    this.revision = revision;
    this.isHeld = false;
    this.failures = 0;
    this.newest = content;
    return this.flush();
  }

  /** Sends nothing more; what is not sent stays with the caller. */
  stop(): void {
    clearTimeout(this.timer);
    this.isHeld = true;
  }

  private schedule(ms: number): void {
    clearTimeout(this.timer);
    this.timer = setTimeout(() => void this.flush(), ms);
  }

  private async write(content: Content): Promise<void> {
    this.events.saving();
    const outcome = await this.send(content, this.revision);
    if ('kept' in outcome) {
      this.failures = 0;
      this.revision = outcome.kept.revision;
      const isNewest = this.newest === content;
      if (isNewest) this.newest = null;
      else if (!this.isHeld) this.schedule(pauseMs);
      this.events.saved(outcome.kept, isNewest);
      return;
    }
    const { problem } = outcome;
    if (problem.status === 409 && problem.code === 'stale') {
      this.isHeld = true;
      this.events.stale(problem);
    } else if (problem.status >= 400 && problem.status < 500) {
      this.failures = 0;
      this.events.refused(problem);
    } else {
      const seconds = Math.min(longestRetrySeconds, 2 ** this.failures++);
      this.events.failed(problem, seconds);
      if (!this.isHeld) this.schedule(seconds * 1000);
    }
  }
}
