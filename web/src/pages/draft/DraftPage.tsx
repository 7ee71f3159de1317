import {
  finishLevels,
  lightenChoices,
  progressionOptionsSchema,
  schoolNames,
  schools,
  shadeChoices,
  thinChoices,
  type Pot,
  type ProgressionOptions,
  type SchoolName,
} from '@yellow-ledger/core';
import { zodResolver } from '@hookform/resolvers/zod';
import { useState } from 'react';
import { FormProvider, useForm, useWatch } from 'react-hook-form';
import { NumberField } from '../../parts/NumberField';
import { SampleButton } from '../../parts/SampleButton';
import { SelectField } from '../../parts/SelectField';
import { ofShelf } from '../../workers/parts';
import { useAnswer } from '../../workers/useAnswer';
import { useShelf } from '../../workers/useShelf';
import { draftFormSchema, firstDraftForm, optionsOf, type DraftForm } from './draftForm';
import { DraftColumn } from './DraftColumn';
import { MidChoice } from './MidChoice';
import './draft.scss';

const mostDrafts = 3;
const optionsFrom = (choices: Readonly<Record<string, string>>) =>
  Object.entries(choices).map(([value, label]) => ({ value, label }));

/** Drafts a recipe in the manner of up to three schools, side by side, to choose one from. */
export default function DraftPage() {
  const { pots, isLoading } = useShelf();
  if (isLoading || !pots) return <p className="page-wait">Looking over the shelf …</p>;
  const first = firstDraftForm(pots);
  return (
    <div className="page draft-page">
      <div className="page-head">
        <h1>Draft a recipe</h1>
      </div>
      {first ? <Drafting pots={pots} first={first} /> : <NothingToDraftWith />}
    </div>
  );
}

function NothingToDraftWith() {
  return (
    <div className="empty-page">
      <p>
        A draft is made from your own shelf: it takes a primer to stand on and a paint to begin
        with, and there is not one of each yet.
      </p>
      <div className="empty-actions">
        <SampleButton />
      </div>
    </div>
  );
}

function Drafting({ pots, first }: { pots: Pot[]; first: DraftForm }) {
  const form = useForm<DraftForm>({
    defaultValues: first,
    resolver: zodResolver(draftFormSchema),
    mode: 'onChange',
  });
  const [chosen, setChosen] = useState<SchoolName[]>(['restore', 'shadowUp', 'oneCoat']);
  const values = useWatch({ control: form.control }) as DraftForm;
  const read = draftFormSchema.safeParse(values);
  const asked = read.success ? chosen.map((school) => optionsOf(school, read.data)) : null;
  const isAsked =
    asked !== null && asked.every((one) => progressionOptionsSchema.safeParse(one).success);
  const { answer, problem } = useAnswer(
    ofShelf,
    [JSON.stringify(asked)],
    (worker) => worker.drafts((asked ?? []) as ProgressionOptions[]),
    isAsked,
  );
  const grounds = pots.filter(({ kind, retired }) => kind === 'primer' && !retired);
  return (
    <FormProvider {...form}>
      <form className="draft-form" onSubmit={(event) => event.preventDefault()}>
        <fieldset className="school-choice">
          <legend>Ways to set side by side, up to three</legend>
          {schoolNames.map((name) => (
            <label key={name} title={schools[name].tells}>
              <input
                type="checkbox"
                checked={chosen.includes(name)}
                disabled={!chosen.includes(name) && chosen.length >= mostDrafts}
                onChange={(event) =>
                  setChosen(
                    event.target.checked
                      ? schoolNames.filter((each) => each === name || chosen.includes(each))
                      : chosen.filter((each) => each !== name),
                  )
                }
              />{' '}
              {schools[name].label}
            </label>
          ))}
        </fieldset>
        <MidChoice pots={pots} />
        <div className="draft-fields">
          <SelectField
            name="groundPotId"
            label="Ground"
            options={grounds.map(({ id, name }) => ({ value: id, label: name }))}
          />
          <NumberField name="darks" label="Darks" step={1} />
          <SelectField name="shadeWith" label="Shade with" options={optionsFrom(shadeChoices)} />
          <NumberField name="lights" label="Lights" step={1} />
          <SelectField
            name="lightenWith"
            label="Lighten with"
            options={optionsFrom(lightenChoices)}
          />
          <SelectField name="thinWith" label="Thin with" options={optionsFrom(thinChoices)} />
          <SelectField name="finishLevel" label="Finish level" options={finishLevels} />
        </div>
      </form>
      {chosen.length === 0 && <p>Choose a way to see it drafted.</p>}
      {problem && (
        <p className="problem" role="alert">
          {problem}
        </p>
      )}
      <div className="draft-columns">
        {isAsked &&
          answer?.map((drafted) => (
            <DraftColumn key={drafted.asked.school} drafted={drafted} pots={pots} />
          ))}
      </div>
    </FormProvider>
  );
}
