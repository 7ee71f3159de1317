import { colourDifference } from '../colour/colourDifference';
import type { Spectrum } from '../colour/spectrum';
import { surfaceColour } from '../colour/surfaceColour';
import { masstoneOf } from '../paint/masstone';
import type { Optics } from '../paint/optics';
import { depositOf, layOver } from './applyStep';
import type { BuildUp, StepBuildUp } from './buildUp';
import { coatsToCover, type Coverage } from './coatsToCover';
import { flattenMix } from './flattenMix';
import { loadOf, waterShareOf } from './mix';
import { groundOf, isEstimate, mixedColour, mixedPaint, potOn, type Shelf } from './mixedPaint';
import type { Recipe } from './recipe';
import { isIncluded, type Step } from './step';
import { techniqueOf } from './techniques';
import { ribbonStops } from './toneAxis';

/**
 * The colour of the surface at every stop after every step, worked out plainly from the ground up.
 * `BuildUpPredictor` gives the same and keeps what an edit leaves unchanged.
 *
 * @param stops places on the tone axis, 0–1
 * @throws CarryError, UnknownPotError
 */
export function predictBuildUp(
  recipe: Recipe,
  shelf: Shelf,
  stops: readonly number[] = ribbonStops,
): BuildUp {
  const primer = potOn(shelf, recipe.groundPotId);
  let surface: Spectrum[] = stops.map(() => groundOf(primer));
  let estimated = primer.finish === 'metallic';
  const groundIsEstimate = estimated;
  const ground = surface.map(surfaceColour);
  const steps = recipe.steps.map((step, index): StepBuildUp => {
    const earlier = recipe.steps.slice(0, index);
    const shares = flattenMix(step.mix, earlier);
    const paint = mixedPaint(shares, shelf);
    const included = isIncluded(step, recipe.finishLevel);
    const coverage = included ? coverageOf(step, paint, surface, stops) : null;
    if (included) {
      surface = surface.map((below, i) => layOver(below, paint, depositOf(step, paint, stops[i])));
      estimated ||= shares.some(({ potId }) => isEstimate(potOn(shelf, potId)));
    }
    return {
      stepId: step.id,
      isIncluded: included,
      surface: surface.map(surfaceColour),
      deposit: stops.map((at) => depositAt(step, at)),
      mix: mixedColour(step.mix, earlier, shelf),
      isEstimate: estimated,
      coverage,
    };
  });
  return { stops, ground, groundIsEstimate, steps };
}

/** How much a step lays on a place: a multiple of its film, or a share of the area. */
export function depositAt(step: Step, at: number): number {
  return techniqueOf(step.technique).deposit(at, step.placement, waterShareOf(step.mix));
}

/**
 * Coats a covering step needs at the place where what lies below differs most from its colour,
 * among the places it is meant to cover. Null for techniques that tint, and for clear mixes.
 *
 * @param below reflectance at each stop before the step
 */
export function coverageOf(
  step: Step,
  paint: Optics,
  below: readonly Spectrum[],
  stops: readonly number[],
): Coverage | null {
  const technique = techniqueOf(step.technique);
  if (!technique.covers || paint.scattering.every((s) => s === 0)) return null;
  const target = surfaceColour(masstoneOf(paint));
  let worst = -1;
  let ground: Spectrum | null = null;
  below.forEach((reflectance, i) => {
    if (depositAt(step, stops[i]) < meantToCover || reflectance === ground) return;
    const difference = colourDifference(surfaceColour(reflectance), target);
    if (difference > worst) {
      worst = difference;
      ground = reflectance;
    }
  });
  return ground && coatsToCover(paint, ground, technique.film * loadOf(step.mix));
}

/** A place that gets less than this multiple of a coat is in the fade, not meant to be covered. */
const meantToCover = 0.7;
