import type { SurfaceColour } from '../colour/surfaceColour';
import type { Optics } from '../paint/optics';
import type { Pot } from '../paint/pot';
import type { BuildUp, StepBuildUp } from '../recipe/buildUp';
import { flattenMix, type PotShare } from '../recipe/flattenMix';
import type { FormName } from '../place/forms';
import { formOf } from '../recipe/shapeOf';
import { includedSteps } from '../recipe/includedSteps';
import type { Meaning } from '../recipe/meaning';
import { mixedPaint, potOn, type Shelf } from '../recipe/mixedPaint';
import type { Recipe } from '../recipe/recipe';
import type { Step } from '../recipe/step';
import { placeOf, type ToneStopName } from '../place/toneAxis';
import { meaningOf } from './meaningOf';

/** A painted line with everything the rules ask about it. */
export interface PaintedLine {
  /** with the coats of the finish level */
  step: Step;
  /** as written in the recipe: what a mend has to change */
  written: Step;
  /** from 1 */
  number: number;
  build: StepBuildUp;
  /** the surface before it, one colour a stop */
  below: readonly SurfaceColour[];
  shares: readonly PotShare[];
  paint: Optics;
  /** what it is for; null for what holds no paint */
  meaning: Meaning | null;
}

/** What the rules read. */
export interface AdviceContext {
  recipe: Recipe;
  shelf: Shelf;
  build: BuildUp;
  form: FormName;
  /** the lines painted at this finish level, in order */
  lines: readonly PaintedLine[];
  /** the finished surface, or the ground where nothing is painted */
  finished: readonly SurfaceColour[];
  /** index of a named stop in every surface */
  stop: (name: ToneStopName) => number;
}

/** A prediction is asked for its remarks, meanings, steps and stops: the context is made once for all. */
const made = new WeakMap<BuildUp, AdviceContext>();

export function adviceContext(recipe: Recipe, build: BuildUp, shelf: Shelf): AdviceContext {
  const known = made.get(build);
  if (known?.recipe === recipe && known.shelf === shelf) return known;
  const context = contextOf(recipe, build, shelf);
  made.set(build, context);
  return context;
}

function contextOf(recipe: Recipe, build: BuildUp, shelf: Shelf): AdviceContext {
  const painted = new Map(includedSteps(recipe).map((step) => [step.id, step]));
  let below: readonly SurfaceColour[] = build.ground;
  const lines = recipe.steps.flatMap((written, index): PaintedLine[] => {
    const step = painted.get(written.id);
    if (!step) return [];
    const shares = flattenMix(step.mix, recipe.steps.slice(0, index));
    const line: PaintedLine = {
      step,
      written,
      number: index + 1,
      build: build.steps[index],
      below,
      shares,
      paint: mixedPaint(shares, shelf),
      meaning: meaningOf(step, build.steps[index], below),
    };
    below = build.steps[index].surface;
    return [line];
  });
  return {
    recipe,
    shelf,
    build,
    form: formOf(recipe),
    lines,
    finished: below,
    stop: (name) => build.stops.indexOf(placeOf(name)),
  };
}

/** Pots drawn from by a line, each with its share. */
export function potsOf({ shares }: PaintedLine, shelf: Shelf): { pot: Pot; share: number }[] {
  return shares.map(({ potId, share }) => ({ pot: potOn(shelf, potId), share }));
}
