import type { Recipe } from './recipe';
import type { Step } from './step';
import { placesOf } from './placesOf';
import { techniqueOf } from './techniques';
import { depositAt } from './predictBuildUp';

/** Wet thickness of one neat brushed coat, cm (about 40 µm). */
export const filmCm = 0.004;
/** What stays in the brush and on the palette, as a share of what reaches the figure. */
export const leftOnPalette = 0.5;

/**
 * Wet, thinned paint one step takes for the whole batch.
 *
 * @returns millilitres: area × models × share of the tone axis it goes on × film × coats, plus
 *   half as much again for brush and palette
 */
export function wetVolumeMl(step: Step, { areaCm2, models }: Pick<Recipe, 'areaCm2' | 'models'>) {
  const { film } = techniqueOf(step.technique);
  const covered = meanDeposit(step);
  return areaCm2 * models * covered * film * filmCm * step.coats * (1 + leftOnPalette);
}

/** Mean of the deposit over the tone axis, by the trapezium rule; the area is taken as even over it. */
function meanDeposit(step: Step): number {
  let sum = 0;
  const places = placesOf(step);
  for (let i = 1; i < places.length; i++) {
    const width = places[i] - places[i - 1];
    sum += (width * (depositAt(step, places[i]) + depositAt(step, places[i - 1]))) / 2;
  }
  return sum;
}
