import type { BuildUp } from '../recipe/buildUp';
import type { Meaning } from '../recipe/meaning';
import type { Shelf } from '../recipe/mixedPaint';
import type { Recipe } from '../recipe/recipe';
import { adviceContext } from './adviceContext';

/**
 * What each line is for, by its identifier; nothing of lines that are left out or hold no paint.
 *
 * @param build of the same recipe
 * @throws UnknownPotError, CarryError
 */
export function lineMeanings(
  recipe: Recipe,
  build: BuildUp,
  shelf: Shelf,
): Record<string, Meaning> {
  const { lines } = adviceContext(recipe, build, shelf);
  return Object.fromEntries(
    lines.flatMap(({ step, meaning }) => (meaning ? [[step.id, meaning] as const] : [])),
  );
}
