/** So many wrong answers are free; from then on each doubles the wait. */
const freeAttempts = 5;
const firstWaitMs = 30_000;
const longestWaitMs = 15 * 60_000;
/** Older failures do not count any more: much longer than the longest wait, so that waiting it out buys nothing. */
const forgottenMs = 24 * 60 * 60_000;

/** How often something was wrong of late: an account, or an address that asks. */
export interface Attempts {
  wrong: number;
  /** when the last was, ms of a clock that only goes forward */
  lastAt: number;
}

/**
 * How long to wait before the next attempt.
 *
 * @param now of the same clock
 * @param free wrong answers before there is any wait
 * @returns ms; 0 where it may come at once
 * @example waitBefore({ wrong: 6, lastAt: 0 }, 0) // → 60000
 */
export function waitBefore(
  attempts: Attempts | undefined,
  now: number,
  free = freeAttempts,
): number {
  if (!attempts || now - attempts.lastAt >= forgottenMs || attempts.wrong < free) return 0;
  const wait = Math.min(longestWaitMs, firstWaitMs * 2 ** (attempts.wrong - free));
  return Math.max(0, attempts.lastAt + wait - now);
}

/** One more wrong answer. */
export function withWrong(attempts: Attempts | undefined, now: number): Attempts {
  const before = attempts && now - attempts.lastAt < forgottenMs ? attempts.wrong : 0;
  return { wrong: before + 1, lastAt: now };
}

/**
 * One that was counted as wrong before it was answered, and was right: so many at once are counted
 * as they come, and not as they are answered.
 */
export const withoutOne = ({ wrong, lastAt }: Attempts): Attempts => ({
  wrong: Math.max(0, wrong - 1),
  lastAt,
});

/** Whether nothing of it counts any more. */
export const isForgotten = ({ lastAt }: Attempts, now: number): boolean =>
  now - lastAt >= forgottenMs;
