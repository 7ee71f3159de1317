import { format, parseISO } from 'date-fns';
import { DayPicker } from 'react-day-picker';

export interface MonthCalendarProps {
  /** days as `yyyy-MM-dd`, with how many sittings were on each */
  days: ReadonlyMap<string, number>;
  newest: string;
  day: string | null;
  onDay: (day: string) => void;
}

/** A month, with the days marked on which something was painted. */
export default function MonthCalendar({ days, newest, day, onDay }: MonthCalendarProps) {
  return (
    <DayPicker
      mode="single"
      required
      aria-label="Days painted on"
      weekStartsOn={1}
      defaultMonth={parseISO(newest)}
      selected={day === null ? undefined : parseISO(day)}
      onSelect={(date: Date) => onDay(format(date, 'yyyy-MM-dd'))}
      labels={{
        // The number alone, as it is written on the day: “26”, not “26th”.
        labelDayButton: (date, { today, selected }) =>
          `${today ? 'Today, ' : ''}${format(date, 'EEEE, MMMM d, yyyy')}${selected ? ', selected' : ''}`,
      }}
      modifiers={{ paintedOn: (date) => days.has(format(date, 'yyyy-MM-dd')) }}
      classNames={{
        root: 'month',
        months: 'months',
        nav: 'month-turn',
        button_previous: 'btn btn-icon',
        button_next: 'btn btn-icon',
        month_caption: 'month-name',
        day: 'day',
        selected: 'chosen',
      }}
      modifiersClassNames={{ paintedOn: 'painted-on' }}
    />
  );
}
