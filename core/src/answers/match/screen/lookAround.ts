import type { TripleWay } from './tripleWays';

/** Takes a mix of pots, by index with their parts, into account. */
export type Consider = (
  pots: 1 | 2 | 3,
  i: number,
  a: number,
  j: number,
  b: number,
  k: number,
  c: number,
) => void;

/** A mix as the search keeps it: index and parts of each pot in turn. */
export interface FoundMix {
  at: number[];
  error: number;
}

/**
 * Every mix that shares two of its three pots with a good one, in every way of mixing them.
 *
 * @param found the good ones; taken as they are when it begins
 * @param count pots on the shelf
 */
export function lookAround(
  found: readonly FoundMix[],
  count: number,
  ways: readonly TripleWay[],
  consider: Consider,
): void {
  const seen = new Set<number>();
  for (const { at } of [...found]) {
    const trio = [at[0], at[2], at[4]];
    for (let leaves = 0; leaves < 3; leaves++) {
      const [one, other] = trio.filter((_, place) => place !== leaves);
      const pair = one * count + other;
      if (seen.has(pair)) continue;
      seen.add(pair);
      for (let third = 0; third < count; third++) {
        if (third === one || third === other) continue;
        // In the order of the shelf, as the search itself writes them.
        const [i, j, k] = [one, other, third].sort((a, b) => a - b);
        for (const { a, b, c } of ways) consider(3, i, a, j, b, k, c);
      }
    }
  }
}
