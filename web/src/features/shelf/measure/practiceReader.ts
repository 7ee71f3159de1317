import {
  practiceCard,
  readHex,
  simulatedReader,
  type ColourReader,
  type Pot,
} from '@yellow-ledger/core';
import type { CardPlace } from '../../../workers/shared/potWork';

/** Where a reader is set down. A real device knows that by standing there. */
export interface ReaderStand {
  place: CardPlace;
  isTouching: boolean;
}

/** A simulated reader over a made-up card of a pot: another card and another lamp each time. */
export function practiceReader(pot: Pot): ColourReader<ReaderStand> {
  const seed = 1 + Math.floor(Math.random() * 1e6);
  const { readings } = practiceCard(readHex(pot.swatch) ?? '#808080', pot.hiding || 0, seed);
  const reader = simulatedReader(seed);
  return {
    calibrate: () => reader.calibrate(),
    read: ({ place, isTouching }) => reader.read({ reflectance: readings[place], isTouching }),
  };
}
