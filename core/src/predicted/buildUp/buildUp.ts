import type { SurfaceColour } from '../../light/colour/surfaceColour';
import type { Aspect } from '../../written/place/aspects';
import type { Coverage } from '../paint/coatsToCover';
import type { MixedColour } from '../paint/mixedPaint';

/** The effect of one step of a recipe on the surface. */
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

/** The predicted colour at every stop of one aspect of a surface after every step. */
export interface AspectBuildUp {
  aspect: Aspect;
  /** places on the tone axis, 0–1, rising */
  stops: readonly number[];
  ground: SurfaceColour[];
  groundIsEstimate: boolean;
  steps: StepBuildUp[];
}

/**
 * The predicted colour at every stop of the tone axis after every step, dry, in daylight: as the
 * surface looks where no line is aimed, and beside it as it looks in each aspect.
 */
export interface BuildUp extends AspectBuildUp {
  /** one for each different aim of the recipe that its form fulfils; none where nothing is aimed */
  aspects: AspectBuildUp[];
}

/** Every way the surface looks, the plain one first. */
export const everyAspect = (build: BuildUp): AspectBuildUp[] => [build, ...build.aspects];

/** The finished colours of an aspect, or its ground where nothing is painted. */
export const finishedSurface = ({ steps, ground }: AspectBuildUp): SurfaceColour[] =>
  steps.at(-1)?.surface ?? ground;
