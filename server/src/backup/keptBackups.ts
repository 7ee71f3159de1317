import { differenceInCalendarDays, format, getISOWeek, getISOWeekYear, parseISO } from 'date-fns';

/** Days of which the last backup is kept, and weeks. */
const daysKept = 7;
const weeksKept = 4;

/** A backup by its name. */
export interface NamedBackup {
  name: string;
  /** when it was made, ISO 8601, UTC */
  madeAt: string;
}

const named = /^ledger-(\d{4}-\d\d-\d\d)T(\d\d)-(\d\d)-(\d\d)Z\.sqlite$/;

/** @example backupName(new Date(0)) // → 'ledger-1970-01-01T00-00-00Z.sqlite' */
export const backupName = (at: Date): string =>
  `ledger-${at.toISOString().slice(0, 19).replaceAll(':', '-')}Z.sqlite`;

/** The backups of a folder, newest first; other files in it are not touched. */
export const backupsAmong = (names: readonly string[]): NamedBackup[] =>
  names
    .flatMap((name): NamedBackup[] => {
      const read = named.exec(name);
      return read ? [{ name, madeAt: `${read[1]}T${read[2]}:${read[3]}:${read[4]}Z` }] : [];
    })
    .sort((one, other) => other.madeAt.localeCompare(one.madeAt));

/**
 * Backups that can go: kept are the newest of all, the last of each of seven days, and the last of
 * each of four weeks.
 */
export function notKept(backups: readonly NamedBackup[], now: Date): NamedBackup[] {
  const sorted = [...backups].sort((one, other) => other.madeAt.localeCompare(one.madeAt));
  const days = new Set<string>();
  const weeks = new Set<string>();
  return sorted.filter(({ madeAt }, index) => {
    const at = parseISO(madeAt);
    const age = differenceInCalendarDays(now, at);
    const isOfDay = isFirst(days, format(at, 'yyyy-MM-dd')) && age < daysKept;
    const isOfWeek =
      isFirst(weeks, `${getISOWeekYear(at)} ${getISOWeek(at)}`) && age < 7 * weeksKept;
    return index > 0 && !isOfDay && !isOfWeek;
  });
}

function isFirst(known: Set<string>, key: string): boolean {
  if (known.has(key)) return false;
  known.add(key);
  return true;
}
