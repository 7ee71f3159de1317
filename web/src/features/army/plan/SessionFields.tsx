import type { Batch } from '@yellow-ledger/core';
import { addMinutes, format, isValid } from 'date-fns';
import Button from 'react-bootstrap/Button';
import { useState } from 'react';
import Form from 'react-bootstrap/Form';
import { useFormContext } from 'react-hook-form';
import { Disclosure } from '../../../kit/Disclosure';
import { Field } from '../../../kit/field/Field';
import { NumberField } from '../../../kit/field/NumberField';
import { CheckboxGroup } from '../../../kit/CheckboxGroup';

export interface SessionFieldsProps {
  index: number;
  session: Batch['sessions'][number] | undefined;
  painters: Batch['painters'];
  /** its fields are open before anybody presses */
  isOpen: boolean;
  onOut: () => void;
}

/** One sitting: by the clock on the wall here, kept as a moment that no change of clocks moves. */
export function SessionFields({ index, session, painters, isOpen, onOut }: SessionFieldsProps) {
  const { setValue, formState } = useFormContext<Batch>();
  const hasProblem = formState.errors.sessions?.[index] !== undefined;
  const kept = session ? localText(session.startsAt) : '';
  const [typed, setTyped] = useState<string | null>(null);
  if (!session) return null;
  return (
    <Disclosure title={sessionWords(session, painters)} isOpen={isOpen || hasProblem}>
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
          <CheckboxGroup
            legend="Who comes"
            options={painters.map(({ id, name }) => ({ value: id, name }))}
            ticked={painters.flatMap(({ id }) => (session.without?.includes(id) ? [] : [id]))}
            onTicked={(here) => {
              const without = painters.flatMap(({ id }) => (here.includes(id) ? [] : [id]));
              setValue(`sessions.${index}.without`, without.length > 0 ? without : undefined, {
                shouldValidate: true,
              });
            }}
          />
        )}
        <p className="session-tail">
          {session.isOver && <span>Noted as painted. </span>}
          <Button
            variant="plain"
            aria-label={`Remove the session of ${isValid(new Date(session.startsAt)) ? format(new Date(session.startsAt), 'd MMMM') : 'no date'}`}
            onClick={onOut}
          >
            Remove
          </Button>
        </p>
      </div>
    </Disclosure>
  );
}

/** @example 'Thu 3 December, 18:00 to 20:30 · Wil, Hesper' */
function sessionWords(
  { startsAt, minutes, without = [], isOver }: Batch['sessions'][number],
  painters: Batch['painters'],
): string {
  const from = new Date(startsAt);
  const when = isValid(from)
    ? `${format(from, 'EEE d MMMM, HH:mm')}${minutes > 0 ? ` to ${format(addMinutes(from, minutes), 'HH:mm')}` : ''}`
    : 'no date yet';
  const who = painters.filter(({ id }) => !without.includes(id)).map(({ name }) => name);
  return [
    when,
    painters.length > 1 && (who.length > 0 ? who.join(', ') : 'nobody comes'),
    isOver && 'over',
  ]
    .filter(Boolean)
    .join(' · ');
}

function localText(startsAt: string): string {
  const moment = new Date(startsAt);
  return isValid(moment) ? format(moment, "yyyy-MM-dd'T'HH:mm") : '';
}
