import type { RequestHandler } from 'express';
import { Problem } from '../http/problem';

const reading = new Set(['GET', 'HEAD', 'OPTIONS']);

/**
 * Lets writes through one beside the other, and all of them wait while one thread writes something
 * large: who waits for SQLite’s own lock keeps the whole server waiting.
 */
export class WriteGate {
  private under = 0;
  private closed: Promise<void> | null = null;
  private whenEmpty: (() => void) | null = null;

  private isEnded = false;

  /** Goes through once the gate is open. @returns says that the write is done @throws Problem 503 */
  async enter(): Promise<() => void> {
    while (this.closed) await this.closed;
    if (this.isEnded) throw ended();
    this.under++;
    let isOut = false;
    return () => {
      if (isOut) return;
      isOut = true;
      this.under--;
      if (this.under === 0) this.whenEmpty?.();
    };
  }

  /** Closes the gate and waits until who is inside is out. @returns opens it */
  async close(): Promise<() => void> {
    while (this.closed) await this.closed;
    let open: () => void = () => undefined;
    const closed = new Promise<void>((done) => (open = done));
    this.closed = closed;
    if (this.under > 0) await new Promise<void>((done) => (this.whenEmpty = done));
    this.whenEmpty = null;
    return () => {
      if (this.closed === closed) this.closed = null;
      open();
    };
  }

  /** Lets nobody in any more, and waits until who is inside is out. */
  async end(): Promise<void> {
    const open = await this.close();
    this.isEnded = true;
    open();
  }
}

/** Who waited for what is no more tries again by himself. */
const ended = () =>
  new Problem(503, 'restoring', 'A backup was put in place just now; this is tried again.');

/** Requests that write, through the gate. */
export const throughGate =
  (gate: WriteGate): RequestHandler =>
  async (request, response, next) => {
    if (reading.has(request.method)) return next();
    const leave = await gate.enter();
    response.once('close', leave);
    next();
  };
