import type { SurfaceColour } from '../colour/surfaceColour';
import type { Coverage } from './coatsToCover';
import type { MixedColour } from './mixedPaint';

/** What one step of a recipe does to the surface. */
export interface StepBuildUp {
  stepId: string;
  /** left out at the recipe's finish level; its mix can still be carried forward */
  isIncluded: boolean;
  /** the dry surface after the step, one colour a stop */
  surface: SurfaceColour[];
  /** how much the step lays on each stop, as a multiple of its film or as share of the area */
  deposit: number[];
  mix: MixedColour;
  /** something in this step or below it is only an estimate */
  isEstimate: boolean;
  /** for techniques that are there to cover: coats needed where what lies below shows most */
  coverage: Coverage | null;
}

/** The predicted colour at every stop of the tone axis after every step, dry, in daylight. */
export interface BuildUp {
  /** places on the tone axis, 0–1, rising */
  stops: readonly number[];
  ground: SurfaceColour[];
  groundIsEstimate: boolean;
  steps: StepBuildUp[];
}
