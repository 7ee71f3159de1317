import type { PastPainter } from './past';

/** A time at the table, milliseconds since 1970. */
export interface Evening {
  from: number;
  to: number;
}

const dayMs = 86_400_000;
const minuteMs = 60_000;

/**
 * The evenings of somebody over some weeks, by the clock on the wall: seven stays seven when the
 * clocks are changed.
 */
export function eveningsOf({ evenings }: PastPainter, weeks: number, now: number): Evening[] {
  const first = new Date(now - weeks * 7 * dayMs);
  const found: Evening[] = [];
  for (let day = 0; day <= weeks * 7; day++) {
    const date = new Date(first.getFullYear(), first.getMonth(), first.getDate() + day);
    for (const { day: weekday, hour, minutes } of evenings) {
      if (date.getDay() !== weekday) continue;
      const from = new Date(date.getFullYear(), date.getMonth(), date.getDate(), hour).getTime();
      const to = from + minutes * minuteMs;
      if (to <= now) found.push({ from, to });
    }
  }
  return found.sort((one, other) => one.from - other.from);
}
