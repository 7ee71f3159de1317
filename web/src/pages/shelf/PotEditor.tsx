import {
  clearKinds,
  potFinishes,
  potFlows,
  potKinds,
  potSchema,
  readHex,
  type Kept,
  type Pot,
} from '@yellow-ledger/core';
import { lazy, Suspense } from 'react';
import Form from 'react-bootstrap/Form';
import { FormProvider, useWatch } from 'react-hook-form';
import { Field } from '../../parts/Field';
import { NoteField } from '../../parts/NoteField';
import { SelectField } from '../../parts/SelectField';
import { Swatch } from '../../parts/Swatch';
import { useLiveForm } from '../../parts/useLiveForm';
import { HidingChoice } from './HidingChoice';
import { PotSaveMark } from './PotSaveMark';
import { unfinishedPots } from './unfinishedPots';
import { usePotAutosave } from './usePotAutosave';

const ColourField = lazy(() => import('../../parts/ColourField'));

/** A pot opened in its place in the table. What is right is saved as it is typed. */
export function PotEditor({ kept, onClose }: { kept: Kept<Pot>; onClose: () => void }) {
  const { saveState, change, settle, saveNow } = usePotAutosave(kept);
  const form = useLiveForm<Pot>({
    schema: potSchema,
    value: kept.content,
    unfinished: unfinishedPots.find(kept.content.id),
    onValid: change,
    onUnfinished: (typed) => unfinishedPots.keep(kept.content.id, typed),
  });
  const { register, setValue, control } = form;
  const swatch = useWatch({ control, name: 'swatch' });
  const kind = useWatch({ control, name: 'kind' });
  const hex = readHex(swatch) ?? kept.content.swatch;
  const isNew = kept.revision === 0;
  return (
    <FormProvider {...form}>
      <form
        className="pot-editor"
        aria-label={isNew ? 'New pot' : `Edit ${kept.content.name}`}
        onSubmit={(event) => {
          event.preventDefault();
          void form.trigger().then((isRight) => isRight && onClose());
        }}
        onKeyDown={(event) => {
          if (event.key === 'Escape' && !event.defaultPrevented) onClose();
        }}
      >
        <div className="pot-colour">
          <Swatch hex={hex} size="large" />
          <Field name="swatch" label="Swatch, thick and dry">
            {(attributes) => (
              <Form.Control
                size="sm"
                {...attributes}
                {...register('swatch', { setValueAs: (typed: string) => readHex(typed) ?? typed })}
              />
            )}
          </Field>
          <Suspense fallback={<p>Opening the colour field …</p>}>
            <ColourField
              hex={hex}
              onPick={(picked) => setValue('swatch', picked, { shouldValidate: true })}
            />
          </Suspense>
        </div>
        <div className="pot-figures">
          <Field name="name" label="Name">
            {(attributes) => (
              <Form.Control
                size="sm"
                dir="auto"
                autoFocus
                autoComplete="off"
                {...attributes}
                {...register('name')}
              />
            )}
          </Field>
          <div className="pot-row">
            <SelectField name="kind" label="Kind" options={potKinds} />
            <SelectField name="finish" label="Finish" options={potFinishes} />
            <SelectField name="flow" label="Flow" options={potFlows} />
            <Field name="volumeMl" label="Left" unit="ml">
              {(attributes) => (
                <Form.Control
                  size="sm"
                  inputMode="decimal"
                  placeholder="not known"
                  {...attributes}
                  {...register('volumeMl', {
                    setValueAs: (typed: unknown) =>
                      typed === '' || typed === null ? null : Number(typed),
                  })}
                />
              )}
            </Field>
          </div>
          {clearKinds.includes(kind) ? (
            <p className="pot-clear">
              A {kind} colours nothing and hides nothing; it only thins or seals.
            </p>
          ) : (
            <HidingChoice swatch={hex} />
          )}
          <NoteField name="notes" label="Notes" rows={2} />
          <PotSaveMark
            saveState={saveState}
            onRetry={() => void saveNow()}
            onSettle={(theirs, keepsMine) => {
              const mine = form.getValues();
              if (!keepsMine && theirs) form.reset(theirs.content);
              settle(keepsMine || !theirs ? mine : theirs.content, theirs);
            }}
          />
          <div className="pot-actions">
            <button type="submit" className="next-button">
              Done
            </button>
            {isNew && saveState.is === 'new' && (
              <button
                type="button"
                className="outline-button"
                onClick={() => {
                  form.reset();
                  onClose();
                }}
              >
                Leave it
              </button>
            )}
          </div>
        </div>
      </form>
    </FormProvider>
  );
}
