import { counted } from '@yellow-ledger/core';
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
