import type { ReactNode } from 'react';
import Button from 'react-bootstrap/Button';
import Form from 'react-bootstrap/Form';
import { FormProvider, type FieldValues, type UseFormReturn } from 'react-hook-form';
import { Problem } from '../../kit/Problem';

export interface DoorFormProps<Values extends FieldValues> {
  form: UseFormReturn<Values, unknown, Values>;
  onSubmit: (values: Values) => Promise<void>;
  /** what is pressed */
  does: string;
  /** what keeps whoever asks from coming in */
  problem: string | null;
  children: ReactNode;
}

/** A form that lets somebody in. */
export function DoorForm<Values extends FieldValues>(props: DoorFormProps<Values>) {
  const { form, onSubmit, does, problem, children } = props;
  const { isSubmitting } = form.formState;
  return (
    <FormProvider {...form}>
      <Form
        noValidate
        className="door-form stacked"
        onSubmit={(event) => void form.handleSubmit(onSubmit)(event)}
      >
        {children}
        {problem && <Problem>{problem}</Problem>}
        <Button type="submit" variant="next" disabled={isSubmitting}>
          {isSubmitting ? 'A moment …' : does}
        </Button>
      </Form>
    </FormProvider>
  );
}
