import {
  adviseRecipe,
  aimKeyOf,
  buildUpOfAim,
  BuildUpPredictor,
  finishedSurface,
  predictBuildUp,
  rangeOfCoats,
  ribbonStops,
  consistencyWord,
  dropsFor,
  estimatesOf,
  flattenMix,
  formOf,
  groundWords,
  includedSteps,
  lineMeanings,
  readsAsWhole,
  shapeOf,
  shownBuildUp,
  stiffnessOf,
  stoppingPoints,
  wetVolumeMl,
  type BuildUp,
  type Consistency,
  type Drops,
  type EstimateCause,
  type Meaning,
  type Recipe,
  type Remark,
  type Step,
  type StepBuildUp,
  type SurfaceColour,
} from '@yellow-ledger/core';
import { shelfInHand, whenChanged } from './ledgerData';

/** The answers the recipe page shows beside the lines themselves. */
export interface Prediction {
  buildUp: BuildUp;
  /** what the first line goes onto, in words */
  groundName: string;
  /** by line; null where the line is left out at this finish level */
  drops: (Drops | null)[];
  /** by line, in a word; empty for what holds no paint */
  consistency: (Consistency['name'] | '')[];
  remarks: Remark[];
  /** colour of the finished surface at arm's length, on its form */
  readsAs: SurfaceColour;
  /** lines after which one may stop */
  stoppingPoints: string[];
  /** by line: what it is for */
  meanings: Record<string, Meaning>;
  /** what makes it an estimate */
  estimates: EstimateCause[];
}

const predictor = new BuildUpPredictor();
/** Of recipes with a line more than they have: what is known of those they have is left alone. */
const said = new BuildUpPredictor();
const dropsKnown = new Map<string, Drops>();
const dropsKept = 2000;
whenChanged(['pots'], () => dropsKnown.clear());

/** The surface after a line that is not in its recipe yet. */
export interface PredictedLine extends Pick<StepBuildUp, 'surface' | 'isEstimate'> {
  stops: readonly number[];
  /** colours of the mixes, by line */
  mixHexes: Record<string, string>;
}

/** The surface after a line at the fewest and at the most coats its painter wrote. */
export interface RangeEnds {
  coats: readonly [least: number, most: number];
  stops: number[];
  surfaces: readonly [least: SurfaceColour[], most: SurfaceColour[]];
}

export const predictWork = {
  /** Both ends of a line's range of coats; null where it says one figure. */
  endsOfRange(recipe: Recipe, stepId: string): RangeEnds | null {
    const index = recipe.steps.findIndex(({ id }) => id === stepId);
    const coats = rangeOfCoats(recipe.steps[index], recipe.finishLevel);
    if (coats[0] >= coats[1]) return null;
    const key = aimKeyOf(recipe.steps[index]);
    const after = (count: number) => {
      const { coatsUpTo: _most, ...step } = { ...recipe.steps[index], coats: count };
      const build = predictBuildUp(
        { ...recipe, steps: recipe.steps.with(index, step).slice(0, index + 1) },
        shelfInHand(),
      );
      return finishedSurface(buildUpOfAim(build, key));
    };
    const surfaces = [after(coats[0]), after(coats[1])] as const;
    return { coats, stops: [...ribbonStops], surfaces };
  },

  /** The surface after one line, for a line that is only being said; null where it is left out. */
  predictLine(recipe: Recipe, stepId: string): PredictedLine | null {
    const build = said.predict(recipe, shelfInHand());
    const { stops, steps } = build;
    // A line that is aimed is looked at where it goes.
    const written = recipe.steps.find(({ id }) => id === stepId);
    const here = buildUpOfAim(build, written ? aimKeyOf(written) : '');
    const line = here.steps.find((step) => step.stepId === stepId);
    if (!line?.isIncluded) return null;
    const mixHexes = Object.fromEntries(steps.map((step) => [step.stepId, step.mix.colour.hex]));
    return { stops, surface: line.surface, isEstimate: line.isEstimate, mixHexes };
  },

  predict(recipe: Recipe): Prediction {
    const shelf = shelfInHand();
    const buildUp = predictor.predict(recipe, shelf);
    const painted = new Map(includedSteps(recipe).map((step) => [step.id, step]));
    return {
      buildUp: shownBuildUp(buildUp),
      groundName: groundWords(recipe, shelf),
      drops: recipe.steps.map(({ id }, index) => {
        const step = painted.get(id);
        return step ? dropsOf(recipe, step, index) : null;
      }),
      consistency: recipe.steps.map(({ mix }, index) => {
        const shares = flattenMix(mix, recipe.steps.slice(0, index));
        return consistencyWord(mix, stiffnessOf(shares, shelf));
      }),
      remarks: adviseRecipe(recipe, buildUp, shelf),
      readsAs: readsAsWhole(buildUp, formOf(recipe)),
      stoppingPoints: stoppingPoints(recipe, buildUp, shelf),
      meanings: lineMeanings(recipe, buildUp, shelf),
      estimates: estimatesOf(recipe, shelf),
    };
  },
};

function dropsOf(recipe: Recipe, step: Step, index: number): Drops | null {
  const earlier = recipe.steps.slice(0, index);
  const volumeMl = wetVolumeMl(step, recipe, shapeOf(recipe));
  if (!(volumeMl > 0)) return null;
  const shares = flattenMix(step.mix, earlier);
  const key = JSON.stringify([shares, step.mix.waterParts, step.mix.mediumParts, volumeMl]);
  const drops = dropsKnown.get(key) ?? dropsFor(step.mix, earlier, shelfInHand(), volumeMl);
  if (dropsKnown.size > dropsKept) dropsKnown.clear();
  dropsKnown.set(key, drops);
  return drops;
}
