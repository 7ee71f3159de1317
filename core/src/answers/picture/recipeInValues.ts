import { finishedAreas, type SurfaceArea } from '../../predicted/form/readsAs';
import type { FormName } from '../../written/place/forms';
import type { BuildUp } from '../../predicted/buildUp/buildUp';
import { valueAt } from './inValues';
import { wayUp } from './lightField';

/** A recipe in a few values, as a photograph is laid out in them. */
export interface RecipeInValues {
  /** of the form, in each value, the darkest first; together 1 */
  shares: number[];
  /** L* of its darkest and its lightest places, a fiftieth of the form left out at each end */
  darkest: number;
  lightest: number;
}

const ignoredAtEnds = 0.02;

/**
 * How much of its form a finished recipe leaves in each of so many values, even between its own
 * darkest and lightest: light and shade painted on, not the light of the room.
 */
export function recipeInValues(build: BuildUp, form: FormName, values: number): RecipeInValues {
  const areas = finishedAreas(build, form);
  const [darkest, lightest] = endsOf(areas);
  const shares = new Array<number>(values).fill(0);
  for (const { colour, share } of areas)
    shares[valueAt(wayUp(colour.value, darkest, lightest), values)] += share;
  const all = shares.reduce((sum, each) => sum + each, 0);
  return { shares: shares.map((share) => share / all), darkest, lightest };
}

function endsOf(areas: readonly SurfaceArea[]): [darkest: number, lightest: number] {
  const sorted = [...areas].sort((one, other) => one.colour.value - other.colour.value);
  const all = sorted.reduce((sum, { share }) => sum + share, 0);
  const from = (places: readonly SurfaceArea[]) => {
    let before = 0;
    for (const { colour, share } of places) {
      before += share;
      if (before > ignoredAtEnds * all) return colour.value;
    }
    return places[places.length - 1].colour.value;
  };
  return [from(sorted), from(sorted.toReversed())];
}
