import {
  mixedByEye,
  puddleStudy,
  type AddedDrops,
  type Brushed,
  type MixedByEye,
  type PuddleStudy,
  type SurfaceColour,
  type WantedMix,
} from '@yellow-ledger/core';
import { hexOfBrushed } from '../../../workers/shared/hexOfBrushed';
import { shelfInHand } from '../../../workers/shared/ledgerData';

/** A puddle beside what is wanted, and beside what went onto the last model. */
export interface PuddleSeen extends PuddleStudy {
  /** null where nothing went on yet */
  lastHex: string | null;
}

export const puddleWork = {
  /** Null where a pot of it is gone from the shelf. */
  puddleSeen(puddle: AddedDrops, wanted: WantedMix, last: Brushed | null): PuddleSeen | null {
    const shelf = shelfInHand();
    const isGone = ({ potId }: { potId: string }) => !shelf.has(potId);
    if ([...puddle.pots, ...wanted.pots].some(isGone)) return null;
    return {
      ...puddleStudy(puddle, wanted, shelf),
      lastHex: last && hexOfBrushed(last),
    };
  },

  /** The drops that give a colour that was measured; null where no pot in the puddle has a colour. */
  mixedByEye(seen: SurfaceColour, puddle: AddedDrops): MixedByEye | null {
    const shelf = shelfInHand();
    const pots = puddle.pots.filter(({ potId }) => shelf.has(potId));
    return mixedByEye(seen, { ...puddle, pots }, shelf);
  },
};
