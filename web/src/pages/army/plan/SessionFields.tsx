import type { Batch } from '@yellow-ledger/core';
import { format, isValid } from 'date-fns';
import { useState } from 'react';
import Form from 'react-bootstrap/Form';
import { useFormContext } from 'react-hook-form';
import { Field } from '../../../parts/Field';
import { NumberField } from '../../../parts/NumberField';

export interface SessionFieldsProps {
  index: number;
  session: Batch['sessions'][number] | undefined;
  painters: Batch['painters'];
  onOut: () => void;
}

/** One sitting: by the clock on the wall here, kept as a moment that no change of clocks moves. */
export function SessionFields({ index, session, painters, onOut }: SessionFieldsProps) {
  const { setValue } = useFormContext<Batch>();
  const kept = session ? localText(session.startsAt) : '';
  const [typed, setTyped] = useState<string | null>(null);
  if (!session) return null;
  return (
    <div className="unit-row session-row">
      <Field name={`sessions.${index}.startsAt`} label="Begins">
        {(attributes) => (
          <Form.Control
            size="sm"
            type="datetime-local"
            {...attributes}
            value={typed ?? kept}
            onChange={(event) => {
              setTyped(event.target.value);
              const moment = new Date(event.target.value);
              setValue(
                `sessions.${index}.startsAt`,
                isValid(moment) ? moment.toISOString() : event.target.value,
                { shouldValidate: true },
              );
            }}
            onBlur={() => kept !== '' && setTyped(null)}
          />
        )}
      </Field>
      <NumberField name={`sessions.${index}.minutes`} label="Lasts" unit="min" step={1} />
      {painters.length > 1 && (
        <fieldset className="who-comes">
          <legend>Who comes</legend>
          {painters.map((painter) => (
            <label key={painter.id}>
              <input
                type="checkbox"
                checked={!session.without?.includes(painter.id)}
                onChange={(event) => {
                  const rest = (session.without ?? []).filter((each) => each !== painter.id);
                  const without = event.target.checked ? rest : [...rest, painter.id];
                  setValue(`sessions.${index}.without`, without.length > 0 ? without : undefined, {
                    shouldValidate: true,
                  });
                }}
              />{' '}
              <span dir="auto">{painter.name}</span>
            </label>
          ))}
        </fieldset>
      )}
      <p className="session-tail">
        {session.isOver && <span>Noted as painted. </span>}
        <button
          type="button"
          className="plain-button"
          aria-label={`Take out the session of ${isValid(new Date(session.startsAt)) ? format(new Date(session.startsAt), 'd MMMM') : 'no date'}`}
          onClick={onOut}
        >
          Take out
        </button>
      </p>
    </div>
  );
}

function localText(startsAt: string): string {
  const moment = new Date(startsAt);
  return isValid(moment) ? format(moment, "yyyy-MM-dd'T'HH:mm") : '';
}
