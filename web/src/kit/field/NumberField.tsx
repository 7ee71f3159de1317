import { readNumber } from '@yellow-ledger/core';
import { useController, useFormContext, useWatch } from 'react-hook-form';
import { Field } from './Field';
import { NumberInput } from './NumberInput';

/** The value the form holds for an empty field. */
const whenEmptyHeld = { wrong: NaN, absent: undefined, none: null } as const;

export interface NumberFieldProps {
  name: string;
  label: string;
  unit?: string;
  /** what the arrows step by; 'any' for figures that are measured rather than counted */
  step?: number | 'any';
  placeholder?: string;
  /** what an empty field is: something to be put right, or nothing said */
  whenEmpty?: keyof typeof whenEmptyHeld;
}

/** A figure, for use inside a form. What is no number is kept and said, not thrown away. */
export function NumberField(props: NumberFieldProps) {
  const { name, label, unit, step = 'any', placeholder, whenEmpty = 'wrong' } = props;
  const { control } = useFormContext();
  const { field } = useController({ name, control });
  // The controller shows the first value again for a field that holds nothing any more.
  const value: unknown = useWatch({ control, name });
  const isRight = step === 1 ? Number.isInteger : undefined;
  const isAsking = typeof value === 'string' && readNumber(value, isRight).is === 'unclear';
  return (
    <Field name={name} label={label} unit={unit} isErrorHidden={isAsking}>
      {(attributes) => (
        <NumberInput
          {...attributes}
          name={name}
          inputRef={field.ref}
          placeholder={placeholder}
          step={step}
          isRight={isRight}
          value={value}
          onBlur={field.onBlur}
          onTyped={(reading, text) => {
            if (reading.is === 'number') field.onChange(reading.value);
            else field.onChange(reading.is === 'empty' ? whenEmptyHeld[whenEmpty] : text);
          }}
        />
      )}
    </Field>
  );
}
