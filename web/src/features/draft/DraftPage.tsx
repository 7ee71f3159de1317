import {
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
import { EmptyPage } from '../../kit/EmptyPage';
import { NumberField } from '../../kit/field/NumberField';
import { PageHead } from '../../kit/PageHead';
import { Problem } from '../../kit/Problem';
import { SampleButton } from '../../kit/paint/SampleButton';
import { SelectField } from '../../kit/field/SelectField';
import { CheckboxGroup } from '../../kit/CheckboxGroup';
import { ofShelf } from '../../workers/parts';
import { useAnswer } from '../../workers/useAnswer';
import { useShelf } from '../../workers/useShelf';
import { DraftColumn } from './DraftColumn';
import { draftFormSchema, firstDraftForm, optionsOf, type DraftForm } from './draftForm';
import { PotsChoice } from './PotsChoice';
import { MidChoice } from './MidChoice';
import { PageWait } from '../../kit/PageWait';
import './draft.scss';
import { standardOptions } from '../../kit/words/standards';

const mostDrafts = 3;
const optionsFrom = (choices: Readonly<Record<string, string>>) =>
  Object.entries(choices).map(([id, name]) => ({ id, name }));

/** Drafts a recipe in the manner of up to three schools, side by side, to choose one from. */
export default function DraftPage() {
  const { pots, isLoading } = useShelf();
  if (isLoading || !pots)
    return <PageWait title="Draft a recipe">Looking over the shelf …</PageWait>;
  const first = firstDraftForm(pots);
  return (
    <div className="page draft-page">
      <PageHead title="Draft a recipe" />
      {first ? (
        <Drafting pots={pots} first={first} />
      ) : (
        <EmptyPage words="A draft is made from your own shelf: it takes a primer to stand on and a paint to begin with, and there is not one of each yet.">
          <SampleButton />
        </EmptyPage>
      )}
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
      <form className="stacked draft-form" onSubmit={(event) => event.preventDefault()}>
        <CheckboxGroup
          legend="Ways to set side by side, up to three"
          options={schoolNames.map((value) => ({ value, name: schools[value].label }))}
          ticked={chosen}
          most={mostDrafts}
          onTicked={setChosen}
        />
        <MidChoice pots={pots} />
        <PotsChoice pots={pots} hasChain={chosen.includes('chain')} />
        <div className="draft-fields">
          <SelectField name="groundPotId" label="Undercoat" options={grounds} />
          <NumberField name="darks" label="Darks" step={1} />
          <SelectField name="shadeWith" label="Shade with" options={optionsFrom(shadeChoices)} />
          <NumberField name="lights" label="Lights" step={1} />
          <SelectField
            name="lightenWith"
            label="Lighten with"
            options={optionsFrom(lightenChoices)}
          />
          <SelectField name="thinWith" label="Thin with" options={optionsFrom(thinChoices)} />
          <SelectField name="finishLevel" label="Standard" options={standardOptions} />
        </div>
      </form>
      {chosen.length === 0 && <p>Choose a way to see it drafted.</p>}
      {problem && <Problem>{problem}</Problem>}
      <div className="columns">
        {isAsked &&
          answer?.map((drafted) => (
            <DraftColumn key={drafted.asked.school} drafted={drafted} pots={pots} />
          ))}
      </div>
    </FormProvider>
  );
}
