import { isForgotten, withWrong, type Attempts } from '@yellow-ledger/core';
import pLimit, { type LimitFunction } from 'p-limit';

/** So many wrong answers from one address are free: a whole club sits behind it. */
const freeWrong = 40;
/** From then on logins from there are looked at one at a time, each so much later, ms. */
const laterMs = 1000;
/** So many may wait for that. */
const mostWaiting = 20;

/** Slows addresses from which much goes wrong. None is closed: others may log in from it. */
export interface SlowedAddresses {
  /** @returns what `look` returns; 'busy', without looking, where too many wait already */
  inTurn<Answer>(address: string, look: () => Promise<Answer>): Promise<Answer | 'busy'>;
  wasWrong(address: string): void;
}

const usualDelay = (ms: number) => new Promise<void>((done) => setTimeout(done, ms).unref());

export function slowedAddresses(delay = usualDelay): SlowedAddresses {
  const wrong = new Map<string, Attempts>();
  const queues = new Map<string, LimitFunction>();

  return {
    async inTurn(address, look) {
      if ((wrong.get(address)?.wrong ?? 0) < freeWrong) return look();
      const queue = queues.get(address) ?? pLimit(1);
      queues.set(address, queue);
      if (queue.pendingCount >= mostWaiting) return 'busy';
      try {
        return await queue(async () => {
          await delay(laterMs);
          return look();
        });
      } finally {
        if (queue.activeCount + queue.pendingCount === 0) queues.delete(address);
      }
    },

    wasWrong(address) {
      const now = performance.now();
      for (const [each, attempts] of wrong) if (isForgotten(attempts, now)) wrong.delete(each);
      wrong.set(address, withWrong(wrong.get(address), now));
    },
  };
}
