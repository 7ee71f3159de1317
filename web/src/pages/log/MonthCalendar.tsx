import {
  addDays,
  addMonths,
  eachDayOfInterval,
  eachWeekOfInterval,
  endOfMonth,
  format,
  isSameMonth,
  isToday,
  parseISO,
  startOfMonth,
  type Day,
} from 'date-fns';
import Table from 'react-bootstrap/Table';
import { useLayoutEffect, useRef, useState, type KeyboardEvent } from 'react';
import { ChevronLeft, ChevronRight } from 'react-bootstrap-icons';
import { IconButton } from '../../parts/IconButton';

export interface MonthCalendarProps {
  /** days as `yyyy-MM-dd`, with how many sittings were on each */
  days: ReadonlyMap<string, number>;
  newest: string;
  day: string | null;
  onDay: (day: string) => void;
}

const weekStartsOn: Day = 1;
const dayOf = (date: Date) => format(date, 'yyyy-MM-dd');

/** Where each key leads from a day. */
const leads: Record<string, (from: Date) => Date> = {
  ArrowLeft: (from) => addDays(from, -1),
  ArrowRight: (from) => addDays(from, 1),
  ArrowUp: (from) => addDays(from, -7),
  ArrowDown: (from) => addDays(from, 7),
  PageUp: (from) => addMonths(from, -1),
  PageDown: (from) => addMonths(from, 1),
};

/** A month, with the days marked on which something was painted. Arrows go from day to day. */
export default function MonthCalendar({ days, newest, day, onDay }: MonthCalendarProps) {
  const [at, setAt] = useState(() => parseISO(day ?? newest));
  const grid = useRef<HTMLTableElement>(null);
  const isByKey = useRef(false);
  // Before the next key can come: a quick Enter is for the day the arrow has led to.
  useLayoutEffect(() => {
    if (isByKey.current) grid.current?.querySelector<HTMLElement>('[tabindex="0"]')?.focus();
    isByKey.current = false;
  }, [at]);
  const onKeyDown = (event: KeyboardEvent) => {
    const to = leads[event.key];
    if (!to) return;
    event.preventDefault();
    isByKey.current = true;
    setAt(to(at));
  };
  const month = { start: startOfMonth(at), end: endOfMonth(at) };
  const weeks = eachWeekOfInterval(month, { weekStartsOn }).map((start) =>
    eachDayOfInterval({ start, end: addDays(start, 6) }),
  );
  return (
    <div className="month" role="group" aria-label="Days painted on">
      <div className="month-head">
        <IconButton
          label="The month before"
          icon={<ChevronLeft aria-hidden />}
          onClick={() => setAt(addMonths(at, -1))}
        />
        <b aria-live="polite">{format(at, 'MMMM yyyy')}</b>
        <IconButton
          label="The month after"
          icon={<ChevronRight aria-hidden />}
          onClick={() => setAt(addMonths(at, 1))}
        />
      </div>
      <Table ref={grid} borderless onKeyDown={onKeyDown} aria-label={format(at, 'MMMM yyyy')}>
        <thead>
          <tr>
            {weeks[0].map((date) => (
              <th key={date.getDay()} scope="col" abbr={format(date, 'EEEE')}>
                {format(date, 'EEEEEE')}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {weeks.map((week) => (
            <tr key={dayOf(week[0])}>
              {week.map((date) => (
                <td key={dayOf(date)}>
                  {isSameMonth(date, at) && (
                    <DayButton
                      date={date}
                      isPainted={days.has(dayOf(date))}
                      isChosen={dayOf(date) === day}
                      isAt={dayOf(date) === dayOf(at)}
                      onChoose={() => {
                        setAt(date);
                        onDay(dayOf(date));
                      }}
                    />
                  )}
                </td>
              ))}
            </tr>
          ))}
        </tbody>
      </Table>
    </div>
  );
}

interface DayButtonProps {
  date: Date;
  isPainted: boolean;
  isChosen: boolean;
  /** the one the Tab key stops at */
  isAt: boolean;
  onChoose: () => void;
}

const DayButton = ({ date, isPainted, isChosen, isAt, onChoose }: DayButtonProps) => (
  <button
    type="button"
    className={['day-button', isPainted && 'painted-on', isChosen && 'chosen']
      .filter(Boolean)
      .join(' ')}
    tabIndex={isAt ? 0 : -1}
    aria-pressed={isChosen}
    aria-label={`${isToday(date) ? 'Today, ' : ''}${format(date, 'EEEE, MMMM d, yyyy')}`}
    onClick={onChoose}
  >
    {date.getDate()}
  </button>
);
