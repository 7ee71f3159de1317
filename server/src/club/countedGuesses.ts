import {
  isForgotten,
  likeness,
  waitBefore,
  withoutOne,
  withWrong,
  type Attempts,
} from '@yellow-ledger/core';

/** From one address more may go wrong: a whole club sits behind it. */
const freeForAddress = 40;

/** What attempts are counted of: a name, or an address. */
interface Asking {
  key: string;
  /** wrong answers before there is any wait; as usual where not said */
  free?: number;
}

/** How often somebody guessed, by name and by address. */
export interface CountedGuesses {
  /**
   * Counts an answer as wrong before it is looked at.
   *
   * @returns how long to wait instead, ms; 0 where it may be looked at
   */
  begin(address: string, name?: string): number;
  /** It was right after all. */
  wasRight(address: string, name?: string): void;
}

export function countedGuesses(): CountedGuesses {
  const wrong = new Map<string, Attempts>();

  const ofAddress = (address: string): Asking => ({
    key: `address ${address}`,
    free: freeForAddress,
  });
  const ofName = (name: string): Asking => ({ key: `name ${likeness(name)}` });

  /**
   * Counts an answer as wrong before it is looked at, so that a hundred at once are no more than one
   * after the other.
   *
   * @returns how long to wait instead; 0 where it may be looked at
   */
  function begin(asking: readonly Asking[]): number {
    const now = performance.now();
    const waitMs = Math.max(
      ...asking.map(({ key, free }) => waitBefore(wrong.get(key), now, free)),
    );
    if (waitMs > 0) return waitMs;
    for (const [key, attempts] of wrong) if (isForgotten(attempts, now)) wrong.delete(key);
    for (const { key } of asking) wrong.set(key, withWrong(wrong.get(key), now));
    return 0;
  }

  function wasRight(address: string, name?: string): void {
    const { key } = ofAddress(address);
    const counted = wrong.get(key);
    if (counted) wrong.set(key, withoutOne(counted));
    if (name !== undefined) wrong.delete(ofName(name).key);
  }

  return {
    begin: (address, name) =>
      begin([...(name === undefined ? [] : [ofName(name)]), ofAddress(address)]),
    wasRight,
  };
}
