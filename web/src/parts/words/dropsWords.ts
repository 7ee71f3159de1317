import type { Drops } from '@yellow-ledger/core';

/** @example '6 Marigold Clay + 2 Fen Umber + 8 water' */
export function dropsWords(
  { pots, water, medium }: Drops,
  potName: (potId: string) => string,
): string {
  return [
    ...pots.map(({ potId, drops }) => `${drops} ${potName(potId)}`),
    ...(water > 0 ? [`${water} water`] : []),
    ...(medium > 0 ? [`${medium} medium`] : []),
  ].join(' + ');
}
