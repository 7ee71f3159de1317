import { format, isToday, parseISO } from 'date-fns';
import { useState } from 'react';
import { ChevronLeft, ChevronRight } from 'react-bootstrap-icons';
import { DayPicker, type ChevronProps } from 'react-day-picker';

export interface MonthCalendarProps {
  /** days as `yyyy-MM-dd`, with how many sittings were on each */
  days: ReadonlyMap<string, number>;
  newest: string;
  day: string | null;
  onDay: (day: string) => void;
}

const dayOf = (date: Date) => format(date, 'yyyy-MM-dd');

const classNames = {
  month_caption: 'month-name',
  nav: 'month-head',
  button_previous: 'btn btn-icon',
  button_next: 'btn btn-icon',
  month_grid: 'table table-borderless',
  day_button: 'day-button',
  selected: 'chosen',
};

/** A month, with the days marked on which something was painted. Arrows go from day to day. */
export default function MonthCalendar({ days, newest, day, onDay }: MonthCalendarProps) {
  const at = parseISO(day ?? newest);
  const [month, setMonth] = useState(at);
  const chosen = day === null ? undefined : parseISO(day);
  return (
    <div className="month" role="group" aria-label="Days painted on">
      <DayPicker
        mode="single"
        required
        weekStartsOn={1}
        month={month}
        onMonthChange={setMonth}
        selected={chosen}
        onSelect={(date) => onDay(dayOf(date))}
        modifiers={{ paintedOn: (date) => days.has(dayOf(date)) }}
        modifiersClassNames={{ paintedOn: 'painted-on' }}
        labels={{
          labelNav: () => 'Months',
          labelPrevious: () => 'The month before',
          labelNext: () => 'The month after',
          labelGrid: (date) => format(date, 'MMMM yyyy'),
          labelDayButton: (date) =>
            `${isToday(date) ? 'Today, ' : ''}${format(date, 'EEEE, MMMM d, yyyy')}`,
        }}
        classNames={classNames}
        components={{ Chevron }}
      />
    </div>
  );
}

const Chevron = ({ orientation }: ChevronProps) =>
  orientation === 'left' ? <ChevronLeft aria-hidden /> : <ChevronRight aria-hidden />;
