import { isSameContent, pageOfText, type Version } from '@yellow-ledger/core';
import { zodResolver } from '@hookform/resolvers/zod';
import { z } from 'zod';
import { FormProvider, useForm } from 'react-hook-form';
import { ReasonButton } from '../../../../kit/ReasonButton';
import { asProblem } from '../../../../data/ask';
import { useMay } from '../../../../data/club/standing';
import { useFreezeMutation } from '../../../../data/ledgerApi';
import { NoteField } from '../../../../kit/field/NoteField';
import { useNotice } from '../../../../kit/shell/notices';
import type { Draft } from '../../useDraft';

const noteSchema = z.strictObject({ note: pageOfText });

/** Freezes the page as the next version, with a word on what it is. */
export function FreezeForm({ draft, versions }: { draft: Draft; versions: readonly Version[] }) {
  const notify = useNotice();
  const [freeze, { isLoading }] = useFreezeMutation();
  const form = useForm({ defaultValues: { note: '' }, resolver: zodResolver(noteSchema) });
  const recipe = draft.recipe;
  const last = versions.at(-1);
  const isSame = last !== undefined && isSameContent(last.content, recipe);
  const isSaved = draft.saveState.is === 'saved';
  const number = (last?.number ?? 0) + 1;
  const submit = form.handleSubmit(async ({ note }) => {
    const result = await freeze({
      recipeId: recipe.id,
      number,
      note: note.trim(),
      revision: draft.base.revision,
    });
    if (result.error) return notify(asProblem(result.error).message, { isProblem: true });
    form.reset({ note: '' });
    notify(`Version ${number} is saved.`);
  });
  const mayFreeze = useMay('recipes', recipe.id)('write');
  if (!mayFreeze) return null;
  return (
    <FormProvider {...form}>
      <form className="flow freeze-form" onSubmit={(event) => void submit(event)}>
        <NoteField name="note" label="What this version is" rows={1} />
        <ReasonButton
          type="submit"
          variant="next"
          isBusy={isLoading}
          why={
            isSame
              ? `Nothing has changed since version ${last.number}.`
              : !isSaved || draft.base.revision === 0
                ? 'It can be kept as a version as soon as it is saved.'
                : null
          }
        >
          Save version {number}
        </ReasonButton>
      </form>
    </FormProvider>
  );
}
