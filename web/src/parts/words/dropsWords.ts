import { isAsThin, type Drops } from '@yellow-ledger/core';

/** @example '6 Marigold Clay + 2 Fen Umber + 8 water' */
export function dropsWords(drops: Drops, potName: (potId: string) => string): string {
  const { pots, water, medium, load, writtenLoad } = drops;
  const said = [
    ...pots.map(({ potId, drops: count }) => `${count} ${potName(potId)}`),
    ...(water > 0 ? [`${water} water`] : []),
    ...(medium > 0 ? [`${medium} medium`] : []),
  ].join(' + ');
  if (isAsThin(drops)) return said;
  const percent = (share: number) => Math.round(share * 100);
  return `${said} (${percent(load)} % paint; ${percent(writtenLoad)} % is written)`;
}
