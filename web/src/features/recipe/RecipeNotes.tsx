import { recipeNotesSchema, type RecipeNotes as Notes } from '@yellow-ledger/core';
import { FormProvider } from 'react-hook-form';
import { NoteField } from '../../kit/field/NoteField';
import { useLiveForm } from '../../kit/field/useLiveForm';
import { useEditRecipe, useLeaveUnfinished, type Draft } from './useDraft';

/** The painter's notes on the recipe as a whole. */
export function RecipeNotes({ draft }: { draft: Draft }) {
  const recipe = draft.recipe;
  const edit = useEditRecipe(recipe.id);
  const leave = useLeaveUnfinished(recipe.id);
  const form = useLiveForm<Notes>({
    schema: recipeNotesSchema,
    value: { notes: recipe.notes },
    unfinished: draft.unfinished.notes,
    onValid: (notes) => edit((now) => ({ ...now, ...notes }), 'notes'),
    onUnfinished: (typed) => leave('notes', typed),
  });
  return (
    <FormProvider {...form}>
      <NoteField name="notes" label="Notes on the recipe" rows={2} />
    </FormProvider>
  );
}
