import { colourDifference } from '../colour/colourDifference';
import { colourOfHex } from '../colour/colourOfHex';
import { hueApart } from '../colour/hueApart';
import { surfaceColour, type SurfaceColour } from '../colour/surfaceColour';
import { masstoneOf } from '../paint/masstone';
import { mixOptics } from '../paint/mixOptics';
import { oppositeCost } from '../paint/mixingOpposite';
import { opticsOf, opticsOfPot } from '../paint/opticsOfPot';
import type { Pot } from '../paint/pot';
import { isAtHand } from '../paint/stock';
import type { MixPart } from '../recipe/mix';
import type { Shelf } from '../recipe/mixedPaint';
import type { LightenChoice, ShadeChoice } from './schools';

/** Pots a draft may draw from: on the shelf, not empty, no metal (it turns with the light). */
export function paintsAtHand(shelf: Shelf, kinds: readonly Pot['kind'][] = ['paint']): Pot[] {
  return [...shelf.values()].filter(
    (pot) =>
      kinds.includes(pot.kind) && isAtHand(pot) && pot.finish !== 'metallic' && pot.hiding > 0,
  );
}

/** Whole parts of one or two pots, and how far they are from the colour wanted. */
export interface NearestMix {
  parts: MixPart[];
  /** ΔE00 */
  error: number;
}

const pairsTried = 8;
const mostParts = 4;
/** A second pot has to bring the colour nearer by this, ΔE00, to be worth mixing. */
const worthMixing = 1;

/**
 * The pot nearest to a colour, or two in whole parts up to 4 where they come nearer.
 *
 * @returns null when there is no pot
 */
export function nearestMix(hex: string, pots: readonly Pot[]): NearestMix | null {
  const target = colourOfHex(hex);
  const singles = pots
    .map((pot) => ({ pot, error: colourDifference(colourOfHex(pot.swatch), target) }))
    .sort((one, other) => one.error - other.error);
  if (singles.length === 0) return null;
  let best: NearestMix = {
    parts: [{ from: 'pot', potId: singles[0].pot.id, parts: 1 }],
    error: singles[0].error,
  };
  const single = best.error;
  const likely = singles.slice(0, pairsTried).map(({ pot }) => pot);
  likely.forEach((one, index) => {
    for (const other of likely.slice(index + 1))
      for (let parts = 1; parts <= mostParts; parts++)
        for (let otherParts = 1; otherParts <= mostParts; otherParts++) {
          const mixed = mixOptics([
            { optics: opticsOf(one), parts },
            { optics: opticsOf(other), parts: otherParts },
          ]);
          const error = colourDifference(surfaceColour(masstoneOf(mixed)), target);
          if (error < best.error - 1e-6 && error < single - worthMixing)
            best = {
              parts: [
                { from: 'pot', potId: one.id, parts },
                { from: 'pot', potId: other.id, parts: otherParts },
              ],
              error,
            };
        }
  });
  return best;
}

/** A pot chosen for an end of the progression. */
export interface ChosenPot {
  pot: Pot;
  /** it is of the sort that was asked for; otherwise the nearest there is */
  isAsAsked: boolean;
}

const huesApart = (one: SurfaceColour, other: SurfaceColour) =>
  Math.abs(hueApart(one.hue, other.hue));

/** What a colour that is no pot yet is taken to hide. */
const usualHiding = 0.7;

/** How well a darker pot fits each way of shading; Infinity where it does not. Smaller is better. */
const shadeFit: Record<
  ShadeChoice,
  (colour: SurfaceColour, mid: SurfaceColour, pot: Pot) => number
> = {
  darkerNeighbour: (pot, mid) =>
    pot.chroma > 6 && huesApart(pot, mid) < 50
      ? huesApart(pot, mid) + 0.7 * Math.abs(pot.value - (mid.value - 26))
      : Infinity,
  oppositeHue: (colour, mid, pot) => {
    const cost = oppositeCost(opticsOfPot(mid.hex, usualHiding), opticsOf(pot));
    return cost === null ? Infinity : cost + 0.3 * colour.value;
  },
  warmBrown: (pot) =>
    pot.hue > 25 && pot.hue < 80 && pot.chroma > 8 && pot.chroma < 45 && pot.value < 42
      ? Math.abs(pot.value - 28) + Math.abs(pot.hue - 55) / 3
      : Infinity,
  wash: (pot, mid) => huesApart(pot, mid) / 3 + Math.abs(pot.hue - 55) / 4,
  black: (pot) => (pot.chroma < 7 && pot.value < 22 ? pot.value + pot.chroma : Infinity),
};

const lightenFit: Record<LightenChoice, (pot: SurfaceColour, mid: SurfaceColour) => number> = {
  lighterNeighbour: (pot, mid) =>
    huesApart(pot, mid) < 45 && pot.chroma > 12
      ? huesApart(pot, mid) - 0.6 * pot.value - 0.2 * pot.chroma
      : Infinity,
  bone: (pot) =>
    pot.value > 76 && pot.hue > 55 && pot.hue < 115 && pot.chroma > 8 && pot.chroma < 36
      ? 100 - pot.value
      : Infinity,
  white: (pot) => (pot.value > 90 && pot.chroma < 8 ? 100 - pot.value : Infinity),
};

/** The pot to shade a mid tone with; null when nothing on the shelf is darker than it. */
export function shadePot(mid: SurfaceColour, choice: ShadeChoice, shelf: Shelf): ChosenPot | null {
  const isWash = choice === 'wash';
  const darker = paintsAtHand(shelf, isWash ? ['wash'] : ['paint']).filter(
    ({ swatch }) => isWash || colourOfHex(swatch).value < mid.value - 8,
  );
  return (
    bestFit(darker, (colour, pot) => shadeFit[choice](colour, mid, pot)) ??
    nearestInstead(shelf, mid, (value) => value < mid.value - 8)
  );
}

/** The pot to lighten a mid tone with; null when nothing on the shelf is lighter than it. */
export function lightPot(
  mid: SurfaceColour,
  choice: LightenChoice,
  shelf: Shelf,
): ChosenPot | null {
  const lighter = paintsAtHand(shelf).filter(
    ({ swatch }) => colourOfHex(swatch).value > mid.value + 6,
  );
  return (
    bestFit(lighter, (colour) => lightenFit[choice](colour, mid)) ??
    nearestInstead(shelf, mid, (value) => value > mid.value + 6)
  );
}

function bestFit(
  pots: readonly Pot[],
  fitOf: (colour: SurfaceColour, pot: Pot) => number,
): ChosenPot | null {
  let best: { pot: Pot; fit: number } | null = null;
  for (const pot of pots) {
    const fit = fitOf(colourOfHex(pot.swatch), pot);
    if (fit < (best?.fit ?? Infinity)) best = { pot, fit };
  }
  return best && { pot: best.pot, isAsAsked: true };
}

function nearestInstead(
  shelf: Shelf,
  mid: SurfaceColour,
  isOnSide: (value: number) => boolean,
): ChosenPot | null {
  const found = bestFit(
    paintsAtHand(shelf).filter(({ swatch }) => isOnSide(colourOfHex(swatch).value)),
    (colour) => huesApart(colour, mid),
  );
  return found && { ...found, isAsAsked: false };
}
