import { usualPotMl, type PaintNeeded, type PotNeed } from '../army/paintNeeded';

export interface PotToCome extends PotNeed {
  /** what the log says was taken of it so far, ml */
  takenMl: number;
}

/**
 * Paint an army still takes: what it takes in all, less what was painted of it. What is left in the
 * pots has been drawn down by that already, so it is held against what is still to come.
 *
 * @param taken ml by pot, of this army
 * @example // 5 ml in all, 3 ml painted, 1 ml left → short of 1 ml
 */
export function paintToCome(
  needed: Pick<PaintNeeded, 'pots'>,
  taken: ReadonlyMap<string, number>,
): PotToCome[] {
  return needed.pots.map((need) => {
    const takenMl = Math.min(need.ml, taken.get(need.potId) ?? 0);
    const toComeMl = need.ml - takenMl;
    const shortMl = need.leftMl === null ? 0 : Math.max(0, toComeMl - need.leftMl);
    return { ...need, takenMl, shortMl, potsToBuy: Math.ceil(shortMl / usualPotMl) };
  });
}
