import { convertLab65ToXyz65 } from 'culori/fn';
import { colourOfXyz, type SurfaceColour } from '../colour/surfaceColour';
import type { FormName } from '../recipe/formNames';
import type { Step } from '../recipe/step';
import { depositAt } from '../recipe/predictBuildUp';
import { placesOf } from '../recipe/placesOf';
import { shareBelow } from './formField';

/**
 * Share of a form's area that each stop stands for: what lies nearer to it than to its neighbours.
 *
 * @param stops places on the tone axis, rising from 0 to 1
 * @returns one share a stop, together 1
 */
export function areaShares(form: FormName, stops: readonly number[]): number[] {
  return stops.map((at, i) => {
    const low = i === 0 ? 0 : shareBelow((stops[i - 1] + at) / 2, form);
    const high = i === stops.length - 1 ? 1 : shareBelow((at + stops[i + 1]) / 2, form);
    return high - low;
  });
}

/**
 * The colour a surface has at arm's length, where the eye no longer tells its places apart: the
 * light of all of them together, each by its share of the form's area.
 *
 * @param surface colour at each stop
 * @source averaging of light: tristimulus values add (Grassmann)
 */
export function readsAs(
  surface: readonly SurfaceColour[],
  stops: readonly number[],
  form: FormName,
): SurfaceColour {
  const sum = { x: 0, y: 0, z: 0 };
  areaShares(form, stops).forEach((share, i) => {
    const { value, a, b } = surface[i];
    const xyz = convertLab65ToXyz65({ l: value, a, b });
    sum.x += share * xyz.x;
    sum.y += share * xyz.y;
    sum.z += share * xyz.z;
  });
  return colourOfXyz(sum);
}

/** Share of a form's area a step goes on, 0–1: places that get less than a full coat count less. */
export function areaPainted(
  step: Pick<Step, 'technique' | 'placement' | 'mix'>,
  form: FormName,
): number {
  const places = placesOf(step);
  return areaShares(form, places).reduce(
    (sum, share, i) => sum + share * Math.min(1, depositAt(step, places[i])),
    0,
  );
}
