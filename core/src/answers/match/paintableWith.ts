import type { Pot } from '../../written/pot/pot';
import { isAtHand, ownerOf } from '../../written/pot/stock';
import { shelfOf } from '../../predicted/paint/mixedPaint';
import { potIdsOf, type Recipe } from '../../written/recipe/recipe';
import { includedSteps } from '../../written/recipe/includedSteps';
import { substitutes, type Substitute } from './substitutes';

/** Whether a recipe can be painted with what is here. */
export interface Paintable {
  recipeId: string;
  name: string;
  missing: { potId: string; standIn: Substitute | null }[];
  /** ΔE00 of the furthest stand-in; 0 when nothing is missing, null when something has none */
  furthest: number | null;
}

/** A stand-in further off than this is none, ΔE00. */
const standsInUpTo = 8;

/**
 * Which recipes can be painted from some of the shelves, with what is missing and what would stand
 * in for it. Pots of mixes that are only carried forward count too.
 *
 * @param owners whose shelves are here
 * @returns what needs nothing first, then by how far off the stand-ins are
 */
export function paintableWith(
  recipes: readonly Recipe[],
  pots: readonly Pot[],
  owners: readonly string[],
): Paintable[] {
  const all = shelfOf(pots);
  const here = shelfOf(pots.filter((pot) => isAtHand(pot) && owners.includes(ownerOf(pot))));
  const known = new Map<string, Substitute | null>();
  const standInFor = (potId: string): Substitute | null => {
    if (known.has(potId)) return known.get(potId) ?? null;
    const pot = all.get(potId);
    const nearest = pot ? substitutes(pot, here, { count: 1, mostPots: 2 }).at(0) : undefined;
    const found = nearest && nearest.error <= standsInUpTo ? nearest : null;
    known.set(potId, found);
    return found;
  };
  return recipes
    .filter(({ archived }) => !archived)
    .map((recipe): Paintable => {
      const missing = neededBy(recipe)
        .filter((potId) => !here.has(potId))
        .map((potId) => ({ potId, standIn: standInFor(potId) }));
      return {
        recipeId: recipe.id,
        name: recipe.name,
        missing,
        furthest: missing.some(({ standIn }) => standIn === null)
          ? null
          : Math.max(0, ...missing.map(({ standIn }) => standIn?.error ?? 0)),
      };
    })
    .sort((one, other) => (one.furthest ?? 99) - (other.furthest ?? 99));
}

/** Pots of the lines that are painted at the recipe's finish level, and of what they carry forward. */
function neededBy(recipe: Recipe): string[] {
  const needed = new Set(includedSteps(recipe).map(({ id }) => id));
  for (const step of [...recipe.steps].reverse())
    if (needed.has(step.id))
      for (const part of step.mix.parts) if (part.from === 'step') needed.add(part.stepId);
  return potIdsOf({ ...recipe, steps: recipe.steps.filter(({ id }) => needed.has(id)) });
}
