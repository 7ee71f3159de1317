import type { BuildUp } from '../../predicted/buildUp/buildUp';
import type { Meaning } from '../../written/technique/meaning';
import type { Shelf } from '../../predicted/paint/mixedPaint';
import type { Recipe } from '../../written/recipe/recipe';
import { adviceContexts } from './adviceContext';

/**
 * The purpose of each line, by its identifier; nothing of lines that are left out or hold no paint.
 *
 * @param build of the same recipe
 * @throws UnknownPotError, CarryError
 */
export function lineMeanings(
  recipe: Recipe,
  build: BuildUp,
  shelf: Shelf,
): Record<string, Meaning> {
  const { all } = adviceContexts(recipe, build, shelf);
  return Object.fromEntries(
    all.flatMap(({ judged }) =>
      judged.flatMap(({ step, meaning }) => (meaning ? [[step.id, meaning] as const] : [])),
    ),
  );
}
