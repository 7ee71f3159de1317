import type { Pot } from '@yellow-ledger/core';

/** The stand-in for an unknown colour. */
export const unknownHex = '#777777';

/** Swatches of pots by id; grey for a pot that is gone. */
export function potHexesOf(pots: readonly Pot[]): (potId: string) => string {
  const hexes = new Map(pots.map(({ id, swatch }) => [id, swatch]));
  return (potId) => hexes.get(potId) ?? unknownHex;
}
