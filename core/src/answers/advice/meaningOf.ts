import type { StepBuildUp } from '../../predicted/buildUp/buildUp';
import { coveredWithin } from '../../predicted/paint/coatsToCover';
import type { SurfaceColour } from '../../light/colour/surfaceColour';
import { loadOf } from '../../written/mix/mix';
import { filmOf } from '../../predicted/buildUp/applyStep';
import { meantToCover } from '../../predicted/buildUp/coverageOf';
import type { Meaning } from '../../written/technique/meaning';
import type { Step } from '../../written/recipe/step';
import { techniqueOf } from '../../written/technique/techniques';

/** A thin coat on a ground that differs by so much, L*, is put on for what it lets show. */
const litFrom = 20;
const thinUpTo = 0.45;
/** A ground so pale, L*, and so grey, C, is white. */
const whiteFrom = 78;
const whiteTo = 15;
const halfThinned = 0.6;
/** So little paint a coat, in films, and so many coats, build up. */
const littleFilm = 0.34;
const manyCoats = 3;
/** A coat that leaves more than this share of the way to its own colour is meant to let show. */
const leftOpen = 1 / 3;

/**
 * The purpose of a line: as its painter says, or as it follows from its technique, its thinning and
 * its effect on the surface below.
 *
 * @param below the surface before it, one colour a stop
 * @returns null for what holds no paint: a medium or a varnish
 */
export function meaningOf(
  step: Step,
  build: StepBuildUp,
  below: readonly SurfaceColour[],
): Meaning | null {
  if (build.mix.isClear) return null;
  if (step.meaning) return step.meaning;
  const { means } = techniqueOf(step.technique);
  if (means !== 'cover') return means;
  const load = loadOf(step.mix);
  if (isLit(build, below) && load <= thinUpTo) return 'showThrough';
  const isFirst = step.stage === 'base' || step.stage === 'prime';
  if (isFirst && !(load <= halfThinned && isOnWhite(build, below))) return 'cover';
  if (filmOf(step) <= littleFilm && step.coats >= manyCoats) return 'buildUp';
  const { coverage } = build;
  if (!coverage) return 'mark';
  const missing =
    coverage.missingAfter[Math.min(Math.ceil(step.coats), coverage.missingAfter.length) - 1];
  return missing <= Math.max(coveredWithin, leftOpen * coverage.missingAtFirst)
    ? 'cover'
    : 'showThrough';
}

/** White lights up what is thin on it, and a first coat of half paint or less is thin for that. */
function isOnWhite({ deposit }: StepBuildUp, below: readonly SurfaceColour[]): boolean {
  return below.every(
    ({ value, chroma }, i) => deposit[i] < meantToCover || (value >= whiteFrom && chroma < whiteTo),
  );
}

/** Lit beforehand where the line goes on: pale above and dark below, as mist or bristles leave it. */
function isLit({ deposit }: StepBuildUp, below: readonly SurfaceColour[]): boolean {
  const values = below.flatMap(({ value }, i) => (deposit[i] >= meantToCover ? [value] : []));
  return values.length > 1 && Math.max(...values) - Math.min(...values) >= litFrom;
}
