import {
  bringBack,
  filmOver,
  flatSpectrum,
  cardBlack,
  cardWhite,
  isEstimate,
  keepings,
  loadOfAmounts,
  makeAgain,
  masstoneOf,
  mixedPaint,
  mixOfWell,
  mixWanted,
  potOn,
  rooms,
  sharesIn,
  staysUsableMinutes,
  stiffnessOf,
  consistencyWord,
  surfaceColour,
  thinningOf,
  volumeMlOf,
  wellSchema,
  type BroughtBack,
  type Drops,
  type Mix,
  type PotShare,
  type Thinning,
} from '@yellow-ledger/core';
import { z } from 'zod';
import type { Stripe } from './potWork';
import { shelfInHand } from './shelfInHand';

const wellQuestionSchema = z.object({
  well: wellSchema,
  keeping: z.enum(keepings),
  room: z.enum(rooms),
});

export type WellQuestion = z.infer<typeof wellQuestionSchema>;

/** What a well is now. */
export interface WellStudy {
  wellId: string;
  volumeMl: number;
  load: number;
  shares: PotShare[];
  /** thick and dry; null without paint */
  hex: string | null;
  /** one coat of it, thinned as it is, over a card */
  stripe: Stripe | null;
  isEstimate: boolean;
  /** parts of thinner to 1 part of paint */
  thinning: Thinning;
  consistency: string;
  again: Drops | null;
  usableMinutes: number;
}

/** How a well gets to what is wanted of it. */
export interface WellRescue {
  /** null for an empty well, which is mixed anew */
  back: BroughtBack | null;
  /** as much of it from nothing; a brushful or two for an empty well */
  anew: Drops | null;
}

/** What an empty well is filled with, ml. */
const freshMl = 0.5;

export const paletteWork = {
  /** Null where nothing is wanted of a well. It may take a few tenths. */
  wellRescue(asked: unknown): WellRescue | null {
    const well = wellSchema.parse(asked);
    const shelf = shelfInHand();
    if (!well.wanted) return null;
    const volume = volumeMlOf(well);
    return {
      back: bringBack(well, well.wanted, shelf),
      anew: mixWanted(well.wanted, shelf, volume > 0 ? volume : freshMl),
    };
  },

  /** Everything the palette page says of one well. */
  wellStudy(asked: unknown): WellStudy {
    const { well, keeping, room } = wellQuestionSchema.parse(asked);
    const shelf = shelfInHand();
    const shares = sharesIn(well);
    const load = loadOfAmounts(well);
    const volume = volumeMlOf(well);
    const paint = shares.length > 0 ? mixedPaint(shares, shelf) : null;
    const over = (card: number) =>
      paint ? surfaceColour(filmOver(flatSpectrum(card), paint, load)).hex : '';
    return {
      wellId: well.id,
      volumeMl: volume,
      load,
      shares,
      hex: paint && surfaceColour(masstoneOf(paint)).hex,
      stripe: paint && { overBlack: over(cardBlack), overWhite: over(cardWhite) },
      isEstimate: shares.some(({ potId }) => isEstimate(potOn(shelf, potId))),
      thinning: thinningOf(well),
      consistency: paint ? consistencyWord(thinningOf(well), stiffnessOf(shares, shelf)) : '',
      again: makeAgain(well, shelf),
      usableMinutes: staysUsableMinutes(well, shelf, keeping, room),
    };
  },

  /** The mix of a well as a recipe writes it; null without paint. */
  wellMix(asked: unknown): Mix | null {
    return mixOfWell(wellSchema.parse(asked), shelfInHand());
  },

  /** Swatches of wells, for the dish; null for a well without paint. */
  wellSwatches(asked: unknown): (string | null)[] {
    const shelf = shelfInHand();
    return z
      .array(wellSchema)
      .parse(asked)
      .map((well) => {
        const shares = sharesIn(well);
        return shares.length > 0 ? surfaceColour(masstoneOf(mixedPaint(shares, shelf))).hex : null;
      });
  },
};
