import { convertLab65ToXyz65 } from 'culori/fn';
import { colourOfXyz, type SurfaceColour } from '../../light/colour/surfaceColour';
import type { FormName } from '../../written/place/forms';
import type { Step } from '../../written/recipe/step';
import { depositAt } from '../../written/recipe/depositAt';
import { placesOf } from '../../written/recipe/placesOf';
import { shareAroundStop, type Aspect } from '../../written/place/aspects';
import { aimedShareAt } from '../../written/recipe/aimOf';
import { everyAspect, finishedAt, type BuildUp } from '../buildUp/buildUp';
import type { Shape } from '../../written/place/shape';
import { areaShares } from '../../written/place/areaShares';

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
  return colourOfAreas(areaShares(form, stops).map((share, i) => ({ colour: surface[i], share })));
}

/** The colour a whole surface has at arm's length: all its aspects, each by its share of every tone. */
export const readsAsWhole = (build: BuildUp, form: FormName): SurfaceColour =>
  colourOfAreas(finishedAreas(build, form));

/** A finished surface taken apart into its aspects and places, those it has. */
export function finishedAreas(build: BuildUp, form: FormName): SurfaceArea[] {
  const { stops } = build;
  const shares = areaShares(form, stops);
  return everyAspect(build).flatMap((each) =>
    stops.flatMap((at, i) => {
      const share = shares[i] * shareAroundStop(each.aspect, stops, i);
      if (share === 0) return [];
      return [{ aspect: each.aspect, at, colour: finishedAt(each, i), share }];
    }),
  );
}

/** The finished colours of one aspect, one a stop. */
export interface SurfacePart {
  aspect: Aspect;
  surface: readonly SurfaceColour[];
}

/** A place of a surface, as much of it as looks the same. */
export interface SurfaceArea {
  aspect: Aspect;
  /** on the tone axis, 0–1 */
  at: number;
  colour: SurfaceColour;
  /** of the form's area, 0–1 */
  share: number;
}

/** A surface taken apart into its aspects and places, together the whole of it. */
export function areasOf(
  parts: readonly SurfacePart[],
  stops: readonly number[],
  form: FormName,
): SurfaceArea[] {
  const shares = areaShares(form, stops);
  return parts.flatMap(({ aspect, surface }) =>
    surface.map((colour, i) => ({
      aspect,
      at: stops[i],
      colour,
      share: parts.length === 1 ? shares[i] : shares[i] * shareAroundStop(aspect, stops, i),
    })),
  );
}

/** The colour the aspects of a surface have together at arm's length. */
export const readsAsParts = (
  parts: readonly SurfacePart[],
  stops: readonly number[],
  form: FormName,
): SurfaceColour => colourOfAreas(areasOf(parts, stops, form));

/** The light of several areas together. @source tristimulus values add (Grassmann) */
export function colourOfAreas(
  areas: readonly Pick<SurfaceArea, 'colour' | 'share'>[],
): SurfaceColour {
  const sum = { x: 0, y: 0, z: 0 };
  for (const { colour, share } of areas) {
    const xyz = convertLab65ToXyz65({ l: colour.value, a: colour.a, b: colour.b });
    sum.x += share * xyz.x;
    sum.y += share * xyz.y;
    sum.z += share * xyz.z;
  }
  return colourOfXyz(sum);
}

/** Share of a form's area a step goes on, 0–1: places that get less than a full coat count less. */
export function areaPainted(
  step: Pick<Step, 'technique' | 'placement' | 'mix'>,
  shape: Shape,
): number {
  const places = placesOf(step);
  const aimed = aimedShareAt(step, shape);
  return areaShares(shape.form, places).reduce(
    (sum, share, i) => sum + share * Math.min(1, depositAt(step, places[i])) * aimed(places[i]),
    0,
  );
}
