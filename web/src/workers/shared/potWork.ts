import {
  bandCount,
  CardError,
  cardBlack,
  cardWhite,
  filmOver,
  flatSpectrum,
  hexSchema,
  opticsOf,
  pairsWith,
  reflectanceFromHex,
  solveCard,
  surfaceColour,
  type Pair,
  type Pot,
} from '@yellow-ledger/core';
import { z } from 'zod';
import { shelfInHand } from './ledgerData';

/** One place of a card: a colour somebody typed, or 38 bands a reader gave. */
const cardPlaceSchema = z.union([hexSchema, z.array(z.number().min(0).max(1)).length(bandCount)]);

export const cardPlacesSchema = z.object({
  black: cardPlaceSchema,
  white: cardPlaceSchema,
  overBlack: cardPlaceSchema,
  overWhite: cardPlaceSchema,
});

export type CardPlaces = z.infer<typeof cardPlacesSchema>;
export type CardPlace = keyof CardPlaces;

/** The facts of a pot by a card, or why it cannot be read. */
export type CardAnswer =
  { swatch: string; hiding: number; playedForward: number } | { problem: string };

/** A band of paint across a card that is half black and half white. */
export interface Stripe {
  overBlack: string;
  overWhite: string;
}

const spectrumOf = (place: CardPlaces[CardPlace]) =>
  typeof place === 'string' ? reflectanceFromHex(place) : Float64Array.from(place);

export const potWork = {
  /** The pot behind one neat coat across a card. */
  solveCard({ black, white, overBlack, overWhite }: CardPlaces): CardAnswer {
    try {
      const { swatch, hiding, playedForward } = solveCard({
        black: spectrumOf(black),
        white: spectrumOf(white),
        overBlack: spectrumOf(overBlack),
        overWhite: spectrumOf(overWhite),
      });
      return { swatch, hiding, playedForward };
    } catch (error) {
      if (error instanceof CardError) return { problem: error.message };
      throw error;
    }
  },

  /** Pots of the shelf that go with a pot, and why. */
  pairs(pot: Pot): Pair[] {
    return pairsWith(pot, shelfInHand());
  },

  /** One neat coat of each pot over the black and the white half of a card. */
  stripes(pots: Pick<Pot, 'swatch' | 'hiding' | 'swatchShows'>[]): Stripe[] {
    return pots.map((pot) => {
      const paint = opticsOf(pot);
      const over = (card: number) => surfaceColour(filmOver(flatSpectrum(card), paint, 1)).hex;
      return { overBlack: over(cardBlack), overWhite: over(cardWhite) };
    });
  },
};
