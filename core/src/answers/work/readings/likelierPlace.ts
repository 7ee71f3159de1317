import { colourDifference } from '../../../light/colour/colourDifference';
import { colourOfLab } from '../../../light/colour/colourOfLab';
import type { Shelf } from '../../../predicted/paint/mixedPaint';
import type { Recipe } from '../../../written/recipe/recipe';
import { toneStops, type ToneStopName } from '../../../written/place/toneAxis';
import type { Lab } from './controlChart';
import { atTone, type ReadPlace } from './readPlace';
import { labsOf } from './explainDrift';

/** A reading so far off what is predicted for its place is looked at twice, ΔE00. */
const farOff = 6;
/** Another place has to be so much nearer to be named. */
const muchNearer = 0.4;

/**
 * Whether a reading looks as if another place had been read than was said.
 *
 * @returns the named place it fits far better; null where it fits its own, or no other
 * @throws CarryError, UnknownPotError
 */
export function likelierPlace(
  lab: Lab,
  place: ReadPlace,
  recipe: Recipe,
  shelf: Shelf,
): { place: ToneStopName; at: number; difference: number; said: number } | null {
  const places = [place, ...toneStops.map(({ at }) => atTone(place, at))];
  const read = colourOfLab(...lab);
  const [said, ...named] = labsOf(recipe, shelf, places).map((predicted) =>
    colourDifference(colourOfLab(...predicted), read),
  );
  if (said <= farOff) return null;
  const nearest = named.indexOf(Math.min(...named));
  if (named[nearest] > said * muchNearer) return null;
  const { name, at } = toneStops[nearest];
  return { place: name, at, difference: named[nearest], said };
}
