import { spanOf, type Session } from '@yellow-ledger/core';
import { addDays, addWeeks, isValid, parse, startOfDay } from 'date-fns';

/** Evenings that come round every week, by the clock on the wall. */
export interface Rhythm {
  /** 0 = Sunday */
  weekdays: readonly number[];
  /** hours and minutes, as 19:00 */
  at: string;
  minutes: number;
  /** the last day, year-month-day */
  until: string;
}

/** More sessions than this are in no plan. */
export const mostSessions = 200;

/**
 * The sessions of a rhythm from a day on, but for those at the time of one that is there already.
 *
 * @returns none where it says no day, no time or a day that is over
 */
export function sessionsOf(rhythm: Rhythm, from: Date, there: readonly Session[]): Session[] {
  const until = parse(rhythm.until, 'yyyy-MM-dd', from);
  if (!isValid(until) || !isValid(parse(rhythm.at, 'HH:mm', from))) return [];
  const made: Session[] = [];
  for (let day = startOfDay(from); day <= until; day = addDays(day, 1)) {
    if (there.length + made.length >= mostSessions) break;
    if (!rhythm.weekdays.includes(day.getDay())) continue;
    const begins = parse(rhythm.at, 'HH:mm', day);
    const session = {
      id: crypto.randomUUID(),
      startsAt: begins.toISOString(),
      minutes: rhythm.minutes,
    };
    if (begins > from && ![...there, ...made].some((other) => meet(other, session)))
      made.push(session);
  }
  return made;
}

function meet(one: Session, other: Session): boolean {
  const [a, b] = [spanOf(one), spanOf(other)];
  return a.from < b.to && b.from < a.to;
}

/** The evenings of the last week of a plan, week after week on from there: as many as may be asked for. */
export function eveningsOn(sessions: readonly Session[], count: number): Session[] {
  const open = sessions
    .filter(({ isOver }) => !isOver)
    .toSorted((one, other) => spanOf(one).from - spanOf(other).from);
  const last = open.at(-1);
  if (!last) return [];
  const week = open.filter(
    ({ startsAt }) => new Date(startsAt) > addWeeks(new Date(last.startsAt), -1),
  );
  return Array.from({ length: count }, (_, i) => {
    const { isOver: _over, ...session } = week[i % week.length];
    const startsAt = addWeeks(new Date(session.startsAt), 1 + Math.floor(i / week.length));
    return { ...session, id: `on-${i}`, startsAt: startsAt.toISOString() };
  });
}
