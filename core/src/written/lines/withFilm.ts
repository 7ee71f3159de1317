import type { Recipe } from '../recipe/recipe';
import { techniqueOf } from '../technique/techniques';

/** A recipe painted by a hand whose films are thicker or thinner; what touches a share of the area stays. */
export function withFilm(recipe: Recipe, factor: number): Recipe {
  return {
    ...recipe,
    steps: recipe.steps.map((step) =>
      techniqueOf(step.technique).spreads === 'film'
        ? {
            ...step,
            // Coats of a film add up to one thicker film, so a thicker film is so many more coats.
            coats: step.coats * factor,
            ...(step.coatsUpTo !== undefined && { coatsUpTo: step.coatsUpTo * factor }),
            ...(step.coatsAt && { coatsAt: scaled(step.coatsAt, factor) }),
          }
        : step,
    ),
  };
}

const scaled = (coatsAt: NonNullable<Recipe['steps'][number]['coatsAt']>, factor: number) =>
  Object.fromEntries(Object.entries(coatsAt).map(([level, coats]) => [level, coats * factor]));
