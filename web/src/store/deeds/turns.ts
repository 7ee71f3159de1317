let underWay: Promise<unknown> = Promise.resolve();

/** Something is being written that undoing has to wait for. */
export function waitsFor(work: Promise<unknown>): void {
  underWay = Promise.allSettled([underWay, work]);
}

/** Settles once all that was begun is written, or has failed. */
export const allWritten = () => underWay;
