import { AddPhotograph } from '../../../parts/photographs/AddPhotograph';
import { PhotographList } from '../../../parts/photographs/PhotographList';
import { usePhotographs } from '../../../parts/photographs/usePhotographs';
import type { RecipeLineProps } from '../recipeLineProps';

/** Photographs of one line: how it looks once it is on. */
export function PhotographsPanel({ step, draft, number }: RecipeLineProps) {
  const of = usePhotographs({ kind: 'recipe', recipeId: draft.recipe.id, stepId: step.id });
  return (
    <>
      <AddPhotograph of={of} shows="in progress" />
      <PhotographList
        of={of}
        empty={`How it looks once line ${number} is on, to be held against its ribbon.`}
      />
    </>
  );
}
