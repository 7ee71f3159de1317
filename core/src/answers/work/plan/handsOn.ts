import { areaPainted } from '../../../predicted/form/readsAs';
import type { Shape } from '../../../written/place/shape';
import type { Step } from '../../../written/recipe/step';
import { techniqueOf } from '../../../written/technique/techniques';

/** Taking a figure up, finding the place, loading the brush, putting it down. */
export const pickUpMinutes = 0.15;

/**
 * Hands-on time for one coat of a step on one model, at the usual speed.
 *
 * @param areaCm2 area of the surface on one model, above 0
 * @returns minutes: the area the step touches on the form × the technique's minutes per cm², and
 *   the picking up
 */
export function handsOnMinutes(
  step: Pick<Step, 'technique' | 'placement' | 'mix'>,
  areaCm2: number,
  shape: Shape,
): number {
  return (
    pickUpMinutes + techniqueOf(step.technique).minutesPerCm2 * areaCm2 * areaPainted(step, shape)
  );
}
