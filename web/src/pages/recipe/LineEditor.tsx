import {
  finishLevels,
  stages,
  stepSchema,
  techniqueNames,
  techniqueOf,
  type Step,
  type TechniqueName,
} from '@yellow-ledger/core';
import { useEffect, useRef } from 'react';
import { FormProvider } from 'react-hook-form';
import { NoteField } from '../../parts/NoteField';
import { NumberField } from '../../parts/NumberField';
import { SelectField } from '../../parts/SelectField';
import { useLiveForm } from '../../parts/useLiveForm';
import { MixEditor } from './MixEditor';
import { useLeaveUnfinished } from './useDraft';
import { PlacementEditor } from './PlacementEditor';
import { PlaceFigures } from './PlaceFigures';
import type { RecipeLineProps } from './recipeLineProps';
import { LineStudies } from './studies/LineStudies';

const techniqueOptions = techniqueNames.map((value) => ({
  value,
  label: techniqueOf(value).label,
}));

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
  useEffect(() => {
    sheet.current?.scrollIntoView({ block: 'nearest' });
  }, []);
  const { counts, caution, leaves } = techniqueOf(step.technique);
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
        <div className="line-editor-how">
          <SelectField name="stage" label="Stage" options={stages} autoFocus />
          <SelectField
            name="technique"
            label="Technique"
            options={techniqueOptions}
            onChosen={(name) =>
              setValue('placement', techniqueOf(name as TechniqueName).usualPlacement)
            }
          />
          <NumberField name="coats" label={counts === 'coat' ? 'Coats' : 'Passes'} step={1} />
          <NumberField name="dryMinutes" label="Drying, each" unit="min" />
          <SelectField name="level" label="From level" options={finishLevels} />
        </div>
        {!isRight && (
          <p className="line-held" role="status">
            The line counts as it was until what is marked here is put right.
          </p>
        )}
        <p className="line-leaves">Leaves {leaves}.</p>
        {caution && (
          <p className="caution">
            <b>Caution.</b> {caution}
          </p>
        )}
        <div className="line-editor-left">
          <MixEditor earlier={earlier} pots={pots} words={words} />
          {props.dropsWords && drops && (
            <p className="line-drops">
              Drops for {draft.recipe.models} {draft.recipe.models === 1 ? 'model' : 'models'}:{' '}
              <b>{props.dropsWords}</b>
              <small>
                {' '}
                · colour error {drops.colourError.toFixed(1)} ΔE00
                {!drops.isWithin && ', the nearest found'}
              </small>
            </p>
          )}
        </div>
        <div className="line-editor-right">
          <PlacementEditor />
          <NoteField name="note" label="Note" rows={1} />
        </div>
        {build && buildUp && <PlaceFigures stops={build.stops} surface={buildUp.surface} />}
        <div className="line-actions">
          <button type="submit" className="next-button">
            Done
          </button>
          <button
            type="button"
            className="outline-button"
            onClick={() => onFocus(deeds.duplicate(step.id))}
          >
            Duplicate line
          </button>
          <button
            type="button"
            className="outline-button"
            onClick={() => onFocus(deeds.remove(step.id))}
          >
            Delete line
          </button>
        </div>
        <LineStudies {...props} />
      </form>
    </FormProvider>
  );
}
