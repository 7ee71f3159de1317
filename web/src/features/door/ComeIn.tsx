import { useState } from 'react';
import Form from 'react-bootstrap/Form';
import { useForm } from 'react-hook-form';
import { askClub } from '../../data/club/askClub';
import { PageTitle } from '../../kit/PageHead';
import { TextField } from '../../kit/field/TextField';
import { cameInSchema, deviceName, goIn, wantedPage } from './comingIn';
import { CodeField } from './CodeField';
import { useCodeAsked } from './codeAsked';
import { DoorForm } from './DoorForm';
import { PassphraseField } from './PassphraseField';

interface Typed {
  name: string;
  passphrase: string;
  isShared: boolean;
  code: string;
}

const goOn = (): void => void goIn(wantedPage());

/** Coming into a club by name and passphrase. */
export function ComeIn({ onIn = goOn }) {
  const [problem, setProblem] = useState<string | null>(null);
  const form = useForm({ defaultValues: { name: '', passphrase: '', isShared: false, code: '' } });
  const { needsCode, withCode, lookAt } = useCodeAsked();
  const comeIn = async (typed: Typed) => {
    const answer = await askClub('/come-in', cameInSchema, {
      method: 'POST',
      body: { ...withCode(typed), device: deviceName() },
    });
    if ('data' in answer) onIn();
    else setProblem(lookAt(answer.error));
  };
  return (
    <>
      <PageTitle>Log in</PageTitle>
      <h1>Log in</h1>
      <p>
        This ledger is a club’s. A manager of it lets you in with a link; after that it is your name
        and your passphrase.
      </p>
      <DoorForm form={form} onSubmit={comeIn} does="Log in" problem={problem}>
        <TextField name="name" label="Name" isFirst />
        <PassphraseField isNew={false} />
        {needsCode && <CodeField />}
        <Form.Check
          type="switch"
          id="is-shared"
          label="Shared tablet: logs out after the evening"
          {...form.register('isShared')}
        />
      </DoorForm>
      <p className="quiet">
        Forgotten it? Ask a manager: they make a link by which you set a new one.
      </p>
    </>
  );
}
