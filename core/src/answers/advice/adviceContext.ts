import type { SurfaceColour } from '../../light/colour/surfaceColour';
import type { Optics } from '../../light/optics/optics';
import type { Pot } from '../../written/pot/pot';
import { aspectOfAim } from '../../written/place/aspects';
import { aimKeyOf } from '../../written/recipe/aimOf';
import {
  mainBuildUps,
  type AspectBuildUp,
  type BuildUp,
  type StepBuildUp,
} from '../../predicted/buildUp/buildUp';
import { flattenMix, type PotShare } from '../../written/recipe/flattenMix';
import type { FormName } from '../../written/place/forms';
import { formOf } from '../../written/recipe/shapeOf';
import { includedSteps, rangeOfCoats } from '../../written/recipe/includedSteps';
import type { Meaning } from '../../written/technique/meaning';
import { laidPaint } from '../../predicted/paint/laidPaint';
import { potOn, type Shelf } from '../../predicted/paint/mixedPaint';
import { paintedSteps, type PaintedStep } from '../../written/recipe/paintedSteps';
import type { Recipe } from '../../written/recipe/recipe';
import type { Step } from '../../written/recipe/step';
import { placeOf, type ToneStopName } from '../../written/place/toneAxis';
import { meaningOf } from './meaningOf';

/** A painted line with everything the rules ask about it. */
export interface PaintedLine {
  /** with the coats of the finish level, the middle of a range, and as far as it is aimed here */
  step: PaintedStep;
  /** as written in the recipe: what a mend has to change */
  written: Step;
  /** from 1 */
  number: number;
  build: StepBuildUp;
  /** the fewest and the most coats of it: the same where it says one figure */
  range: readonly [least: number, most: number];
  /** the surface before it, one colour a stop */
  below: readonly SurfaceColour[];
  shares: readonly PotShare[];
  paint: Optics;
  /** what it is for; null for what holds no paint */
  meaning: Meaning | null;
}

/** Input of the rules: a surface as it looks in one aspect. */
export interface AdviceContext {
  recipe: Recipe;
  shelf: Shelf;
  build: AspectBuildUp;
  form: FormName;
  /** the aspects a painter would name, the main one first */
  aspects: readonly AspectBuildUp[];
  /** the lines painted here at this finish level, in order */
  lines: readonly PaintedLine[];
  /** those of them that are judged here, and not where they are aimed */
  judged: readonly PaintedLine[];
  /** the finished surface, or the ground where nothing is painted */
  finished: readonly SurfaceColour[];
  /** index of a named stop in every surface */
  stop: (name: ToneStopName) => number;
}

/** A prediction is asked for its remarks, meanings, steps and stops: the context is made once for all. */
const made = new WeakMap<BuildUp, AdviceContexts>();

/** The contexts of a surface: the one its lines are mostly looked at in, and one for each aim. */
export interface AdviceContexts {
  recipe: Recipe;
  shelf: Shelf;
  /** of what most of the surface looks like */
  main: AdviceContext;
  all: readonly AdviceContext[];
}

export function adviceContexts(recipe: Recipe, build: BuildUp, shelf: Shelf): AdviceContexts {
  const known = made.get(build);
  if (known?.recipe === recipe && known.shelf === shelf) return known;
  const [home, ...others] = mainBuildUps(build);
  const aspects = [home, ...others];
  const aimKeys = new Map(includedSteps(recipe).map((step) => [step.id, aimKeyOf(step)]));
  const paints = paintsOf(recipe, aimKeys, shelf);
  const [first, ...more] = aspects.map(({ aspect }) => aspect);
  const judgedIn = new Map(
    [...aimKeys.values()].map((key) => [key, aspectOfAim([first, ...more], key)]),
  );
  const isJudgedIn = ({ aspect }: AspectBuildUp, stepId: string) =>
    judgedIn.get(aimKeys.get(stepId) ?? '') === aspect;
  const meanings = new Map(aspects.flatMap((each) => meaningsIn(recipe, each, isJudgedIn)));
  const all = aspects.map((each) => {
    const context = contextOf({ recipe, shelf, aspects, paints, meanings }, each);
    return { ...context, judged: context.lines.filter(({ step }) => isJudgedIn(each, step.id)) };
  });
  const contexts = { recipe, shelf, main: all[0], all };
  made.set(build, contexts);
  return contexts;
}

/** The surface as most of it looks. */
export const adviceContext = (recipe: Recipe, build: BuildUp, shelf: Shelf): AdviceContext =>
  adviceContexts(recipe, build, shelf).main;

/** Pots and paint of the painted lines, by their identifiers: the same in every aspect. */
function paintsOf(recipe: Recipe, painted: ReadonlyMap<string, unknown>, shelf: Shelf) {
  return new Map(
    recipe.steps.flatMap(({ id, technique, mix }, index) => {
      if (!painted.has(id)) return [];
      const shares = flattenMix(mix, recipe.steps.slice(0, index));
      return [[id, { shares, paint: laidPaint(technique, shares, shelf) }] as const];
    }),
  );
}

interface WholeSurface {
  recipe: Recipe;
  shelf: Shelf;
  aspects: readonly AspectBuildUp[];
  paints: ReturnType<typeof paintsOf>;
  /** by the lines’ identifiers */
  meanings: ReadonlyMap<string, Meaning | null>;
}

/** The meanings of the lines that are judged in an aspect: a line means the same wherever it goes on. */
function meaningsIn(
  recipe: Recipe,
  build: AspectBuildUp,
  isJudgedIn: (build: AspectBuildUp, stepId: string) => boolean,
): [stepId: string, Meaning | null][] {
  const painted = new Map(paintedSteps(recipe, build.aspect).map((step) => [step.id, step]));
  return recipe.steps.flatMap(({ id }, index): [string, Meaning | null][] => {
    const step = painted.get(id);
    if (!step || !isJudgedIn(build, id)) return [];
    const below = index === 0 ? build.ground : build.steps[index - 1].surface;
    return [[id, meaningOf(step, build.steps[index], below)]];
  });
}

function contextOf(
  { recipe, shelf, aspects, paints, meanings }: WholeSurface,
  build: AspectBuildUp,
): Omit<AdviceContext, 'judged'> {
  const painted = new Map(paintedSteps(recipe, build.aspect).map((step) => [step.id, step]));
  let below: readonly SurfaceColour[] = build.ground;
  const lines = recipe.steps.flatMap((written, index): PaintedLine[] => {
    const step = painted.get(written.id);
    // A line aimed at something else does nothing here.
    const laid = paints.get(written.id);
    if (!step || !laid || step.weight === 0) return [];
    const line: PaintedLine = {
      step,
      written,
      number: index + 1,
      build: build.steps[index],
      range: rangeOfCoats(written, recipe.finishLevel),
      below,
      ...laid,
      meaning: meanings.get(written.id) ?? null,
    };
    below = build.steps[index].surface;
    return [line];
  });
  return {
    recipe,
    shelf,
    build,
    aspects,
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
