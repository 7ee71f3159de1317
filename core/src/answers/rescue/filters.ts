import { filmOf } from '../../predicted/buildUp/applyStep';
import { filmOver } from '../../light/optics/filmOver';
import { reckonedDryMinutes } from '../work/plan/minutes/dryingTime';
import { handsOnMinutes } from '../work/plan/minutes/handsOn';
import { flattenMix } from '../../written/recipe/flattenMix';
import { shapeOf } from '../../written/recipe/shapeOf';
import { laidPaint } from '../../predicted/paint/laidPaint';
import { type Shelf } from '../../predicted/paint/mixedPaint';
import type { Attempt, Mishap } from './mishap';

/** How thin a filter is tried, parts of water to 1 part of paint. */
const waters = [4, 8, 16];
const everywhere = { from: 0, to: 1, softness: 0, pull: 'even' } as const;

/** One thin glaze of a mix of the recipe over the whole surface, to pull its places together. */
export function filters(mishap: Mishap, shelf: Shelf): Attempt[] {
  const { recipe, stepId, now, wetMixes, areaCm2 } = mishap;
  const last = recipe.steps.findIndex(({ id }) => id === stepId);
  return recipe.steps.slice(0, last + 1).flatMap((step, index) => {
    const paint = laidPaint('filter', flattenMix(step.mix, recipe.steps.slice(0, index)), shelf);
    if (paint.absorption.every((each) => each === 0)) return [];
    return waters.map((waterParts): Attempt => {
      const mix = { ...step.mix, waterParts, mediumParts: 0 };
      const filter = { technique: 'filter', mix, placement: everywhere } as const;
      const thickness = filmOf(filter);
      return {
        kind: 'filter',
        isOverAll: true,
        sentence: `A filter of the mix of line ${index + 1}, 1 paint : ${waterParts} water, over the whole surface.`,
        minutes: handsOnMinutes(filter, areaCm2, shapeOf(recipe)) + reckonedDryMinutes(filter),
        isWet: wetMixes.has(step.id),
        surface: now.map((ground) => filmOver(ground, paint, thickness)),
      };
    });
  });
}
