import {
  asLeft,
  clearKinds,
  potFinishes,
  potFlows,
  potKinds,
  potSchema,
  readHex,
  swatchReadings,
  transparentKinds,
  type Kept,
  type Pot,
} from '@yellow-ledger/core';
import Button from 'react-bootstrap/Button';
import { Suspense } from 'react';
import { FormProvider, useWatch } from 'react-hook-form';
import { lazyComponent } from '../../kit/lazy/lazyComponent';
import { useWriter } from '../../data/useWriter';
import { useMay } from '../../data/club/standing';
import { WhoseBar } from '../../kit/club/WhoseBar';
import { ActionBar } from '../../kit/ActionBar';
import { Disclosure } from '../../kit/Disclosure';
import { LinkButton } from '../../kit/LinkButton';
import { NoteField } from '../../kit/field/NoteField';
import { NumberField } from '../../kit/field/NumberField';
import { OptionalField } from '../../kit/field/OptionalField';
import { OptionalChoice } from '../../kit/field/OptionalChoice';
import { SelectField } from '../../kit/field/SelectField';
import { Swatch } from '../../kit/paint/Swatch';
import { TextField } from '../../kit/field/TextField';
import { useLiveForm } from '../../kit/field/useLiveForm';
import { ColourSliders } from './ColourSliders';
import { HidingChoice } from './HidingChoice';
import { LentTo } from './LentTo';
import { PotSaveMark } from './PotSaveMark';
import { unfinishedPots } from './unfinishedPots';
import { usePotWriting } from './usePotWriting';
import { swatchWords } from '../../kit/words/swatchWords';

const BottleFields = lazyComponent(() => import('./BottleFields'));
const CardMeasure = lazyComponent(() => import('./measure/CardMeasure'));
const PairsPanel = lazyComponent(() => import('./PairsPanel'));

/** A pot opened in its place in the table. What is right is saved as it is typed. */
export function PotEditor({ kept, onClose }: { kept: Kept<Pot>; onClose: () => void }) {
  const { value, saveState, change, settle, saveNow } = usePotWriting(kept);
  const form = useLiveForm<Pot>({
    schema: potSchema,
    value,
    unfinished: unfinishedPots.find(kept.content.id),
    onValid: change,
    onUnfinished: (typed) => unfinishedPots.keep(kept.content.id, typed),
  });
  const writer = useWriter();
  const { setValue, control } = form;
  const swatch = useWatch({ control, name: 'swatch' });
  const kind = useWatch({ control, name: 'kind' });
  const shows = useWatch({ control, name: 'swatchShows' });
  const hex = readHex(swatch) ?? kept.content.swatch;
  const isNew = kept.revision === 0;
  const mayWrite = useMay('pots', kept.content.id)('write');
  return (
    <FormProvider {...form}>
      <form
        className="opened pot-editor"
        aria-label={isNew ? 'New pot' : `Edit ${kept.content.name}`}
        onSubmit={(event) => {
          event.preventDefault();
          void form.trigger().then((isRight) => isRight && onClose());
        }}
        onKeyDown={(event) => {
          if (event.key === 'Escape' && !event.defaultPrevented) onClose();
        }}
      >
        {!isNew && (
          <WhoseBar kind="pots" id={kept.content.id}>
            <LentTo pot={kept.content} />
          </WhoseBar>
        )}
        <fieldset disabled={!mayWrite} className="stacked">
          <Swatch hex={hex} size="large" />
          <OptionalField
            name="swatch"
            label={`Swatch, ${swatchWords(shows)}`}
            read={(typed) => readHex(String(typed)) ?? typed}
          />
          {transparentKinds.includes(kind) && (
            <OptionalChoice
              name="swatchShows"
              label="What the swatch shows"
              none="not said: read as dried, full strength"
              options={swatchReadings}
            />
          )}
          <ColourSliders
            hex={hex}
            onPick={(picked) => setValue('swatch', picked, { shouldValidate: true })}
          />
        </fieldset>
        <div className="stacked">
          <fieldset disabled={!mayWrite} className="pot-fields">
            <TextField name="name" label="Name" isFirst />
            <div className="pot-row">
              <SelectField
                name="kind"
                label="Kind"
                options={potKinds}
                onChosen={(chosen) => {
                  // Of a pot that is on the shelf already its owner says so, as it changes what is predicted.
                  if (isNew)
                    setValue(
                      'swatchShows',
                      transparentKinds.includes(chosen as Pot['kind'])
                        ? 'one coat over white'
                        : undefined,
                    );
                }}
              />
              <SelectField name="finish" label="Finish" options={potFinishes} />
              <SelectField name="flow" label="Flow" options={potFlows} />
              <NumberField
                name="volumeMl"
                label="Left"
                unit="ml"
                placeholder="not known"
                whenEmpty="none"
              />
            </div>
            {clearKinds.includes(kind) ? (
              <p className="pot-clear">
                A {kind} colours nothing and hides nothing; it only thins or seals.
              </p>
            ) : (
              <>
                <HidingChoice swatch={hex} />
                {mayWrite && (
                  <Disclosure title="Measure it on a striped card">
                    <Suspense fallback={<p>Fetching it …</p>}>
                      <CardMeasure />
                    </Suspense>
                  </Disclosure>
                )}
                <Disclosure title="What goes with it">
                  <Suspense fallback={<p>Fetching it …</p>}>
                    <PairsPanel />
                  </Suspense>
                </Disclosure>
              </>
            )}
            <Disclosure title="The bottle: whose, opened when, its drops, how it behaves">
              <Suspense fallback={<p>Fetching it …</p>}>
                <BottleFields />
              </Suspense>
            </Disclosure>
            <NoteField name="notes" label="Notes" rows={2} />
          </fieldset>
          <PotSaveMark
            saveState={saveState}
            onRetry={saveNow}
            onSettle={(theirs, keepsMine) => {
              if (!keepsMine && theirs) form.reset(asLeft(theirs));
              const mine = writer.shown('pots', kept.content.id) as Pot | null;
              settle(keepsMine || !theirs ? mine : theirs.content);
            }}
          />
          <ActionBar>
            <Button type="submit" variant="next">
              Done
            </Button>
            {!isNew && (
              <>
                <LinkButton to={`/shelf/replace/${kept.content.id}`}>Substitutes</LinkButton>
                <LinkButton to={`/history/pots/${kept.content.id}`}>History</LinkButton>
              </>
            )}
            {isNew && saveState.is === 'new' && (
              <Button
                variant="outline"
                onClick={() => {
                  form.reset();
                  onClose();
                }}
              >
                Cancel
              </Button>
            )}
          </ActionBar>
        </div>
      </form>
    </FormProvider>
  );
}
