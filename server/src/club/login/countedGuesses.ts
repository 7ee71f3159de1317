import { isForgotten, waitBefore, withoutOne, withWrong, type Attempts } from '@yellow-ledger/core';

/** How often somebody guessed, by what the guesses were at. */
export interface CountedGuesses {
  /**
   * Counts an answer as wrong before it is looked at, so that a hundred at once are no more than one
   * after the other.
   *
   * @param key a name on unknown devices, or a member on one known device
   * @returns how long to wait instead, ms; 0 where it may be looked at
   */
  begin(key: string): number;
  /** It was right after all. */
  wasRight(key: string): void;
  /**
   * Counts work that answers null where a guess was wrong.
   *
   * @returns what it answered, or how long to wait
   */
  counted<Answer>(
    key: string,
    work: () => Promise<Answer | null>,
  ): Promise<Answer | { waitMs: number } | null>;
  /** It was not looked at: too much was asked at once. */
  wasNotLookedAt(key: string): void;
}

export function countedGuesses(): CountedGuesses {
  const wrong = new Map<string, Attempts>();
  function begin(key: string): number {
    const now = performance.now();
    const waitMs = waitBefore(wrong.get(key), now);
    if (waitMs > 0) return waitMs;
    for (const [each, attempts] of wrong) if (isForgotten(attempts, now)) wrong.delete(each);
    wrong.set(key, withWrong(wrong.get(key), now));
    return 0;
  }

  return {
    begin,

    wasRight: (key) => wrong.delete(key),

    async counted(key, work) {
      const waitMs = begin(key);
      if (waitMs > 0) return { waitMs };
      const answer = await work();
      if (answer !== null) wrong.delete(key);
      return answer;
    },

    wasNotLookedAt(key) {
      const counted = wrong.get(key);
      if (counted) wrong.set(key, withoutOne(counted));
    },
  };
}
