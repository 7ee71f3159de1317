import {
  hairDryerCaution,
  batchSchema,
  counted,
  keepings,
  rooms,
  type Army,
  type Batch,
} from '@yellow-ledger/core';
import Button from 'react-bootstrap/Button';
import Form from 'react-bootstrap/Form';
import { useState } from 'react';
import { FormProvider, useFieldArray, useWatch } from 'react-hook-form';
import { ReasonButton } from '../../../kit/ReasonButton';
import { Disclosure } from '../../../kit/Disclosure';
import { ModelRanges } from '../../../kit/models/ModelRanges';
import { rangesInWords } from '../../../kit/models/modelRanges';
import { Problem } from '../../../kit/Problem';
import { OptionalChoice } from '../../../kit/field/OptionalChoice';
import { SelectField } from '../../../kit/field/SelectField';
import { TextField } from '../../../kit/field/TextField';
import { useLiveForm } from '../../../kit/field/useLiveForm';
import { AimFields } from './AimFields';
import { newPainter, newSession } from './newBatch';
import { PainterFields } from './PainterFields';
import { RhythmFields } from './RhythmFields';
import { SessionFields } from './SessionFields';
import { WishFields } from './WishFields';
import { standardOptions } from '../../../kit/words/standards';

export interface PlanEditorProps {
  army: Army;
  batch: Batch;
  /** has just been begun, and wants to be said more of */
  isFresh: boolean;
  onPut: (batch: Batch) => void;
  onDelete: () => void;
}

/** Which models, who and when. What is right counts as it is typed. */
export function PlanEditor({ army, batch, isFresh, onPut, onDelete }: PlanEditorProps) {
  const form = useLiveForm<Batch>({
    schema: batchSchema,
    value: batch,
    onValid: onPut,
    onUnfinished: () => undefined,
  });
  const { control, setValue } = form;
  const painters = useFieldArray({ control, name: 'painters', keyName: 'key' });
  const sessions = useFieldArray({ control, name: 'sessions', keyName: 'key' });
  const written = useWatch({ control });
  const [hasAdded, setAdded] = useState(false);
  const people = (written.painters ?? []) as Batch['painters'];
  const sittings = (written.sessions ?? []) as Batch['sessions'];
  return (
    <FormProvider {...form}>
      <Disclosure
        className="no-print"
        isOpen={isFresh}
        title={
          <span dir="auto">
            {batch.models.length > 0 ? rangesInWords(batch.models, army.units) : 'The whole army'} ·{' '}
            {people.map(({ name }) => name).join(', ')} · {counted(sittings.length, 'session')}
          </span>
        }
      >
        <form
          className="stacked plan-editor"
          aria-label={`Edit ${batch.name}`}
          onSubmit={(event) => event.preventDefault()}
        >
          <div className="unit-row">
            <TextField name="name" label="Plan called" />
            <SelectField name="room" label="Room" options={rooms} />
            <OptionalChoice
              name="standard"
              label="Standard"
              none="what the recipes say"
              options={standardOptions}
            />
            <SelectField name="keeping" label="Palette" options={keepings} />
            <Form.Check
              id="plan-dryer"
              label="A hair dryer between coats"
              checked={written.hairDryer ?? false}
              onChange={(event) => setValue('hairDryer', event.target.checked)}
            />
          </div>
          {written.hairDryer && <Problem role="note">{hairDryerCaution}</Problem>}
          <ModelRanges
            legend="Models to paint"
            noneMeans="the whole army"
            army={army}
            ranges={(written.models ?? []) as Batch['models']}
            onRanges={(models) => setValue('models', models, { shouldValidate: true })}
          />
          <fieldset className="stacked">
            <legend>Who paints</legend>
            {painters.fields.map((field, index) => (
              <PainterFields
                key={field.key}
                index={index}
                army={army}
                painter={people[index]}
                onOut={people.length > 1 ? () => painters.remove(index) : undefined}
              />
            ))}
            <ReasonButton
              variant="outline"
              why={people.length >= 8 ? 'At most 8 paint together.' : null}
              onClick={() => painters.append(newPainter(people.length))}
            >
              Add a painter
            </ReasonButton>
          </fieldset>
          {(army.units.length > 1 || people.length > 1) && (
            <WishFields
              army={army}
              wishes={written.wishes as Batch['wishes']}
              isShared={people.length > 1}
            />
          )}
          <AimFields aims={written.aims as Batch['aims']} />
          <fieldset className="stacked">
            <legend>Sessions</legend>
            <div className="session-list">
              {sessions.fields.map((field, index) => (
                <SessionFields
                  key={field.key}
                  index={index}
                  session={sittings[index]}
                  painters={people}
                  isOpen={sittings.length < 3 || (hasAdded && index === sittings.length - 1)}
                  onOut={() => sessions.remove(index)}
                />
              ))}
            </div>
            <RhythmFields
              sessions={sittings}
              until={written.doneBy}
              onSessions={(more) => sessions.append(more)}
            />
            <ReasonButton
              variant="outline"
              why={sittings.length >= 200 ? 'A plan has at most 200 sessions.' : null}
              onClick={() => {
                setAdded(true);
                sessions.append(newSession(sittings, new Date()));
              }}
            >
              Add a session
            </ReasonButton>
          </fieldset>
          <div>
            <Button variant="plain" onClick={onDelete}>
              Delete the plan
            </Button>
          </div>
        </form>
      </Disclosure>
    </FormProvider>
  );
}
