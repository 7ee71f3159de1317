import type { Aspect } from '../../written/place/aspects';
import { ribbonStops } from '../../written/place/toneAxis';
import { depositAt } from '../../written/recipe/depositAt';
import { flattenMix } from '../../written/recipe/flattenMix';
import { inAspect, paintedSteps } from '../../written/recipe/paintedSteps';
import type { Recipe } from '../../written/recipe/recipe';
import { laidPaint } from '../paint/laidPaint';
import { groundOf, isEstimate, mixedColour, potOn, type Shelf } from '../paint/mixedPaint';
import { aspectsOfRecipe } from './aspectsOfRecipe';
import type { AspectBuildUp, BuildUp, StepBuildUp } from './buildUp';
import { coverageOf } from './coverageOf';
import { putOn, type Laid } from './lift';
import { onGround } from '../ground/onGround';
import { once } from '../../written/record/once';
import { coloursOf, SurfacePlace } from './surfacePlace';

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
  const [main, ...aspects] = aspectsOfRecipe(whole, shelf).map((aspect) =>
    aboveGround(predictAspect(whole, shelf, aspect, stops), below),
  );
  return { ...main, aspects };
}

/**
 * The build-up of the main aspect alone, as it is in `predictBuildUp`. For a picture that shows no
 * more than that.
 *
 * @throws CarryError, UnknownPotError
 */
export function predictMainBuildUp(
  recipe: Recipe,
  shelf: Shelf,
  stops: readonly number[] = ribbonStops,
): AspectBuildUp {
  const { recipe: whole, below } = onGround(recipe, shelf);
  const [main] = aspectsOfRecipe(whole, shelf);
  return aboveGround(predictAspect(whole, shelf, main, stops), below);
}

/** The build-up of a whole surface from the first so many lines on: what they make is the ground. */
export function aboveGround(build: AspectBuildUp, below: number): AspectBuildUp {
  if (below === 0) return build;
  const ground = build.steps[below - 1];
  return {
    aspect: build.aspect,
    stops: build.stops,
    get ground() {
      return ground.surface;
    },
    groundIsEstimate: ground.isEstimate,
    steps: build.steps.slice(below),
  };
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
  const groundColours = coloursOf(placesOf(laid));
  const painted = new Map(paintedSteps(recipe, aspect).map((step) => [step.id, step]));
  const steps = recipe.steps.map((written, index): StepBuildUp => {
    const included = painted.has(written.id);
    const step = painted.get(written.id) ?? inAspect(written, aspect);
    const earlier = recipe.steps.slice(0, index);
    const shares = flattenMix(step.mix, earlier);
    const paint = laidPaint(step.technique, shares, shelf);
    const below = placesOf(laid);
    if (included) {
      laid = putOn(laid, step, paint, stops);
      estimated ||= shares.some(({ potId }) => isEstimate(potOn(shelf, potId)));
    }
    const colours = coloursOf(placesOf(laid));
    const coverage = once(() => (included ? coverageOf(step, paint, below, stops) : null));
    return {
      stepId: step.id,
      isIncluded: included,
      get surface() {
        return colours();
      },
      deposit: stops.map((at) => depositAt(step, at)),
      mix: mixedColour(step.mix, earlier, shelf),
      isEstimate: estimated,
      get coverage() {
        return coverage();
      },
    };
  });
  return {
    aspect,
    stops,
    get ground() {
      return groundColours();
    },
    groundIsEstimate,
    steps,
  };
}

const placesOf = ({ surface }: Laid) => surface.map((each) => new SurfacePlace(each));
