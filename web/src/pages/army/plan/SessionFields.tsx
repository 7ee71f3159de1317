import type { Batch } from '@yellow-ledger/core';
import { format, isValid } from 'date-fns';
import { useId, useState } from 'react';
import Form from 'react-bootstrap/Form';
import { useFormContext } from 'react-hook-form';
import { NumberField } from '../../../parts/NumberField';

export interface SessionFieldsProps {
  index: number;
  session: Batch['sessions'][number] | undefined;
  painters: Batch['painters'];
  onOut: () => void;
}

/** One sitting: by the clock on the wall here, kept as a moment that no change of clocks moves. */
export function SessionFields({ index, session, painters, onOut }: SessionFieldsProps) {
  const { setValue, formState } = useFormContext<Batch>();
  const id = useId();
  const kept = session ? localText(session.startsAt) : '';
  const [typed, setTyped] = useState<string | null>(null);
  if (!session) return null;
  const problem = formState.errors.sessions?.[index]?.startsAt?.message;
  const isBad = typed !== null && !isValid(new Date(typed));
  const said = isBad ? 'a day and a time' : problem;
  return (
    <div className="unit-row session-row">
      <div>
        <Form.Label htmlFor={id}>Begins</Form.Label>
        <Form.Control
          id={id}
          size="sm"
          type="datetime-local"
          value={typed ?? kept}
          isInvalid={said !== undefined}
          aria-describedby={said ? `${id}-problem` : undefined}
          onChange={(event) => {
            setTyped(event.target.value);
            const moment = new Date(event.target.value);
            if (isValid(moment))
              setValue(`sessions.${index}.startsAt`, moment.toISOString(), {
                shouldValidate: true,
              });
          }}
          onBlur={() => !isBad && setTyped(null)}
        />
        {said && (
          <div id={`${id}-problem`} className="field-error">
            Expected {said}.
          </div>
        )}
      </div>
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
