import { AddPhotograph } from '../../../kit/photographs/AddPhotograph';
import { PhotographList } from '../../../kit/photographs/PhotographList';
import { usePhotographs } from '../../../kit/photographs/usePhotographs';
import type { RecipeLineProps } from '../line/recipeLineProps';

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
