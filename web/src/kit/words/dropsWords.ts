import { differenceWords, isAsThin, type Drops } from '@yellow-ledger/core';

/** @example '6 Marigold Clay + 2 Fen Umber + 8 water' */
export function dropsWords(drops: Drops, potName: (potId: string) => string): string {
  const { pots, water, medium, load, writtenLoad } = drops;
  const said = [
    ...pots.map(({ potId, drops: count }) => `${count} ${potName(potId)}`),
    ...(water > 0 ? [`${water} water`] : []),
    ...(medium > 0 ? [`${medium} medium`] : []),
  ].join(' + ');
  if (said === '') return 'water alone';
  if (isAsThin(drops)) return said;
  const percent = (share: number) => Math.round(share * 100);
  return `${said} (${percent(load)} % paint; ${percent(writtenLoad)} % is written)`;
}

/** How near counted drops come to the mix as it is written. @example 'as written' */
export const dropsErrorWords = ({ colourError, isWithin }: Drops): string =>
  colourError < 1
    ? 'as written'
    : `${differenceWords(colourError)}${isWithin ? '' : ', the nearest found'}`;
