import { parseDate } from '@internationalized/date';
import {
  Button,
  Calendar,
  CalendarCell,
  CalendarGrid,
  CalendarGridBody,
  CalendarGridHeader,
  CalendarHeaderCell,
  Heading,
} from 'react-aria-components';
import { BsChevronLeft, BsChevronRight } from 'react-icons/bs';

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
    <Calendar
      aria-label="Days painted on"
      className="month"
      value={day === null ? null : parseDate(day)}
      onChange={(date) => onDay(date.toString())}
      defaultFocusedValue={parseDate(newest)}
      firstDayOfWeek="mon"
    >
      <header>
        <Button slot="previous" className="btn btn-icon">
          <BsChevronLeft aria-hidden />
        </Button>
        <Heading />
        <Button slot="next" className="btn btn-icon">
          <BsChevronRight aria-hidden />
        </Button>
      </header>
      <CalendarGrid>
        <CalendarGridHeader>
          {(name) => <CalendarHeaderCell>{name}</CalendarHeaderCell>}
        </CalendarGridHeader>
        <CalendarGridBody>
          {(date) => (
            <CalendarCell
              date={date}
              className={({ isSelected }) =>
                ['day', days.has(date.toString()) && 'painted-on', isSelected && 'chosen']
                  .filter(Boolean)
                  .join(' ')
              }
            />
          )}
        </CalendarGridBody>
      </CalendarGrid>
    </Calendar>
  );
}
