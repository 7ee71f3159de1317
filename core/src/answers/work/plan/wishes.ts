import type { Army } from '../army/army';
import type { Batch } from '../army/batch';
import type { UnitWish } from './work';

/** The wishes of a batch by the place of their unit in the army; those of units that are gone count nothing. */
export function wishesOf(
  { units }: Pick<Army, 'units'>,
  { wishes = [] }: Pick<Batch, 'wishes'>,
): Map<number, UnitWish> {
  const found = new Map<number, UnitWish>();
  for (const { unitId, when, oneHand } of wishes) {
    const unit = units.findIndex(({ id }) => id === unitId);
    if (unit >= 0) found.set(unit, { when, oneHand });
  }
  return found;
}
