import { convertLab65ToXyz65 } from 'culori/fn';
import { colourOfXyz, surfaceColour, type SurfaceColour } from '../light/colour/surfaceColour';
import type { Spectrum } from '../light/colour/spectrum';
import { aimKey } from '../written/place/aim';
import { aimWeights } from '../written/place/aimWeights';
import { formField } from '../written/place/formField';
import { forms } from '../written/place/forms';
import { aimOf } from '../written/recipe/aimOf';
import { flattenMix } from '../written/recipe/flattenMix';
import { paintedSteps } from '../written/recipe/paintedSteps';
import type { Recipe } from '../written/recipe/recipe';
import { shapeOf } from '../written/recipe/shapeOf';
import { putOn, type Laid } from '../predicted/buildUp/lift';
import { laidPaint } from '../predicted/paint/laidPaint';
import { groundOf, potOn, type Shelf } from '../predicted/paint/mixedPaint';

/**
 * The colour of a recipe at arm's length, worked out place by place of its form with the weight
 * each aim has there, and no aspects: what the prediction by aspects is measured against.
 *
 * @param size cells along each side of the form
 * @param toneOf the tone a place is painted at; its own unless said
 */
export function readsAsPlaceByPlace(
  recipe: Recipe,
  shelf: Shelf,
  size: number,
  toneOf: (tone: number) => number = (tone) => tone,
): SurfaceColour {
  const shape = shapeOf(recipe);
  const field = formField(shape, size);
  const cells = field.inside.length;
  const steps = paintedSteps(recipe).map((step) => {
    const index = recipe.steps.findIndex(({ id }) => id === step.id);
    const aim = aimOf(step);
    return {
      step,
      paint: laidPaint(step.technique, flattenMix(step.mix, recipe.steps.slice(0, index)), shelf),
      weights: aimKey(aim) === '' ? null : aimWeights(field, aim, shape.spots),
    };
  });
  const ground: Spectrum = groundOf(potOn(shelf, recipe.groundPotId));
  const sum = { x: 0, y: 0, z: 0 };
  let area = 0;
  for (let place = 0; place < cells * (forms[field.form].hasBack ? 2 : 1); place++) {
    const cell = place % cells;
    if (!field.inside[cell]) continue;
    let laid: Laid = { surface: [ground], wet: null };
    for (const { step, paint, weights } of steps)
      laid = putOn(laid, weights ? { ...step, weight: weights[place] } : step, paint, [
        toneOf(field.tone[cell]),
      ]);
    const { value, a, b } = surfaceColour(laid.surface[0]);
    const xyz = convertLab65ToXyz65({ l: value, a, b });
    const own = 1 / field.normalZ[cell];
    sum.x += own * xyz.x;
    sum.y += own * xyz.y;
    sum.z += own * xyz.z;
    area += own;
  }
  return colourOfXyz({ x: sum.x / area, y: sum.y / area, z: sum.z / area });
}
