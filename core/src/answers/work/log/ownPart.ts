import type { Recipe } from '../../../written/recipe/recipe';
import { brushedOf, isSameBrushed } from './mixed/asMixed';
import type { CoatEntry } from './entry';
import type { OnSurface } from './onFigure/onFigure';

/** The entries by the line of a recipe. */
interface OfRecipe {
  id: string;
  recipeId: string;
  stepId: string;
  order: number;
}

/**
 * Of what is on a surface, what counts for a recipe, and what lies below it. Coats of another
 * recipe count where its lines are lines of this one with the same paint on them, as with a variant
 * that was written while models were in hand. As soon as one of them was painted otherwise than it
 * stands here, all that recipe left is something this one is painted over.
 *
 * @throws CarryError
 */
export function partedBy(recipe: Recipe, on: OnSurface): { own: OnSurface; below: OnSurface } {
  const coats = [...on.coats.values()].flat();
  const others = new Set(
    [...coats, ...on.extras, ...on.found].flatMap(({ recipeId }) =>
      recipeId === recipe.id ? [] : recipeId,
    ),
  );
  const below = new Set([...others].filter((recipeId) => !isAlike(recipe, recipeId, on)));
  return {
    own: partOf(on, ({ recipeId }) => !below.has(recipeId)),
    below: partOf(on, ({ recipeId }) => below.has(recipeId)),
  };
}

/**
 * Of what is on a surface, what lies on top of everything that another recipe left: all of it where
 * nothing else was painted since, the coats after that where a recipe was gone back to.
 *
 * @throws CarryError
 */
export function onTop(recipe: Recipe, on: OnSurface): OnSurface {
  const { own, below } = partedBy(recipe, on);
  const last = Math.max(-1, ...entriesOf(below).map(({ order }) => order));
  return last < 0 ? own : partOf(own, ({ order }) => order > last);
}

/** Coats, extra steps and what was found on a surface, in the order in which they were noted. */
export function entriesOf({ coats, extras, found }: OnSurface) {
  return [...[...coats.values()].flat(), ...extras, ...found].sort(
    (one, other) => one.order - other.order,
  );
}

/** The entries of a surface by some recipes, or from some time. */
export function partOf(on: OnSurface, isOfIt: (entry: OfRecipe) => boolean): OnSurface {
  const coats = new Map<string, CoatEntry[]>();
  for (const [stepId, all] of on.coats) {
    const ofIt = all.filter(isOfIt);
    if (ofIt.length > 0) coats.set(stepId, ofIt);
  }
  return { ...on, coats, extras: on.extras.filter(isOfIt), found: on.found.filter(isOfIt) };
}

/** Whether what another recipe left is what this one would have left. */
function isAlike({ steps }: Recipe, recipeId: string, on: OnSurface): boolean {
  const lines = new Map(steps.map((step, index) => [step.id, index]));
  const brushed = (id: string) => {
    const index = lines.get(id);
    return index === undefined ? null : brushedOf(steps[index], steps.slice(0, index));
  };
  const isOfIt = (entry: OfRecipe) => entry.recipeId === recipeId;
  const coats = [...on.coats.values()].flat().filter(isOfIt);
  // A coat painted differently says nothing of the written one.
  const asWritten = coats.filter(({ differs }) => differs.length === 0);
  const isLine = [...coats, ...on.extras.filter(isOfIt), ...on.found.filter(isOfIt)].some(
    ({ stepId, id }) => lines.has(stepId) || lines.has(id),
  );
  return (
    isLine &&
    asWritten.every((coat) => {
      const written = brushed(coat.stepId);
      return written === null || isSameBrushed(written, coat.brushed);
    })
  );
}
