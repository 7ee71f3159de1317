import { lineLimit, lineOfText, type Version } from '@yellow-ledger/core';
import { zodResolver } from '@hookform/resolvers/zod';
import { z } from 'zod';
import { FormProvider, useForm } from 'react-hook-form';
import { ReasonButton } from '../../../../kit/ReasonButton';
import { useMayCreate } from '../../../../data/club/standing';
import { TextField } from '../../../../kit/field/TextField';
import type { Draft } from '../../useDraft';
import { useFork } from './useFork';

const forkSchema = z.strictObject({ name: lineOfText });

/** Forks a variant off the page. What it was forked from is frozen first, so that it can be told apart. */
export function ForkForm({ draft, versions }: { draft: Draft; versions: readonly Version[] }) {
  const { fork, isReady } = useFork(draft, versions);
  const recipe = draft.recipe;
  const form = useForm({
    defaultValues: { name: `${recipe.name.slice(0, lineLimit - 6)}, worn` },
    resolver: zodResolver(forkSchema),
    mode: 'onChange',
  });
  const submit = form.handleSubmit(({ name }) => fork(name));
  const mayFork = useMayCreate('recipes');
  if (!mayFork) return null;

  return (
    <FormProvider {...form}>
      <form className="flow freeze-form" onSubmit={(event) => void submit(event)}>
        <TextField name="name" label="Name of a new variant" />
        <ReasonButton
          type="submit"
          variant="outline"
          why={isReady ? null : 'It can be copied as soon as it is saved.'}
        >
          Copy as a variant
        </ReasonButton>
      </form>
    </FormProvider>
  );
}
