import {
  buildProgression,
  draftRecipe,
  fileFormats,
  finishLevels,
  NothingToPaintWith,
  pairLines,
  predictBuildUp,
  shownBuildUp,
  stoppingPoints,
  UnknownPotError,
  worstPlace,
  type BuildUp,
  type FinishLevel,
  type FormatName,
  type LinePair,
  type Progression,
  type ProgressionOptions,
  type Recipe,
  type WorstPlace,
} from '@yellow-ledger/core';
import { shelfInHand } from './ledgerData';

/** The request, and its result. */
export type DraftedProgression = { asked: ProgressionOptions } & (
  { progression: Progression; build: BuildUp } | { problem: string }
);

export interface LevelStudy {
  level: FinishLevel;
  build: BuildUp;
  stoppingPoints: string[];
}

export interface Comparison {
  left: BuildUp;
  right: BuildUp;
  pairs: LinePair[];
  worst: WorstPlace;
}

export const draftWork = {
  /** Drafts in the manner of several schools, one after the other. */
  drafts(asked: readonly ProgressionOptions[]): DraftedProgression[] {
    const shelf = shelfInHand();
    return asked.map((options) => {
      try {
        const progression = buildProgression(options, shelf);
        const recipe = draftRecipe(progression.steps, progression.groundPotId, {
          ...(options.form && { form: options.form }),
          spots: progression.spots,
        });
        return { asked: options, progression, build: shownBuildUp(predictBuildUp(recipe, shelf)) };
      } catch (error) {
        if (error instanceof NothingToPaintWith || error instanceof UnknownPotError)
          return { asked: options, problem: error.message };
        throw error;
      }
    });
  },

  levels(recipe: Recipe): LevelStudy[] {
    const shelf = shelfInHand();
    return finishLevels.map((level) => {
      const atLevel = { ...recipe, finishLevel: level };
      const build = predictBuildUp(atLevel, shelf);
      return {
        level,
        build: shownBuildUp(build),
        stoppingPoints: stoppingPoints(atLevel, build, shelf),
      };
    });
  },

  compare(one: Recipe, other: Recipe): Comparison {
    const shelf = shelfInHand();
    const builds = [one, other].map((recipe) => predictBuildUp(recipe, shelf));
    return {
      left: shownBuildUp(builds[0]),
      right: shownBuildUp(builds[1]),
      pairs: pairLines(one, other),
      worst: worstPlace(builds[0], builds[1]),
    };
  },

  /** A recipe going out as a file. */
  recipeAs(format: FormatName, recipe: Recipe): string {
    return fileFormats[format].recipe?.write(recipe, shelfInHand()) ?? '';
  },

  /** The finished surface of a recipe, for standing beside another. */
  finished(recipe: Recipe): BuildUp {
    return shownBuildUp(predictBuildUp(recipe, shelfInHand()));
  },
};
