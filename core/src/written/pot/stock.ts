import type { Pot } from './pot';

/** From so many millilitres down a pot counts as low where its owner has not said otherwise. */
export const usuallyLowMl = 4;

export type StockState = 'retired' | 'empty' | 'low' | 'enough' | 'not known';

/** How a pot stands: retired, empty, low, enough, or nobody has looked. */
export function stockOf({ retired, volumeMl, lowMl }: StockFigures): StockState {
  if (retired) return 'retired';
  if (volumeMl === null) return 'not known';
  if (volumeMl === 0) return 'empty';
  return volumeMl <= (lowMl ?? usuallyLowMl) ? 'low' : 'enough';
}

type StockFigures = Pick<Pot, 'retired' | 'volumeMl' | 'lowMl'>;

/** Whether a pot can be painted with: on the shelf, not retired, not known to be empty. */
export function isAtHand({ retired, volumeMl }: Pick<Pot, 'retired' | 'volumeMl'>): boolean {
  return !retired && volumeMl !== 0;
}

/** A drop of a bottle nobody has counted, ml. */
export const usualDropMl = 0.05;

/** Size of one drop from a pot's bottle, ml. */
export function dropMlOf({ dropsPerMl }: Pick<Pot, 'dropsPerMl'>): number {
  return dropsPerMl === undefined ? usualDropMl : 1 / dropsPerMl;
}

/** The shelf of a pot where none is said. */
export const ownShelf = 'mine';

/** The shelf a pot stands on. */
export function ownerOf({ owner }: Pick<Pot, 'owner'>): string {
  return owner ?? ownShelf;
}
