import { filmOf } from './applyStep';
import { colourDifference } from '../../light/colour/colourDifference';
import type { Spectrum } from '../../light/colour/spectrum';
import { surfaceColour, type SurfaceColour } from '../../light/colour/surfaceColour';
import { masstoneOf } from '../../light/optics/masstone';
import type { Aspect } from '../../written/place/aspects';
import type { Optics } from '../../light/optics/optics';
import { aspectsOfRecipe } from './aspectsOfRecipe';
import type { AspectBuildUp, BuildUp, StepBuildUp } from './buildUp';
import { coatsToCover, type Coverage } from '../paint/coatsToCover';
import { depositAt } from '../../written/recipe/depositAt';
import { flattenMix } from '../../written/recipe/flattenMix';
import { putOn, type Laid } from './lift';
import {
  groundOf,
  isEstimate,
  mixedColour,
  mixedPaint,
  potOn,
  type Shelf,
} from '../paint/mixedPaint';
import { onGround } from './onGround';
import type { Recipe } from '../../written/recipe/recipe';
import { inAspect, paintedSteps, type PaintedStep } from '../../written/recipe/paintedSteps';
import { techniqueOf } from '../../written/technique/techniques';
import { ribbonStops, toneStops } from '../../written/place/toneAxis';

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
  const { recipe: whole, below } = onGround(recipe, shelf);
  const [plain, ...aspects] = aspectsOfRecipe(whole, shelf).map((aspect) =>
    aboveGround(predictAspect(whole, shelf, aspect, stops), below),
  );
  return { ...plain, aspects };
}

/**
 * The build-up of the plain surface alone, as it is in `predictBuildUp`, without the places that lines
 * are aimed at. For a picture that shows no more than that.
 *
 * @throws CarryError, UnknownPotError
 */
export function predictPlainBuildUp(
  recipe: Recipe,
  shelf: Shelf,
  stops: readonly number[] = ribbonStops,
): AspectBuildUp {
  const { recipe: whole, below } = onGround(recipe, shelf);
  const [plain] = aspectsOfRecipe(whole, shelf);
  return aboveGround(predictAspect(whole, shelf, plain, stops), below);
}

/** The build-up of a whole surface from the first so many lines on: what they make is the ground. */
export function aboveGround(build: AspectBuildUp, below: number): AspectBuildUp {
  if (below === 0) return build;
  const ground = build.steps[below - 1];
  return {
    ...build,
    ground: ground.surface,
    groundIsEstimate: ground.isEstimate,
    steps: build.steps.slice(below),
  };
}

/** One place of the surface: what it reflects, and what that looks like. */
export interface Place {
  reflectance: Spectrum;
  colour: SurfaceColour;
}

/**
 * One aspect of a surface from its primer up, as `predictBuildUp`.
 *
 * @throws CarryError, UnknownPotError
 */
function predictAspect(
  recipe: Recipe,
  shelf: Shelf,
  aspect: Aspect,
  stops: readonly number[] = ribbonStops,
): AspectBuildUp {
  const primer = potOn(shelf, recipe.groundPotId);
  const bare = groundOf(primer);
  let laid: Laid = { surface: stops.map(() => bare), wet: null };
  let estimated = primer.finish === 'metallic';
  const groundIsEstimate = estimated;
  const ground = laid.surface.map(surfaceColour);
  let colours = ground;
  const painted = new Map(paintedSteps(recipe, aspect).map((step) => [step.id, step]));
  const steps = recipe.steps.map((written, index): StepBuildUp => {
    const included = painted.has(written.id);
    const step = painted.get(written.id) ?? inAspect(written, aspect);
    const earlier = recipe.steps.slice(0, index);
    const shares = flattenMix(step.mix, earlier);
    const paint = mixedPaint(shares, shelf);
    const below = laid.surface.map((reflectance, i) => ({ reflectance, colour: colours[i] }));
    const coverage = included ? coverageOf(step, paint, below, stops) : null;
    if (included) {
      laid = putOn(laid, step, paint, stops);
      colours = laid.surface.map(surfaceColour);
      estimated ||= shares.some(({ potId }) => isEstimate(potOn(shelf, potId)));
    }
    return {
      stepId: step.id,
      isIncluded: included,
      surface: colours,
      deposit: stops.map((at) => depositAt(step, at)),
      mix: mixedColour(step.mix, earlier, shelf),
      isEstimate: estimated,
      coverage,
    };
  });
  return { aspect, stops, ground, groundIsEstimate, steps };
}

/**
 * Coats a covering step needs at the named place where it has the most to hide for what it lays
 * there, among the places it is meant to cover. Null for techniques that tint, and for clear mixes.
 *
 * @param below each stop before the step
 * @param masstone what a thick film of the paint looks like, where that was worked out before
 */
export function coverageOf(
  step: PaintedStep,
  paint: Optics,
  below: readonly Place[],
  stops: readonly number[],
  masstone?: SurfaceColour,
): Coverage | null {
  const technique = techniqueOf(step.technique);
  if (!technique.covers || paint.scattering.every((s) => s === 0)) return null;
  const target = masstone ?? surfaceColour(masstoneOf(paint));
  const covered = stops.flatMap((at, i) => {
    const deposit = depositAt(step, at);
    return deposit >= meantToCover ? [{ at, deposit, ground: below[i] }] : [];
  });
  // A line too narrow to hold a named place is judged where it is.
  const named = covered.filter(({ at }) => toneStops.some((stop) => stop.at === at));
  let worst = -1;
  let hardest: { ground: Place; deposit: number } | null = null;
  let last: { ground: Place; difference: number } | null = null;
  for (const { deposit, ground } of named.length > 0 ? named : covered) {
    const difference: number =
      last?.ground.reflectance === ground.reflectance
        ? last.difference
        : colourDifference(ground.colour, target);
    last = { ground, difference };
    if (difference / deposit <= worst) continue;
    worst = difference / deposit;
    hardest = { ground, deposit };
  }
  if (!hardest) return null;
  const { ground, deposit } = hardest;
  return coatsToCover(paint, ground.reflectance, filmOf(step) * deposit, {
    ground: ground.colour,
    masstone: target,
  });
}

/** A place that gets less than this multiple of a coat is in the fade, not meant to be covered. */
export const meantToCover = 0.7;
