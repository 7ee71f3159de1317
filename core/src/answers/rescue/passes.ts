import { filmOf } from '../../predicted/buildUp/applyStep';
import { filmOver } from '../../light/optics/filmOver';
import type { Optics } from '../../light/optics/optics';
import { reckonedDryMinutes } from '../work/plan/minutes/dryingTime';
import { handsOnMinutes } from '../work/plan/minutes/handsOn';
import { flattenMix } from '../../written/recipe/flattenMix';
import { shapeOf } from '../../written/recipe/shapeOf';
import { mixedPaint, type Shelf } from '../../predicted/paint/mixedPaint';
import type { Step } from '../../written/recipe/step';
import type { Attempt, Mishap } from './mishap';

/** How thin a pass is tried, parts of water to 1 part of paint: from a layer to a filter. */
const waters = [0.5, 1, 2, 4, 8];
const mostPasses = 3;

/**
 * One to three passes of a mix of the recipe over the place: of an earlier line, to take it back,
 * or of the line itself, to bring it on. From a layer to a glaze as thin as tinted water.
 */
export function passes(mishap: Mishap, shelf: Shelf, stops: readonly number[]): Attempt[] {
  const { recipe, stepId, wetMixes } = mishap;
  const index = recipe.steps.findIndex(({ id }) => id === stepId);
  return recipe.steps.slice(0, index + 1).flatMap((step, place) => {
    const paint = mixedPaint(flattenMix(step.mix, recipe.steps.slice(0, place)), shelf);
    if (
      paint.scattering.every((each) => each === 0) &&
      paint.absorption.every((each) => each === 0)
    )
      return [];
    return waters.flatMap((waterParts) =>
      Array.from({ length: mostPasses }, (_, i) =>
        passOf(
          mishap,
          { step, number: place + 1, paint, waterParts, count: i + 1 },
          stops,
          wetMixes,
        ),
      ),
    );
  });
}

interface Pass {
  step: Step;
  number: number;
  paint: Optics;
  waterParts: number;
  count: number;
}

function passOf(
  { now, place, areaCm2, recipe }: Mishap,
  { step, number, paint, waterParts, count }: Pass,
  stops: readonly number[],
  wetMixes: ReadonlySet<string>,
): Attempt {
  const technique = waterParts >= 2 ? 'placedGlaze' : 'layer';
  const pass = {
    technique,
    mix: { ...step.mix, waterParts, mediumParts: 0 },
    placement: { ...place, softness: 0, pull: 'even' },
  } as const;
  const thickness = filmOf(pass) * count;
  const minutes =
    count * handsOnMinutes(pass, areaCm2, shapeOf(recipe)) + (count - 1) * reckonedDryMinutes(pass);
  return {
    kind: 'pass',
    sentence: `${count === 1 ? 'One pass' : `${count} passes`} of the mix of line ${number}, 1 paint : ${waterParts} water, over the place.`,
    minutes,
    isWet: wetMixes.has(step.id),
    surface: now.map((ground, stop) =>
      stops.includes(stop) ? filmOver(ground, paint, thickness) : ground,
    ),
  };
}
