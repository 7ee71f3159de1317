import {
  lineLimit,
  recipeHeadSchema,
  withNewIds,
  type Recipe,
  type SurfaceOfText,
} from '@yellow-ledger/core';
import { useWriter } from '../../../../data/useWriter';
import { recipeScope } from '../../../../kit/paint/recipeScope';

const unnamed = 'New recipe';

/**
 * Puts the surfaces of a text into recipes: the first into the open one, each other into one of its
 * own on the same ground. All of it is one thing to undo.
 *
 * @returns the names of the recipes that were written
 */
export function usePutText(recipe: Recipe): (surfaces: readonly SurfaceOfText[]) => string[] {
  const writer = useWriter();
  return ([here, ...others]) => {
    const now = (writer.shown('recipes', recipe.id) as Recipe | null) ?? recipe;
    const newIds = (steps: SurfaceOfText['steps']) => withNewIds(steps, () => crypto.randomUUID());
    const isBegun = now.name !== unnamed || now.steps.length > 0;
    const named = isBegun ? now : { ...now, ...called(here) };
    const made = others.map((surface): Recipe => ({
      ...headOf(now),
      ...called(surface),
      id: crypto.randomUUID(),
      steps: newIds(surface.steps),
      notes: '',
      archived: false,
    }));
    writer.do(
      'put notes in',
      {
        records: [
          {
            name: 'recipes',
            before: now,
            after: { ...named, steps: [...now.steps, ...newIds(here.steps)] },
          },
          ...made.map((after) => ({ name: 'recipes' as const, before: null, after })),
        ],
      },
      { scope: recipeScope(recipe.id), whenStale: 'ask' },
    );
    return made.map(({ name }) => name);
  };
}

const headOf = (recipe: Recipe) => recipeHeadSchema.strip().parse(recipe);

const called = ({ name, surface }: SurfaceOfText) => ({
  ...(name !== '' && { name: name.slice(0, lineLimit) }),
  ...(surface && { surface }),
});
