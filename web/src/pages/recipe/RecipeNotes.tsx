import { recipeNotesSchema, type RecipeNotes as Notes } from '@yellow-ledger/core';
import Form from 'react-bootstrap/Form';
import { FormProvider } from 'react-hook-form';
import { Field } from '../../parts/Field';
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
      <Field name="notes" label="Notes on the recipe">
        {(attributes) => (
          <Form.Control
            as="textarea"
            rows={2}
            size="sm"
            dir="auto"
            {...attributes}
            {...form.register('notes')}
          />
        )}
      </Field>
    </FormProvider>
  );
}
