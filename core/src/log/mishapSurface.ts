import type { Spectrum } from '../colour/spectrum';
import { surfaceColour } from '../colour/surfaceColour';
import { filmOver } from '../paint/filmOver';
import { opticsOfPot } from '../paint/opticsOfPot';
import { depositOf, layOver } from '../recipe/applyStep';
import { flattenMix } from '../recipe/flattenMix';
import { mixedPaint, potOn, type Shelf } from '../recipe/mixedPaint';
import type { Recipe } from '../recipe/recipe';
import type { Step } from '../recipe/step';
import { surfaceBelow } from '../recipe/surfaceBelow';
import { techniqueOf } from '../recipe/techniques';
import { ribbonStops } from '../recipe/toneAxis';
import type { Mishap } from './mishap';
import type { MishapKind } from './mishapKinds';
import { plannedAfter } from './rescue';
import { stopsIn } from './stopsIn';

/** How bad it is, as a painter says it. */
export const mishapDegrees = ['slight', 'clear', 'bad'] as const;
export type MishapDegree = (typeof mishapDegrees)[number];

export interface ToldMishap {
  what: MishapKind;
  degree: MishapDegree;
  /** the paint that should not be there: of a spill or a wrong pot */
  potId?: string;
}

/** Value that is off, L*, where something is too bright or too dark. */
const valueOff: Record<MishapDegree, number> = { slight: 4, clear: 9, bad: 16 };
/** Share of the whole, or films too many. */
const amount: Record<MishapDegree, number> = { slight: 0.3, clear: 0.6, bad: 1 };
/** Dry pigment that did not level scatters white from its rough surface: so much of it. */
const chalkScatters = 0.14;

/**
 * What a surface looks like after something went wrong with a line, from what the painter says: an
 * estimate, as nobody has measured it. Before the stroke it was as it is planned below the line.
 *
 * @returns the surface before and now, at each of `ribbonStops`
 * @throws CarryError, UnknownPotError
 */
export function mishapSurface(
  recipe: Recipe,
  shelf: Shelf,
  stepId: string,
  place: Mishap['place'],
  { what, degree, potId }: ToldMishap,
): { before: Spectrum[]; now: Spectrum[] } {
  const index = recipe.steps.findIndex(({ id }) => id === stepId);
  const step = recipe.steps[index];
  const below = surfaceBelow(recipe, shelf, stepId);
  const planned = plannedAfter({ recipe, stepId }, shelf);
  const paint = mixedPaint(flattenMix(step.mix, recipe.steps.slice(0, index)), shelf);
  const wrong = () => {
    const { swatch, hiding } = potOn(shelf, potId ?? recipe.groundPotId);
    return opticsOfPot(swatch, hiding);
  };
  const off = valueOff[degree];
  const much = amount[degree];
  const places = stopsIn(place);
  const gone: Record<MishapKind, (stop: number) => Spectrum> = {
    'too bright': (stop) => withValue(planned[stop], off),
    'too dark': (stop) => withValue(planned[stop], -off),
    'too stark': (stop) => withValue(planned[stop], isLighter(planned, below, stop) ? off : -off),
    patchy: (stop) => between(planned[stop], below[stop], much * 0.7),
    chalky: (stop) => planned[stop].map((r) => r + (1 - r) * chalkScatters * much),
    pooled: (stop) => filmOver(planned[stop], paint, 2 * much * techniqueOf(step.technique).film),
    'tide mark': (stop) => filmOver(planned[stop], paint, 3 * much * loadLeft(step)),
    spilled: (stop) => filmOver(planned[stop], wrong(), much),
    'wrong pot': (stop) => {
      const deposit = depositOf(step, wrong(), ribbonStops[stop]);
      return between(planned[stop], layOver(below[stop], wrong(), deposit), much);
    },
    // Filled recesses have the colour of what is around them.
    'lost detail': (stop) => between(planned[stop], planned[middle], much),
  };
  const isSpill = what === 'spilled' || what === 'lost detail';
  return {
    before: isSpill ? planned : below,
    now: planned.map((spectrum, stop) => (places.includes(stop) ? gone[what](stop) : spectrum)),
  };
}

const middle = ribbonStops.indexOf(0.5);

/** The edge a puddle dries to is thicker than what was put on, but no thicker than its paint. */
const loadLeft = (step: Step) => 0.3 * techniqueOf(step.technique).film;

const between = (from: Spectrum, to: Spectrum, share: number): Spectrum =>
  from.map((reflectance, band) => reflectance + share * (to[band] - reflectance));

function isLighter(planned: readonly Spectrum[], below: readonly Spectrum[], stop: number) {
  return surfaceColour(planned[stop]).value >= surfaceColour(below[stop]).value;
}

/** The same surface lighter or darker by so much L*, as far as it goes; its hue stays. */
function withValue(spectrum: Spectrum, change: number): Spectrum {
  const goal = Math.max(2, Math.min(98, surfaceColour(spectrum).value + change));
  const to = (share: number) =>
    spectrum.map((r) => (change > 0 ? r + (1 - r) * share : r * (1 - share)));
  let [low, high] = [0, 1];
  for (let i = 0; i < 24; i++) {
    const share = (low + high) / 2;
    const value = surfaceColour(to(share)).value;
    if (change > 0 ? value < goal : value > goal) low = share;
    else high = share;
  }
  return to((low + high) / 2);
}
