import {
  buildProgression,
  draftRecipe,
  fileFormats,
  finishLevels,
  finishTotals,
  NothingToPaintWith,
  pairLines,
  predictBuildUp,
  progressionOptionsSchema,
  recipeSchema,
  stoppingPoints,
  UnknownPotError,
  worstPlace,
  type BuildUp,
  type FinishLevel,
  type FormatName,
  type FinishTotals,
  type LinePair,
  type Progression,
  type ProgressionOptions,
  type Recipe,
  type WorstPlace,
} from '@yellow-ledger/core';
import { z } from 'zod';
import { shelfInHand } from './shelfInHand';

/** What was asked for, and what came of it. */
export type DraftedProgression = { asked: ProgressionOptions } & (
  { progression: Progression; build: BuildUp } | { problem: string }
);

export interface LevelStudy {
  level: FinishLevel;
  totals: FinishTotals;
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
  drafts(asked: unknown): DraftedProgression[] {
    const shelf = shelfInHand();
    return z
      .array(progressionOptionsSchema)
      .max(3)
      .parse(asked)
      .map((options) => {
        try {
          const progression = buildProgression(options, shelf);
          const recipe = draftRecipe(progression.steps, progression.groundPotId);
          return { asked: options, progression, build: predictBuildUp(recipe, shelf) };
        } catch (error) {
          if (error instanceof NothingToPaintWith || error instanceof UnknownPotError)
            return { asked: options, problem: error.message };
          throw error;
        }
      });
  },

  levels(draft: unknown): LevelStudy[] {
    const recipe = recipeSchema.parse(draft);
    const shelf = shelfInHand();
    return finishLevels.map((level) => {
      const atLevel = { ...recipe, finishLevel: level };
      const build = predictBuildUp(atLevel, shelf);
      return {
        level,
        totals: finishTotals(recipe, level),
        build,
        stoppingPoints: stoppingPoints(atLevel, build, shelf),
      };
    });
  },

  compare(left: unknown, right: unknown): Comparison {
    const [one, other] = [left, right].map((recipe) => recipeSchema.parse(recipe));
    const shelf = shelfInHand();
    const builds = [one, other].map((recipe) => predictBuildUp(recipe, shelf));
    return {
      left: builds[0],
      right: builds[1],
      pairs: pairLines(one, other),
      worst: worstPlace(builds[0], builds[1]),
    };
  },

  /** A recipe going out as a file. */
  recipeAs(format: FormatName, recipe: Recipe): string {
    return fileFormats[format].recipe?.write(recipe, shelfInHand()) ?? '';
  },

  /** The finished surface of a recipe, for standing beside another. */
  finished(draft: unknown): BuildUp {
    return predictBuildUp(recipeSchema.parse(draft), shelfInHand());
  },
};
