import Form from 'react-bootstrap/Form';
import { useFormContext } from 'react-hook-form';
import { Field } from '../../kit/field/Field';

/** A one-time code, or a recovery code in its place. */
export function CodeField() {
  const { register } = useFormContext();
  return (
    <>
      <Field name="code" label="Code from your authenticator app">
        {(attributes) => (
          <Form.Control
            autoFocus
            inputMode="text"
            autoComplete="one-time-code"
            autoCapitalize="characters"
            spellCheck={false}
            {...attributes}
            {...register('code')}
          />
        )}
      </Field>
      <p className="quiet">
        Phone not with you? A recovery code works too. Both gone? Ask a manager for a link that
        turns the codes off.
      </p>
    </>
  );
}
