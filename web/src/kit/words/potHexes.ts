import type { Pot } from '@yellow-ledger/core';

/** What stands for a colour nobody knows. */
export const unknownHex = '#777777';

/** Swatches of pots by id; grey for a pot that is gone. */
export function potHexesOf(pots: readonly Pot[]): (potId: string) => string {
  const hexes = new Map(pots.map(({ id, swatch }) => [id, swatch]));
  return (potId) => hexes.get(potId) ?? unknownHex;
}
