import type { Spectrum } from '../../light/colour/spectrum';
import type { SurfaceColour } from '../../light/colour/surfaceColour';
import type { Recipe } from '../../written/recipe/recipe';

/** The figure after something went wrong, at each of `ribbonStops`. */
export interface Mishap {
  recipe: Recipe;
  /** the line that was being painted; what is planned is the surface after it */
  stepId: string;
  /** where it went wrong on the tone axis, 0–1 */
  place: { from: number; to: number };
  /** the surface as it is now, 38 bands a stop */
  now: readonly Spectrum[];
  /** the surface before the stroke that went wrong; null where nobody knows */
  before: readonly Spectrum[] | null;
  /** minutes since that stroke; null where it is dry for certain */
  minutesAgo: number | null;
  /** lines whose mixes still stand on the palette, usable */
  wetMixes: ReadonlySet<string>;
  /** coats of the line that are still to be painted over it; none where not said */
  coatsToCome?: number;
  /** area of the surface on one model, cm² */
  areaCm2: number;
}

/** A way to mend it. */
export interface Mend {
  kind: 'leave' | 'lift' | 'pass' | 'filter' | 'restore';
  /** what to do, in one sentence */
  sentence: string;
  /** the surface then, at each of `ribbonStops` */
  after: SurfaceColour[];
  /** mean ΔE00 to what was planned, over the place */
  error: number;
  /** hands-on and drying, minutes */
  minutes: number;
  /** whether the mixes it needs still stand on the palette */
  isWet: boolean;
}

/** The effect of a mend before it is judged. */
export interface Attempt extends Pick<Mend, 'kind' | 'sentence' | 'minutes' | 'isWet'> {
  /** it goes over the whole surface, and is judged by all of it */
  isOverAll?: true;
  surface: readonly Spectrum[];
}
