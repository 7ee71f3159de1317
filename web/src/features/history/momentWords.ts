import { counted, type LoggedSession, type Moment } from '@yellow-ledger/core';
import { format, isSameDay, subDays } from 'date-fns';

const minuteMs = 60_000;

/** @example dayWords(yesterday, now) // → 'Yesterday' */
export function dayWords(at: Date, now: Date): string {
  if (isSameDay(at, now)) return 'Today';
  if (isSameDay(at, subDays(now, 1))) return 'Yesterday';
  return format(at, 'EEEE, d MMM yyyy');
}

/** @example agoWords(tenMinutesBefore, now) // → '10 minutes ago'; of other days nothing */
export function agoWords(at: Date, now: Date): string {
  const minutes = Math.round((now.getTime() - at.getTime()) / minuteMs);
  if (minutes < 0 || !isSameDay(at, now)) return '';
  if (minutes < 1) return 'just now';
  if (minutes < 60) return `${counted(minutes, 'minute')} ago`;
  return `about ${counted(Math.round(minutes / 60), 'hour')} ago`;
}

/**
 * Sessions that began after a state was written over and before the next newer one was: the state is
 * the record as it was before them.
 *
 * @param moments the newest first
 */
export function sessionsAfter<Session extends Pick<LoggedSession, 'from'>>(
  moments: readonly Pick<Moment, 'until'>[],
  index: number,
  sessions: readonly Session[],
): Session[] {
  const from = Date.parse(moments[index].until);
  const to = index === 0 ? Infinity : Date.parse(moments[index - 1].until);
  return sessions.filter((session) => session.from >= from && session.from < to);
}
