import { areaShares } from '../../written/place/areaShares';
import type { Shape } from '../../written/place/shape';
import { aimedShareAt } from '../../written/recipe/aimOf';
import type { Recipe } from '../../written/recipe/recipe';
import type { Step } from '../../written/recipe/step';
import { placesOf } from '../../written/recipe/placesOf';
import { wetFilmOf } from '../../written/technique/wetFilm';
import { depositAt } from '../../written/recipe/depositAt';

/** Wet thickness of one neat brushed coat, cm (about 40 µm). */
const filmCm = 0.004;
/** Paint left in the brush and on the palette, as a share of that which reaches the figure. */
export const leftOnPalette = 0.5;

/**
 * Wet, thinned paint one step takes for the whole batch.
 *
 * @param shape what places there are on the surface
 * @returns millilitres: area × models × mean deposit over the form × film × coats, plus
 *   half as much again for brush and palette
 */
export function wetVolumeMl(
  step: Step,
  { areaCm2, models }: Pick<Recipe, 'areaCm2' | 'models'>,
  shape: Shape,
): number {
  const film = wetFilmOf(step);
  const covered = meanDeposit(step, shape);
  return areaCm2 * models * covered * film * filmCm * step.coats * (1 + leftOnPalette);
}

/** Mean of the deposit over the form: each place of the tone axis by the form's own share of it. */
function meanDeposit(step: Step, shape: Shape): number {
  const places = placesOf(step);
  const aimed = aimedShareAt(step, shape);
  return areaShares(shape.form, places).reduce(
    (sum, share, i) => sum + share * depositAt(step, places[i]) * aimed(places[i]),
    0,
  );
}
