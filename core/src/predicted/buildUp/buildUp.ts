import type { SurfaceColour } from '../../light/colour/surfaceColour';
import { aspectOfAim, mainAspects, type Aspect } from '../../written/place/aspects';
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
  /** the finished colour at one stop, where it can be worked out without all steps of all stops */
  finishedAt?: (stop: number) => SurfaceColour;
}

/**
 * The predicted colour at every stop of the tone axis after every step, dry, in daylight: as most
 * of the surface looks, and beside it as each other aspect of it looks. Colours are worked out when
 * they are first read.
 */
export interface BuildUp extends AspectBuildUp {
  /** the other aspects, the largest first; none where nothing is aimed */
  aspects: AspectBuildUp[];
}

/** Every aspect of a surface, what most of it looks like first; their shares add up to 1. */
export const everyAspect = (build: BuildUp): [AspectBuildUp, ...AspectBuildUp[]] => [
  build,
  ...build.aspects,
];

/** The finished colours of an aspect, or its ground where nothing is painted. */
export const finishedSurface = ({ steps, ground }: AspectBuildUp): SurfaceColour[] =>
  steps.at(-1)?.surface ?? ground;

/** The finished colour at one stop. */
export const finishedAt = (build: AspectBuildUp, stop: number): SurfaceColour =>
  build.finishedAt?.(stop) ?? finishedSurface(build)[stop];

/** The surface where an aim holds most; most of the surface where it holds nowhere. */
export function buildUpOfAim(build: BuildUp, aimKey: string): AspectBuildUp {
  const every = everyAspect(build);
  const best = aspectOfAim([build.aspect, ...build.aspects.map(({ aspect }) => aspect)], aimKey);
  return every.find(({ aspect }) => aspect === best) ?? build;
}

/** One build-up for each set of aims that hold together, each with the share of all that look so. */
export function mainBuildUps(build: BuildUp): [AspectBuildUp, ...AspectBuildUp[]] {
  const every = everyAspect(build);
  const [first, ...others] = mainAspects(every.map(({ aspect }) => aspect)).flatMap(
    ({ aspect, share, ofTone }) => {
      const own = every.find((each) => each.aspect === aspect);
      return own ? [asAspect(own, { ...aspect, share, ofTone })] : [];
    },
  );
  return [first, ...others];
}

const asAspect = (build: AspectBuildUp, aspect: Aspect): AspectBuildUp => ({
  aspect,
  stops: build.stops,
  ground: build.ground,
  groundIsEstimate: build.groundIsEstimate,
  steps: build.steps,
});

/** A build-up to be shown: the parts a painter would name, without their fades. */
export function shownBuildUp(build: BuildUp): BuildUp {
  const [main, ...aspects] = mainBuildUps(build);
  return { ...main, aspects };
}
