import { filmOf } from './applyStep';
import { colourDifference } from '../colour/colourDifference';
import type { Spectrum } from '../colour/spectrum';
import { surfaceColour } from '../colour/surfaceColour';
import { masstoneOf } from '../paint/masstone';
import type { Optics } from '../paint/optics';
import type { BuildUp, StepBuildUp } from './buildUp';
import { coatsToCover, type Coverage } from './coatsToCover';
import { flattenMix } from './flattenMix';
import { putOn, type Laid } from './lift';
import { waterShareOf } from './mix';
import { groundOf, isEstimate, mixedColour, mixedPaint, potOn, type Shelf } from './mixedPaint';
import type { Recipe } from './recipe';
import { includedSteps } from './includedSteps';
import type { Step } from './step';
import { techniqueOf } from './techniques';
import { ribbonStops, toneStops } from './toneAxis';

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
  const bare = groundOf(primer);
  let laid: Laid = { surface: stops.map(() => bare), wet: null };
  let estimated = primer.finish === 'metallic';
  const groundIsEstimate = estimated;
  const ground = laid.surface.map(surfaceColour);
  const painted = new Map(includedSteps(recipe).map((step) => [step.id, step]));
  const steps = recipe.steps.map((written, index): StepBuildUp => {
    const included = painted.has(written.id);
    const step = painted.get(written.id) ?? written;
    const earlier = recipe.steps.slice(0, index);
    const shares = flattenMix(step.mix, earlier);
    const paint = mixedPaint(shares, shelf);
    const coverage = included ? coverageOf(step, paint, laid.surface, stops) : null;
    if (included) {
      laid = putOn(laid, step, paint, stops);
      estimated ||= shares.some(({ potId }) => isEstimate(potOn(shelf, potId)));
    }
    return {
      stepId: step.id,
      isIncluded: included,
      surface: laid.surface.map(surfaceColour),
      deposit: stops.map((at) => depositAt(step, at)),
      mix: mixedColour(step.mix, earlier, shelf),
      isEstimate: estimated,
      coverage,
    };
  });
  return { stops, ground, groundIsEstimate, steps };
}

/** How much a step lays on a place: a multiple of its film, or a share of the area. */
export function depositAt(step: Pick<Step, 'technique' | 'placement' | 'mix'>, at: number): number {
  return techniqueOf(step.technique).deposit(at, step.placement, waterShareOf(step.mix));
}

/**
 * Coats a covering step needs at the named place where it has the most to hide for what it lays
 * there, among the places it is meant to cover. Null for techniques that tint, and for clear mixes.
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
  const covered = stops.flatMap((at, i) => {
    const deposit = depositAt(step, at);
    return deposit >= meantToCover ? [{ at, deposit, ground: below[i] }] : [];
  });
  // A line too narrow to hold a named place is judged where it is.
  const named = covered.filter(({ at }) => toneStops.some((stop) => stop.at === at));
  let worst = -1;
  let coverage: { ground: Spectrum; deposit: number } | null = null;
  let last: { ground: Spectrum; difference: number } | null = null;
  for (const { deposit, ground } of named.length > 0 ? named : covered) {
    const difference: number =
      last?.ground === ground ? last.difference : colourDifference(surfaceColour(ground), target);
    last = { ground, difference };
    if (difference / deposit <= worst) continue;
    worst = difference / deposit;
    coverage = { ground, deposit };
  }
  if (!coverage) return null;
  const film = filmOf(step) * coverage.deposit;
  return coatsToCover(paint, coverage.ground, film);
}

/** A place that gets less than this multiple of a coat is in the fade, not meant to be covered. */
export const meantToCover = 0.7;
