import type { Shape } from '../../written/place/shape';
import { aimedShareAt } from '../../written/recipe/aimOf';
import type { Recipe } from '../../written/recipe/recipe';
import type { Step } from '../../written/recipe/step';
import { placesOf } from '../../written/recipe/placesOf';
import { techniqueOf } from '../../written/technique/techniques';
import { depositAt } from '../../written/recipe/depositAt';

/** Wet thickness of one neat brushed coat, cm (about 40 µm). */
export const filmCm = 0.004;
/** Paint left in the brush and on the palette, as a share of that which reaches the figure. */
export const leftOnPalette = 0.5;

/**
 * Wet, thinned paint one step takes for the whole batch.
 *
 * @param shape what places there are on the surface
 * @returns millilitres: area × models × share of the tone axis it goes on × film × coats, plus
 *   half as much again for brush and palette
 */
export function wetVolumeMl(
  step: Step,
  { areaCm2, models }: Pick<Recipe, 'areaCm2' | 'models'>,
  shape: Shape,
): number {
  const { film } = techniqueOf(step.technique);
  const covered = meanDeposit(step, shape);
  return areaCm2 * models * covered * film * filmCm * step.coats * (1 + leftOnPalette);
}

/** Mean of the deposit over the tone axis, by the trapezium rule; the area is taken as even over it. */
function meanDeposit(step: Step, shape: Shape): number {
  let sum = 0;
  const places = placesOf(step);
  const aimed = aimedShareAt(step, shape);
  const depositOn = (at: number) => depositAt(step, at) * aimed(at);
  for (let i = 1; i < places.length; i++) {
    const width = places[i] - places[i - 1];
    sum += (width * (depositOn(places[i]) + depositOn(places[i - 1]))) / 2;
  }
  return sum;
}
