import { areaPainted } from '../../../../predicted/form/readsAs';
import type { Shape } from '../../../../written/place/shape';
import type { FinishLevel, Step } from '../../../../written/recipe/step';
import { techniqueOf } from '../../../../written/technique/techniques';

/** Taking a figure up, finding the place, loading the brush, putting it down. */
export const pickUpMinutes = 0.3;

/** Care of a standard of finish, as the power of what a display piece takes. */
const careOf: Record<FinishLevel, number> = { field: 0, table: 0.4, display: 1 };

/**
 * Hands-on time for one coat of a step on one model, at the usual speed: the picking up, the area the
 * step touches on the form, and its border, as what is small takes far longer for its area. A higher
 * standard takes longer by technique.
 *
 * @param areaCm2 area of the surface on one model, above 0
 * @returns minutes
 * @example handsOnMinutes(baseCoat, 8, { form: 'folds' }, 'field') // → 1.5
 */
export function handsOnMinutes(
  step: Pick<Step, 'technique' | 'placement' | 'mix'>,
  areaCm2: number,
  shape: Shape,
  level: FinishLevel = 'table',
): number {
  const { perCm2, perCm, display } = techniqueOf(step.technique).minutes;
  const touched = areaCm2 * areaPainted(step, shape);
  const border = 4 * Math.sqrt(touched);
  return pickUpMinutes + (perCm2 * touched + perCm * border) * display ** careOf[level];
}
