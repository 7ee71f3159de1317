import { useState } from 'react';
import Button from 'react-bootstrap/Button';
import Form from 'react-bootstrap/Form';
import { useFormContext } from 'react-hook-form';
import { Field } from '../../kit/field/Field';

/** A passphrase, hidden until whoever types it wants to read it. */
export function PassphraseField({ isNew }: { isNew: boolean }) {
  const [isShown, setIsShown] = useState(false);
  const { register } = useFormContext();
  return (
    <div className="passphrase-field">
      <Field
        name="passphrase"
        isSecret
        label={isNew ? 'Passphrase: three or four words do' : 'Passphrase'}
      >
        {(attributes) => (
          <Form.Control
            type={isShown ? 'text' : 'password'}
            autoComplete={isNew ? 'new-password' : 'current-password'}
            autoCapitalize="none"
            spellCheck={false}
            {...attributes}
            {...register('passphrase')}
          />
        )}
      </Field>
      <Button
        variant="outline"
        aria-pressed={isShown}
        aria-label="Show the passphrase"
        onClick={() => setIsShown(!isShown)}
      >
        {isShown ? 'Hide' : 'Show'}
      </Button>
    </div>
  );
}
