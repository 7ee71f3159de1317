import {
  finishLevels,
  stages,
  stepSchema,
  techniqueNames,
  techniqueOf,
  type Step,
} from '@yellow-ledger/core';
import { useEffect, useRef } from 'react';
import Form from 'react-bootstrap/Form';
import { FormProvider } from 'react-hook-form';
import { Field } from '../../parts/Field';
import { useLiveForm } from '../../parts/useLiveForm';
import { draftActions } from '../../store/draft/draftSlice';
import { useAppDispatch } from '../../store/store';
import { MixEditor } from './MixEditor';
import { PlacementEditor } from './PlacementEditor';
import { PlaceFigures } from './PlaceFigures';
import type { RecipeLineProps } from './recipeLineProps';

/** A line opened in its place. What is right counts at once: the ribbon above follows the typing. */
export default function LineEditor(props: RecipeLineProps & { dropsWords: string | null }) {
  const { step, number, draft, words, pots, buildUp, build, drops, deeds, onClose, onFocus } =
    props;
  const dispatch = useAppDispatch();
  const form = useLiveForm<Step>({
    schema: stepSchema,
    value: step,
    unfinished: draft.unfinished[step.id],
    onValid: deeds.edit,
    onUnfinished: (typed) => dispatch(draftActions.leftUnfinished({ stepId: step.id, typed })),
  });
  const { register, setValue } = form;
  const sheet = useRef<HTMLFormElement>(null);
  useEffect(() => {
    sheet.current?.scrollIntoView({ block: 'nearest' });
  }, []);
  const { counts, caution, leaves } = techniqueOf(step.technique);
  const earlier = draft.history.present.steps.slice(0, number - 1);
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
          if (event.key === 'Escape' && !event.defaultPrevented) onClose();
        }}
      >
        <div className="line-editor-how">
          <Field name="stage" label="Stage">
            {(attributes) => (
              <Form.Select size="sm" autoFocus {...attributes} {...register('stage')}>
                {stages.map((stage) => (
                  <option key={stage}>{stage}</option>
                ))}
              </Form.Select>
            )}
          </Field>
          <Field name="technique" label="Technique">
            {(attributes) => (
              <Form.Select
                size="sm"
                {...attributes}
                {...register('technique', {
                  onChange: (event: { target: { value: Step['technique'] } }) =>
                    setValue('placement', techniqueOf(event.target.value).usualPlacement),
                })}
              >
                {techniqueNames.map((name) => (
                  <option key={name} value={name}>
                    {techniqueOf(name).label}
                  </option>
                ))}
              </Form.Select>
            )}
          </Field>
          <Field name="coats" label={counts === 'coat' ? 'Coats' : 'Passes'}>
            {(attributes) => (
              <Form.Control
                size="sm"
                type="number"
                min={1}
                {...attributes}
                {...register('coats', { valueAsNumber: true })}
              />
            )}
          </Field>
          <Field name="dryMinutes" label="Drying, each" unit="min">
            {(attributes) => (
              <Form.Control
                size="sm"
                type="number"
                min={0}
                step="any"
                {...attributes}
                {...register('dryMinutes', { valueAsNumber: true })}
              />
            )}
          </Field>
          <Field name="level" label="From level">
            {(attributes) => (
              <Form.Select size="sm" {...attributes} {...register('level')}>
                {finishLevels.map((level) => (
                  <option key={level}>{level}</option>
                ))}
              </Form.Select>
            )}
          </Field>
        </div>
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
              Drops for {draft.history.present.models}{' '}
              {draft.history.present.models === 1 ? 'model' : 'models'}: <b>{props.dropsWords}</b>
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
          <Field name="note" label="Note">
            {(attributes) => (
              <Form.Control
                as="textarea"
                rows={1}
                size="sm"
                dir="auto"
                {...attributes}
                {...register('note')}
              />
            )}
          </Field>
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
      </form>
    </FormProvider>
  );
}
