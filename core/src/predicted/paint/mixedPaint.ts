import { flatSpectrum, type Spectrum } from '../../light/colour/spectrum';
import { surfaceColour, type SurfaceColour } from '../../light/colour/surfaceColour';
import { masstoneOf } from '../../light/optics/masstone';
import { mixOptics } from '../../light/optics/mixOptics';
import { opticsOf, opticsOfPot } from './opticsOfPot';
import type { Optics } from '../../light/optics/optics';
import { clearKinds, type Pot } from '../../written/pot/pot';
import { flattenMix, type PotShare } from '../../written/recipe/flattenMix';
import type { Mix } from '../../written/mix/mix';
import type { Recipe } from '../../written/recipe/recipe';
import type { Step } from '../../written/recipe/step';

/** The pots a computation may draw from, by id, and the finished surfaces it may go onto. */
export type Shelf = ReadonlyMap<string, Pot> & {
  /** recipes that others are painted on, by the keys of their pins; none unless given */
  readonly grounds?: ReadonlyMap<string, Recipe>;
};

/** A mix names a pot that is not on the shelf. */
export class UnknownPotError extends RangeError {
  constructor(readonly potId: string) {
    super(`no pot ${potId} on this shelf`);
    this.name = 'UnknownPotError';
  }
}

/**
 * A shelf for the computation from a list of pots.
 *
 * @param grounds recipes that others are painted on, by the keys of their pins
 */
export function shelfOf(pots: readonly Pot[], grounds?: ReadonlyMap<string, Recipe>): Shelf {
  const shelf = new Map(pots.map((pot) => [pot.id, pot]));
  return grounds ? Object.assign(shelf, { grounds }) : shelf;
}

/** @throws UnknownPotError */
export function potOn(shelf: Shelf, potId: string): Pot {
  const pot = shelf.get(potId);
  if (!pot) throw new UnknownPotError(potId);
  return pot;
}

/**
 * K and S of a mix from the shares of its pots, before thinning. Medium and varnish colour nothing:
 * their share thins K and S, as water does to the load.
 *
 * @throws UnknownPotError
 */
export function mixedPaint(shares: readonly PotShare[], shelf: Shelf): Optics {
  // A brush that holds water alone colours nothing.
  if (shares.length === 0) return clear;
  return mixOptics(
    shares.map(({ potId, share }) => ({ parts: share, optics: opticsOn(shelf, potId) })),
  );
}

/** The colour of a mix when thick, opaque and dry. */
export interface MixedColour {
  colour: SurfaceColour;
  /** a pot's hiding is only a guess, or a metallic turns with the angle */
  isEstimate: boolean;
  /** nothing in the mix colours anything */
  isClear: boolean;
}

/**
 * Colour of a mix in its masstone.
 *
 * @throws CarryError, UnknownPotError
 */
export function mixedColour(mix: Mix, earlier: readonly Step[], shelf: Shelf): MixedColour {
  const shares = flattenMix(mix, earlier);
  return {
    colour: surfaceColour(masstoneOf(mixedPaint(shares, shelf))),
    isEstimate: shares.some(({ potId }) => isEstimate(potOn(shelf, potId))),
    isClear: shares.every(({ potId }) => clearKinds.includes(potOn(shelf, potId).kind)),
  };
}

/** Metal turns with the light; what glows gives back more than it is lit with, and no swatch shows that. */
const turnsOrGlows: readonly Pot['finish'][] = ['metallic', 'fluorescent'];

/** Whether what is computed from a pot is only an estimate. */
export function isEstimate(pot: Pot): boolean {
  if (clearKinds.includes(pot.kind)) return false;
  return pot.hidingIsGuess || turnsOrGlows.includes(pot.finish);
}

/** The colour of a primer sprayed on thick: the ground of a recipe. 38 bands. */
export function groundOf(pot: Pot): Spectrum {
  return masstoneOf(opticsOfPot(pot.swatch, 1));
}

const clear: Optics = { absorption: flatSpectrum(0), scattering: flatSpectrum(0) };

function opticsOn(shelf: Shelf, potId: string): Optics {
  const pot = potOn(shelf, potId);
  return clearKinds.includes(pot.kind) ? clear : opticsOf(pot);
}
