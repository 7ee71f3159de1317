import { areaPainted } from '../form/readsAs';
import type { FormName } from '../recipe/formNames';
import type { Step } from '../recipe/step';
import type { TechniqueName } from '../recipe/techniqueNames';

/**
 * Minutes of a steady, unhurried hand on 1 cm² of what a technique touches. Our own starting
 * points, to be scaled by the painter's speed.
 */
const minutesPerCm2: Record<TechniqueName, number> = {
  spray: 0.02,
  sprayFromAbove: 0.02,
  brushCoat: 0.2,
  layer: 0.3,
  allOverWash: 0.06,
  recessWash: 0.2,
  placedGlaze: 0.25,
  filter: 0.08,
  dryBrush: 0.08,
  stipple: 0.3,
  lineWork: 0.6,
  edgeLine: 1,
  point: 2.5,
  oneCoat: 0.1,
  wetBlend: 0.5,
};

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
  form: FormName,
): number {
  return pickUpMinutes + minutesPerCm2[step.technique] * areaCm2 * areaPainted(step, form);
}
