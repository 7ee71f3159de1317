import type { Batch, PlannedWork } from '@yellow-ledger/core';
import Button from 'react-bootstrap/Button';
import { ActionBar } from '../../../kit/ActionBar';
import { saveText } from '../../../kit/hooks/saveText';
import type { PlanWords } from './planWords';

export interface CalendarButtonsProps {
  batch: Batch;
  plan: PlannedWork;
  words: PlanWords;
  onPrint: () => void;
}

/** The timetable on paper, or for the calendar everybody has. */
export function CalendarButtons({ batch, plan, words, onPrint }: CalendarButtonsProps) {
  const save = async (detail: 'sessions' | 'jobs') => {
    // Only who asks for a calendar fetches what writes one.
    const { calendarText } = await import('./calendarText');
    saveText(calendarText(batch, plan, words, detail), `${batch.name}.ics`, 'text/calendar');
  };
  return (
    <ActionBar className="no-print">
      <Button variant="outline" onClick={onPrint}>
        Print the timetable
      </Button>
      <Button variant="outline" onClick={() => void save('sessions')}>
        Calendar of sessions
      </Button>
      <Button variant="outline" onClick={() => void save('jobs')}>
        Calendar of every job
      </Button>
    </ActionBar>
  );
}
