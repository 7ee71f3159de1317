import {
  masstoneOf,
  mixedPaint,
  puddleStudy,
  surfaceColour,
  type AddedDrops,
  type Brushed,
  type PuddleStudy,
  type WantedMix,
} from '@yellow-ledger/core';
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
    const known = last?.pots.filter((pot) => !isGone(pot)) ?? [];
    return {
      ...puddleStudy(puddle, wanted, shelf),
      lastHex: known.length > 0 ? surfaceColour(masstoneOf(mixedPaint(known, shelf))).hex : null,
    };
  },
};
