import type { BuildUp } from '../recipe/buildUp';
import type { Meaning } from '../recipe/meaning';
import type { Shelf } from '../recipe/mixedPaint';
import type { Recipe } from '../recipe/recipe';
import { adviceContexts, contextOfLine } from './adviceContext';

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
  const contexts = adviceContexts(recipe, build, shelf);
  return Object.fromEntries(
    contexts.all.flatMap((context) =>
      context.lines.flatMap(({ step, meaning }) =>
        meaning && contextOfLine(contexts, step.id) === context
          ? [[step.id, meaning] as const]
          : [],
      ),
    ),
  );
}
