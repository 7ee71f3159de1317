import {
  bringBack,
  filmOver,
  flatSpectrum,
  cardBlack,
  cardWhite,
  isEstimate,
  loadOfAmounts,
  makeAgain,
  masstoneOf,
  mixedPaint,
  mixOfWell,
  mixWanted,
  potOn,
  sharesIn,
  staysUsableMinutes,
  stiffnessOf,
  consistencyWord,
  surfaceColour,
  thinningOf,
  volumeMlOf,
  type BroughtBack,
  type Drops,
  type Mix,
  type Palette,
  type Room,
  type Well,
  type PotShare,
  type Thinning,
} from '@yellow-ledger/core';
import type { Stripe } from '../../workers/shared/potWork';
import { shelfInHand } from '../../workers/shared/ledgerData';

/** A well, how it is kept, and the room it is in. */
export interface WellQuestion {
  well: Well;
  keeping: Palette['keeping'];
  room: Room;
}

/** The state of a well now. */
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

/** The first filling of an empty well, ml. */
const freshMl = 0.5;

export const paletteWork = {
  /** Null where nothing is wanted of a well. It may take a few tenths. */
  wellRescue(well: Well): WellRescue | null {
    const shelf = shelfInHand();
    if (!well.wanted) return null;
    const volume = volumeMlOf(well);
    return {
      back: bringBack(well, well.wanted, shelf),
      anew: mixWanted(well.wanted, shelf, volume > 0 ? volume : freshMl),
    };
  },

  /** Everything the palette page says of one well. */
  wellStudy({ well, keeping, room }: WellQuestion): WellStudy {
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
  wellMix(well: Well): Mix | null {
    return mixOfWell(well, shelfInHand());
  },

  /** Swatches of wells, for the dish; null for a well without paint. */
  wellSwatches(wells: readonly Well[]): (string | null)[] {
    const shelf = shelfInHand();
    return wells.map((well) => {
      const shares = sharesIn(well);
      return shares.length > 0 ? surfaceColour(masstoneOf(mixedPaint(shares, shelf))).hex : null;
    });
  },
};
