import { recipeNotesSchema, type RecipeNotes as Notes } from '@yellow-ledger/core';
import { FormProvider } from 'react-hook-form';
import { NoteField } from '../../parts/NoteField';
import { useLiveForm } from '../../parts/useLiveForm';
import { draftActions, type Draft } from '../../store/draft/draftSlice';
import { useAppDispatch } from '../../store/store';

/** What the painter wants to remember about the recipe as a whole. */
export function RecipeNotes({ draft }: { draft: Draft }) {
  const dispatch = useAppDispatch();
  const recipe = draft.history.present;
  const form = useLiveForm<Notes>({
    schema: recipeNotesSchema,
    value: { notes: recipe.notes },
    unfinished: draft.unfinished.notes,
    onValid: (notes) => dispatch(draftActions.edited({ ...recipe, ...notes }, 'notes')),
    onUnfinished: (typed) => dispatch(draftActions.leftUnfinished({ stepId: 'notes', typed })),
  });
  return (
    <FormProvider {...form}>
      <NoteField name="notes" label="Notes on the recipe" rows={2} />
    </FormProvider>
  );
}
