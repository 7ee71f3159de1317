import { spanOf, type Batch, type Session } from '@yellow-ledger/core';
import { addDays, setHours, startOfDay } from 'date-fns';

/** An evening for one painter. */
export function newBatch(count: number, now: Date): Batch {
  return {
    id: crypto.randomUUID(),
    name: `Plan ${count + 1}`,
    models: [],
    painters: [newPainter(0)],
    sessions: [newSession([], now)],
    room: 'usual',
    keeping: 'damp',
    hairDryer: false,
  };
}

export const newPainter = (count: number): Batch['painters'][number] => ({
  id: crypto.randomUUID(),
  name: `Painter ${count + 1}`,
  speed: 1,
  claims: [],
});

/** A week after the last one, as long; the first one tomorrow evening. */
export function newSession(sessions: readonly Session[], now: Date): Session {
  const last = sessions.toSorted((one, other) => spanOf(one).from - spanOf(other).from).at(-1);
  // By the calendar and not by 7 × 24 hours: a club meets at eight, whatever the clocks did.
  const startsAt = last
    ? addDays(new Date(last.startsAt), 7)
    : setHours(startOfDay(addDays(now, 1)), 19);
  return {
    id: crypto.randomUUID(),
    startsAt: startsAt.toISOString(),
    minutes: last?.minutes ?? 150,
  };
}
