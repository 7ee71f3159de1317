import { isSameContent, lineLimit, lineOfText, type Version } from '@yellow-ledger/core';
import { zodResolver } from '@hookform/resolvers/zod';
import { z } from 'zod';
import Button from 'react-bootstrap/Button';
import { FormProvider, useForm } from 'react-hook-form';
import { useNavigate } from 'react-router';
import { asProblem } from '../../../ledger/ask';
import { useFreezeMutation } from '../../../ledger/ledgerApi';
import { useWriter } from '../../../ledger/useWriter';
import { useNotice } from '../../../parts/shell/notices';
import { TextField } from '../../../parts/TextField';
import type { Draft } from '../useDraft';

const forkSchema = z.strictObject({ name: lineOfText });

/** Forks a variant off the page. What it was forked from is frozen first, so that it can be told apart. */
export function ForkForm({ draft, versions }: { draft: Draft; versions: readonly Version[] }) {
  const writer = useWriter();
  const navigate = useNavigate();
  const notify = useNotice();
  const [freeze] = useFreezeMutation();
  const recipe = draft.recipe;
  const form = useForm({
    defaultValues: { name: `${recipe.name.slice(0, lineLimit - 6)}, worn` },
    resolver: zodResolver(forkSchema),
    mode: 'onChange',
  });
  const isSaved = draft.saveState.is === 'saved' && draft.base.revision > 0;

  const submit = form.handleSubmit(async ({ name }) => {
    const last = versions.at(-1);
    let version = last?.number ?? 0;
    if (!last || !isSameContent(last.content, recipe)) {
      version += 1;
      const frozen = await freeze({
        recipeId: recipe.id,
        number: version,
        note: `Forked as ${name}`,
        revision: draft.base.revision,
      });
      if (frozen.error) return notify(asProblem(frozen.error).message);
    }
    const variant = {
      ...recipe,
      id: crypto.randomUUID(),
      name,
      parent: { recipeId: recipe.id, name: recipe.name, version },
    };
    writer.create('recipes', `fork ${name}`, variant);
    await navigate(`/recipes/${variant.id}`);
  });

  return (
    <FormProvider {...form}>
      <form className="flow freeze-form" onSubmit={(event) => void submit(event)}>
        <TextField name="name" label="Name of a new variant" />
        <Button type="submit" variant="outline" disabled={!isSaved}>
          Fork a variant
        </Button>
      </form>
    </FormProvider>
  );
}
