import { colourOfHex } from '../../light/colour/colourOfHex';
import { hueApart } from '../../light/colour/hueApart';
import type { SurfaceColour } from '../../light/colour/surfaceColour';
import { oppositeCost } from '../../light/optics/mixingOpposite';
import { opticsOf, opticsOfPot } from '../../predicted/paint/opticsOfPot';
import type { Pot } from '../../written/pot/pot';
import { isAtHand } from '../../written/pot/stock';
import type { Shelf } from '../../predicted/paint/mixedPaint';
import type { LightenChoice, ShadeChoice } from './schools';

/** Pots a draft may draw from: on the shelf, not empty, no metal (it turns with the light). */
export function paintsAtHand(shelf: Shelf, kinds: readonly Pot['kind'][] = ['paint']): Pot[] {
  return [...shelf.values()].filter(
    (pot) =>
      kinds.includes(pot.kind) && isAtHand(pot) && pot.finish !== 'metallic' && pot.hiding > 0,
  );
}

/** A pot chosen for an end of the progression. */
export interface ChosenPot {
  pot: Pot;
  /** it is of the sort that was asked for; otherwise what a painter takes instead */
  isAsAsked: boolean;
}

const huesApart = (one: SurfaceColour, other: SurfaceColour) =>
  Math.abs(hueApart(one.hue, other.hue));

/** The hue of so little colour, C*, says nothing. */
const nearlyGrey = 8;

/** Hiding assumed of a colour that is no pot yet. */
const usualHiding = 0.7;

/** How well a darker pot fits each way of shading; Infinity where it does not. Smaller is better. */
const shadeFit: Record<
  ShadeChoice,
  (colour: SurfaceColour, mid: SurfaceColour, pot: Pot) => number
> = {
  darkerNeighbour: (pot, mid) =>
    isNeighbour(pot, mid, 50)
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

const isNeighbour = (colour: SurfaceColour, mid: SurfaceColour, within: number) =>
  mid.chroma < nearlyGrey
    ? colour.chroma < 1.5 * nearlyGrey
    : colour.chroma > 6 && huesApart(colour, mid) < within;

/** A highlight of a paint that hides less than this is built up of too many coats. */
const hidesEnough = 0.5;
const clearlyLighter = 16;

/** How well a lighter pot fits each way of lightening; as `shadeFit`. */
const lightenFit: Record<
  LightenChoice,
  (colour: SurfaceColour, mid: SurfaceColour, pot: Pot) => number
> = {
  lighterNeighbour: (colour, mid, { hiding }) =>
    isNeighbour(colour, mid, 45) &&
    colour.value > mid.value + Math.min(clearlyLighter, (100 - mid.value) / 3)
      ? huesApart(colour, mid) -
        0.6 * colour.value -
        0.2 * colour.chroma +
        100 * Math.max(0, hidesEnough - hiding)
      : Infinity,
  bone: (pot) =>
    pot.value > 76 && pot.hue > 55 && pot.hue < 115 && pot.chroma > 8 && pot.chroma < 36
      ? 100 - pot.value
      : Infinity,
  white: (colour, _mid, { hiding }) =>
    colour.value > 90 && colour.chroma < 8
      ? 100 - colour.value + 100 * Math.max(0, hidesEnough - hiding)
      : Infinity,
};

/** A shadow takes a hue this far off, degrees, where nothing nearer is at hand; a light never does. */
const shadesWithin = 90;

/** Colours a painter reaches for where the shelf lacks the one asked for. */
const shadeInstead: readonly ShadeChoice[] = ['darkerNeighbour', 'warmBrown', 'black'];
const lightenInstead: readonly LightenChoice[] = ['bone', 'white', 'lighterNeighbour'];

/** The pot to shade a mid tone with; null when the shelf has nothing to darken it with. */
export function shadePot(mid: SurfaceColour, choice: ShadeChoice, shelf: Shelf): ChosenPot | null {
  const darker = paintsAtHand(shelf).filter(
    ({ swatch }) => colourOfHex(swatch).value < mid.value - 8,
  );
  const found = firstFound([choice, ...shadeInstead], (each) =>
    bestFit(each === 'wash' ? paintsAtHand(shelf, ['wash']) : darker, (colour, pot) =>
      shadeFit[each](colour, mid, pot),
    ),
  );
  if (found) return found;
  const further = bestFit(darker, (colour) =>
    huesApart(colour, mid) < shadesWithin ? huesApart(colour, mid) : Infinity,
  );
  return further && { pot: further, isAsAsked: false };
}

/** The pot to lighten a mid tone with; null when the shelf has nothing to lighten it with. */
export function lightPot(
  mid: SurfaceColour,
  choice: LightenChoice,
  shelf: Shelf,
): ChosenPot | null {
  const lighter = paintsAtHand(shelf).filter(
    ({ swatch }) => colourOfHex(swatch).value > mid.value + 6,
  );
  return firstFound([choice, ...lightenInstead], (each) =>
    bestFit(lighter, (colour, pot) => lightenFit[each](colour, mid, pot)),
  );
}

function firstFound<Choice>(
  choices: readonly Choice[],
  find: (choice: Choice) => Pot | null,
): ChosenPot | null {
  for (const choice of choices) {
    const pot = find(choice);
    if (pot) return { pot, isAsAsked: choice === choices[0] };
  }
  return null;
}

function bestFit(
  pots: readonly Pot[],
  fitOf: (colour: SurfaceColour, pot: Pot) => number,
): Pot | null {
  let best: { pot: Pot; fit: number } | null = null;
  for (const pot of pots) {
    const fit = fitOf(colourOfHex(pot.swatch), pot);
    if (fit < (best?.fit ?? Infinity)) best = { pot, fit };
  }
  return best && best.pot;
}
