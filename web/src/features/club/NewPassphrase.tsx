import { zodResolver } from '@hookform/resolvers/zod';
import { passphraseSchema } from '@yellow-ledger/core';
import Button from 'react-bootstrap/Button';
import Form from 'react-bootstrap/Form';
import { FormProvider, useForm } from 'react-hook-form';
import { z } from 'zod';
import { asProblem } from '../../data/ask';
import { useChangePassphraseMutation } from '../../data/club/clubApi';
import { Field } from '../../kit/field/Field';
import { Problem } from '../../kit/Problem';
import { useNotice } from '../../kit/shell/notices';

const changeSchema = z.object({
  old: z.string().min(1, 'your passphrase until now'),
  passphrase: passphraseSchema,
});

const fields = [
  { name: 'old', label: 'Passphrase until now', autoComplete: 'current-password' },
  { name: 'passphrase', label: 'New passphrase', autoComplete: 'new-password' },
] as const;

/** Setting a new passphrase by the old one. */
export function NewPassphrase() {
  const form = useForm({
    defaultValues: { old: '', passphrase: '' },
    resolver: zodResolver(changeSchema),
  });
  const [change, { error, isLoading }] = useChangePassphraseMutation();
  const notify = useNotice();
  const submit = form.handleSubmit(async (typed) => {
    if ('error' in (await change(typed))) return;
    form.reset();
    notify('From now on you log in with the new passphrase. Your other devices are logged out.');
  });
  return (
    <section aria-labelledby="passphrase-head">
      <h2 id="passphrase-head">A new passphrase</h2>
      <FormProvider {...form}>
        <Form noValidate className="flow" onSubmit={(event) => void submit(event)}>
          {fields.map(({ name, label, autoComplete }) => (
            <Field key={name} name={name} label={label} isSecret>
              {(attributes) => (
                <Form.Control
                  size="sm"
                  type="password"
                  autoComplete={autoComplete}
                  {...attributes}
                  {...form.register(name)}
                />
              )}
            </Field>
          ))}
          <Button type="submit" variant="outline" disabled={isLoading}>
            Set it
          </Button>
        </Form>
      </FormProvider>
      {error && <Problem>{asProblem(error).message}</Problem>}
    </section>
  );
}
