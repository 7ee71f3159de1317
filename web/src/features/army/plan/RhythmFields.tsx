import type { Session } from '@yellow-ledger/core';
import { addWeeks, format } from 'date-fns';
import Form from 'react-bootstrap/Form';
import { useId, useState } from 'react';
import { ReasonButton } from '../../../kit/ReasonButton';
import { CheckboxGroup } from '../../../kit/CheckboxGroup';
import { CountField } from '../../../kit/field/CountField';
import { sessionsOf, type Rhythm } from './rhythm';

const weekdays = ['Sunday', 'Monday', 'Tuesday', 'Wednesday', 'Thursday', 'Friday', 'Saturday'];
/** Monday first, as weeks are read. */
const shown = [1, 2, 3, 4, 5, 6, 0];

/** Evenings of every week at once: which days, from when, until when. */
export function RhythmFields({
  sessions,
  until,
  onSessions,
}: {
  sessions: readonly Session[];
  until: string | undefined;
  onSessions: (more: Session[]) => void;
}) {
  const id = useId();
  const [rhythm, setRhythm] = useState<Rhythm>({
    weekdays: [2, 4],
    at: '19:00',
    minutes: 150,
    until: until ?? format(addWeeks(new Date(), 3), 'yyyy-MM-dd'),
  });
  const made = sessionsOf(rhythm, new Date(), sessions);
  return (
    <fieldset className="stacked rhythm">
      <legend>Every week</legend>
      <CheckboxGroup
        legend="Days"
        options={shown.map((value) => ({ value, name: weekdays[value] }))}
        ticked={rhythm.weekdays}
        onTicked={(ticked) => setRhythm({ ...rhythm, weekdays: ticked })}
      />
      <div className="flow">
        <Form.Label htmlFor={`${id}-at`}>From</Form.Label>
        <Form.Control
          id={`${id}-at`}
          type="time"
          size="sm"
          className="plan-deadline"
          value={rhythm.at}
          onChange={({ target }) => setRhythm({ ...rhythm, at: target.value })}
        />
        <CountField
          label="for"
          after="minutes"
          value={rhythm.minutes}
          least={10}
          most={1440}
          onCount={(minutes) => setRhythm({ ...rhythm, minutes })}
        />
        <Form.Label htmlFor={`${id}-until`}>until</Form.Label>
        <Form.Control
          id={`${id}-until`}
          type="date"
          size="sm"
          className="plan-deadline"
          value={rhythm.until}
          onChange={({ target }) => setRhythm({ ...rhythm, until: target.value })}
        />
        <ReasonButton
          variant="outline"
          size="sm"
          why={made.length === 0 ? 'There is no such evening that is still free.' : null}
          onClick={() => onSessions(made)}
        >
          {made.length === 1 ? 'Add 1 evening' : `Add ${made.length} evenings`}
        </ReasonButton>
      </div>
    </fieldset>
  );
}
