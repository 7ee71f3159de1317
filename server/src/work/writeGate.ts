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
    if (this.isEnded) throw restoring();
    this.under++;
    let isOut = false;
    return () => {
      if (isOut) return;
      isOut = true;
      this.under--;
      if (this.under === 0) this.whenEmpty?.();
    };
  }

  /** Closes the gate and waits until all writes under way are done. @returns opens it @throws Problem 503 */
  async close(): Promise<() => void> {
    while (this.closed) await this.closed;
    if (this.isEnded) throw restoring();
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

  /** A write of the server's own, through the gate. @throws Problem 503 */
  async through<Result>(write: () => Promise<Result>): Promise<Result> {
    const leave = await this.enter();
    try {
      return await write();
    } finally {
      leave();
    }
  }

  /** Refuses all writes from now on, once those under way are done. */
  async end(): Promise<void> {
    const open = await this.close();
    this.isEnded = true;
    open();
  }
}

/** A write for a ledger that is being replaced; pages send it again by themselves. */
export const restoring = () =>
  new Problem(503, 'restoring', 'A backup was put in place just now; this is tried again.');

/**
 * Requests that write, through the gate. It stands behind whatever reads the body: a body that comes
 * in slowly must not hold the gate.
 */
export const throughGate =
  (gate: WriteGate): RequestHandler =>
  async (request, response, next) => {
    if (reading.has(request.method)) return next();
    const leave = await gate.enter();
    // Sent or broken off, whichever comes first: the write is done by then.
    response.once('finish', leave);
    response.once('close', leave);
    // It may have closed while it waited at the gate.
    if (response.destroyed) return leave();
    next();
  };
