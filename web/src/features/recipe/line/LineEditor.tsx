import {
  counted,
  meanings,
  meaningTells,
  meaningWord,
  potNamesOf,
  reckonedDryMinutes,
  stages,
  stepSchema,
  techniqueNames,
  techniqueOf,
  withTechnique,
  type Step,
  type TechniqueName,
} from '@yellow-ledger/core';
import Button from 'react-bootstrap/Button';
import { useEffect, useRef } from 'react';
import { FormProvider } from 'react-hook-form';
import { ActionBar } from '../../../kit/ActionBar';
import { NoteField } from '../../../kit/field/NoteField';
import { OptionalChoice } from '../../../kit/field/OptionalChoice';
import { NumberField } from '../../../kit/field/NumberField';
import { Problem } from '../../../kit/Problem';
import { SelectField } from '../../../kit/field/SelectField';
import { useLiveForm } from '../../../kit/field/useLiveForm';
import { dropsErrorWords } from '../../../kit/words/dropsWords';
import { MixEditor } from './MixEditor';
import { PlaceFigures } from './PlaceFigures';
import { PlacementEditor } from './PlacementEditor';
import type { RecipeLineProps } from './recipeLineProps';
import { SayEdited } from '../say/SayEdited';
import { LineStudies } from '../studies/LineStudies';
import { RangeEnds } from './RangeEnds';
import { ToolEditor } from './ToolEditor';
import { useLeaveUnfinished } from '../useDraft';
import { standardOptions } from '../../../kit/words/standards';

const meaningOptions = meanings.map((id) => ({
  id,
  name: `it ${meaningWord(id)}: ${meaningTells(id)}`,
}));
const techniqueOptions = techniqueNames.map((id) => ({ id, name: techniqueOf(id).label }));

/** A line opened in its place. What is right counts at once: the ribbon above follows the typing. */
export default function LineEditor(props: RecipeLineProps & { dropsWords: string | null }) {
  const { step, number, draft, words, pots, buildUp, build, drops, deeds, onClose, onFocus } =
    props;
  const leave = useLeaveUnfinished(draft.recipe.id);
  const form = useLiveForm<Step>({
    schema: stepSchema,
    value: step,
    unfinished: draft.unfinished[step.id],
    onValid: deeds.edit,
    onUnfinished: (typed) => leave(step.id, typed),
  });
  const { setValue, formState } = form;
  const isRight = Object.keys(formState.errors).length === 0;
  const sheet = useRef<HTMLFormElement>(null);
  const { wasOpen } = props;
  useEffect(() => {
    // A page opened again keeps its scroll position.
    if (!wasOpen) sheet.current?.scrollIntoView({ block: 'nearest' });
  }, [wasOpen]);
  const { counts, caution, leaves, mind, lifts } = techniqueOf(step.technique);
  const names = potNamesOf(pots);
  const earlier = draft.recipe.steps.slice(0, number - 1);
  return (
    <FormProvider {...form}>
      <form
        ref={sheet}
        className="line-editor"
        aria-label={`Edit line ${number}`}
        onSubmit={(event) => {
          event.preventDefault();
          onClose();
        }}
        onKeyDown={(event) => {
          // Escape in an open list closes the list alone.
          const isInList = (event.target as Element).getAttribute('aria-expanded') === 'true';
          if (event.key === 'Escape' && !event.defaultPrevented && !isInList) onClose();
        }}
      >
        <SayEdited
          step={step}
          recipe={draft.recipe}
          pots={pots}
          onSay={deeds.say}
          onDone={onClose}
        />
        <div className="line-editor-how">
          <SelectField name="stage" label="Stage" options={stages} isFirst />
          <SelectField
            name="technique"
            label="Technique"
            options={techniqueOptions}
            onChosen={(name) => {
              // The said mix and place stay.
              const changed = withTechnique(step, name as TechniqueName, {
                names,
                recipe: draft.recipe,
                above: earlier,
              });
              setValue('placement', changed.placement);
              setValue('mix', changed.mix, { shouldValidate: true });
            }}
          />
          <NumberField name="coats" label={counts === 'coat' ? 'Coats' : 'Passes'} step={1} />
          <NumberField
            name="coatsUpTo"
            label="more coats if needed, until even"
            step={1}
            placeholder="no more"
            whenEmpty="absent"
          />
          <NumberField name="dryMinutes" label={dryLabel(step)} unit="min" />
          <SelectField name="level" label="From standard" options={standardOptions} />
        </div>
        {!isRight && (
          <p className="line-held" role="status">
            The line counts as it was until what is marked here is put right.
          </p>
        )}
        <div className="flow line-leaves">
          <p>
            Leaves {leaves}.{mind && <small className="below">{mind}</small>}
          </p>
          {lifts === undefined && (
            <OptionalChoice
              name="meaning"
              label="What it is for"
              none={
                props.meaning && !step.meaning
                  ? `as it is painted: it ${meaningWord(props.meaning)}`
                  : 'as it is painted'
              }
              options={meaningOptions}
            />
          )}
        </div>
        {caution && (
          <Problem role="note">
            <b>Caution.</b> {caution}
          </Problem>
        )}
        <div className="stacked line-editor-left">
          {lifts === undefined ? (
            <MixEditor earlier={earlier} pots={pots} words={words} />
          ) : (
            <p>
              No paint: a clean brush, wrung out until it is damp. It takes up to{' '}
              {Math.round(lifts * 100)} % of the last coat off, a stroke; what lies below that is
              dry and stays.
            </p>
          )}
          {props.dropsWords && drops && (
            <p className="line-drops">
              Drops for {counted(draft.recipe.models, 'model')}: <b>{props.dropsWords}</b>
              <small> · {dropsErrorWords(drops)}</small>
            </p>
          )}
          <RangeEnds {...props} />
          <ToolEditor />
          <NoteField name="note" label="Note" rows={1} />
        </div>
        <div className="stacked line-editor-right">
          <PlacementEditor {...props} />
        </div>
        {build && buildUp && <PlaceFigures stops={build.stops} surface={buildUp.surface} />}
        <ActionBar>
          <Button type="submit" variant="next">
            Done
          </Button>
          <Button variant="outline" onClick={() => onFocus(deeds.duplicate(step.id))}>
            Duplicate line
          </Button>
          <Button variant="outline" onClick={() => onFocus(deeds.remove(step.id))}>
            Delete line
          </Button>
        </ActionBar>
        <LineStudies {...props} />
      </form>
    </FormProvider>
  );
}

/** The drying time assumed where no minutes are written. */
const dryLabel = (step: Step) =>
  step.dryMinutes === 0 && !techniqueOf(step.technique).lifts
    ? `Drying per coat: about ${Math.round(reckonedDryMinutes(step))}`
    : 'Drying per coat';
