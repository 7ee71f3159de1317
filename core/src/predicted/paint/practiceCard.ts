import { shiftedHex } from '../../light/colour/shiftedHex';
import { flatSpectrum } from '../../light/colour/spectrum';
import { filmOver } from '../../light/optics/filmOver';
import { opticsOfPot } from './opticsOfPot';
import type { CardReadings } from './solveCard';

/** Reflectance of a printed card in every band. */
export const cardBlack = 0.04;
export const cardWhite = 0.9;

/** A striped card for trying a reader out, and what the coat on it really is. */
export interface PracticeCard {
  readings: CardReadings;
  swatch: string;
  hiding: number;
}

/**
 * A made-up card of a pot that is not quite what its label says: the colour and the hiding are off
 * by what bottles of one name differ by.
 *
 * @param seed the same seed gives the same card
 */
export function practiceCard(swatch: string, hiding: number, seed: number): PracticeCard {
  const off = (step: number) => (((seed * step) % 97) / 97) * 2 - 1;
  const really = {
    swatch: shiftedHex(swatch, { value: 4 * off(31), a: 5 * off(17), b: 5 * off(57) }),
    hiding: Math.min(0.97, Math.max(0.05, hiding + 0.12 * off(71))),
  };
  const paint = opticsOfPot(really.swatch, really.hiding);
  const black = flatSpectrum(cardBlack);
  const white = flatSpectrum(cardWhite);
  return {
    ...really,
    readings: {
      black,
      white,
      overBlack: filmOver(black, paint, 1),
      overWhite: filmOver(white, paint, 1),
    },
  };
}
