import { counted, potNamesOf, stepSchema, techniqueOf, type Step } from '@yellow-ledger/core';
import Button from 'react-bootstrap/Button';
import { useEffect, useRef } from 'react';
import { FormProvider } from 'react-hook-form';
import { ActionBar } from '../../../kit/ActionBar';
import { NumberField } from '../../../kit/field/NumberField';
import { useLiveForm } from '../../../kit/field/useLiveForm';
import { Problem } from '../../../kit/Problem';
import { dropsErrorWords } from '../../../kit/words/dropsWords';
import { SayEdited } from '../say/SayEdited';
import { useLeaveUnfinished } from '../useDraft';
import { LineMore } from './LineMore';
import { MixEditor } from './MixEditor';
import { RangeEnds } from './RangeEnds';
import type { RecipeLineProps } from './recipeLineProps';
import { ToneEditor } from './ToneEditor';

/**
 * A line opened in its place: its sentence, mix, coats and where it goes; all else under "More". What
 * is right counts at once: the ribbon above follows the typing.
 */
export default function LineEditor(props: RecipeLineProps & { dropsWords: string | null }) {
  const { step, number, draft, words, pots, drops, deeds, onClose, wasOpen } = props;
  const leave = useLeaveUnfinished(draft.recipe.id);
  const form = useLiveForm<Step>({
    schema: stepSchema,
    value: step,
    unfinished: draft.unfinished[step.id],
    onValid: deeds.edit,
    onUnfinished: (typed) => leave(step.id, typed),
  });
  const wrong = Object.keys(form.formState.errors);
  const sheet = useRef<HTMLFormElement>(null);
  const sentence = useRef<HTMLInputElement>(null);
  useEffect(() => {
    // A page opened again keeps its scroll position.
    if (!wasOpen) sheet.current?.scrollIntoView({ block: 'nearest' });
    // On a touch screen a focused text field would raise the keyboard over the line.
    const isPointed = window.matchMedia?.('(pointer: fine)').matches;
    (isPointed ? sentence : sheet).current?.focus({ preventScroll: true });
  }, [wasOpen]);
  const { counts, caution, lifts } = techniqueOf(step.technique);
  return (
    <FormProvider {...form}>
      <form
        ref={sheet}
        tabIndex={-1}
        className="line-editor"
        aria-label={`Edit line ${number}`}
        onSubmit={(event) => {
          event.preventDefault();
          onClose();
        }}
        onKeyDown={(event) => {
          // Escape in an open list closes the list alone.
          const isInList = (event.target as Element).getAttribute('aria-expanded') === 'true';
          const isField = (event.target as Element).getAttribute('role') === 'combobox';
          if (event.key === 'Escape' && !event.defaultPrevented && !(isInList && isField))
            onClose();
        }}
      >
        <SayEdited
          step={step}
          recipe={draft.recipe}
          pots={pots}
          field={sentence}
          onSay={deeds.say}
          onDone={onClose}
        />
        {wrong.length > 0 && (
          <p className="line-held" role="status">
            The line counts as it was until what is marked here is put right.
          </p>
        )}
        {caution && (
          <Problem role="note">
            <b>Caution.</b> {caution}
          </Problem>
        )}
        <div className="stacked line-editor-left">
          {lifts === undefined ? (
            <MixEditor
              earlier={draft.recipe.steps.slice(0, number - 1)}
              pots={pots}
              words={words}
            />
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
        </div>
        <div className="stacked line-editor-right">
          <ToneEditor />
          <div className="line-editor-coats">
            <NumberField name="coats" label={counts === 'coat' ? 'Coats' : 'Passes'} step={1} />
          </div>
          <RangeEnds {...props} />
        </div>
        <LineMore {...props} names={potNamesOf(pots)} wrong={wrong} />
        <ActionBar>
          <Button type="submit" variant="next">
            Done
          </Button>
        </ActionBar>
      </form>
    </FormProvider>
  );
}
