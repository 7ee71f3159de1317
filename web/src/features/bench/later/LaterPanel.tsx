import { lineOfText } from '@yellow-ledger/core';
import { zodResolver } from '@hookform/resolvers/zod';
import { FormProvider, useForm } from 'react-hook-form';
import Button from 'react-bootstrap/Button';
import { z } from 'zod';
import { ActionBar } from '../../../kit/ActionBar';
import { TextField } from '../../../kit/field/TextField';
import { modelsWords } from '../../../kit/words/modelsWords';
import type { BenchPartProps } from '../benchPart';
import type { BenchNow } from '../benchWork';
import { PanelBox } from '../PanelBox';

const laterSchema = z.strictObject({ what: lineOfText });

export interface LaterPanelProps extends Omit<BenchPartProps, 'view'> {
  now: BenchNow;
  onClose: () => void;
}

/** A part of the line that is left for later, and stays as something to do. */
export function LaterPanel({ now, hand, onClose }: LaterPanelProps) {
  const form = useForm({ defaultValues: { what: '' }, resolver: zodResolver(laterSchema) });
  const { where, recipeId, version, stepId, line } = now.coat;
  const { benchId } = now.coat;
  const submit = form.handleSubmit(({ what }) => {
    if (!hand.isPress('later')) return;
    const entry = { kind: 'later', ...hand.head(), benchId, where, recipeId, version } as const;
    hand.write([{ ...entry, stepId, line, what: what.trim(), isDone: false }]);
    onClose();
  });
  return (
    <PanelBox label="A part later">
      <FormProvider {...form}>
        <form onSubmit={(event) => void submit(event)}>
          <TextField name="what" label="Left for later, such as “lower parts”" isFirst />
          <p className="quiet">
            On {where.models.length === 1 ? 'model' : 'models'} {modelsWords(where.models)}. It
            stays to be done beside the bench and with the model.
          </p>
          <ActionBar>
            <Button type="submit" variant="next">
              Leave it for later
            </Button>
            <Button variant="plain" onClick={onClose}>
              Close
            </Button>
          </ActionBar>
        </form>
      </FormProvider>
    </PanelBox>
  );
}
