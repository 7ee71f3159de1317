import type { LogEntry } from './entry';
import { standing } from './standing';

/** A sitting, as the log shows it. */
export interface LoggedSession {
  /** milliseconds since 1970 */
  from: number;
  to: number;
  benchIds: string[];
  /** coats of one surface of one model */
  coats: number;
  /** models a brush was on, by unit */
  models: Map<string, Set<number>>;
  /** minutes with a brush in the hand, where they are known */
  handsOn: number;
  mishaps: number;
  deviations: number;
  entries: LogEntry[];
}

/** After so long without a word a new sitting has begun, minutes. */
const apartMinutes = 90;

/** Sittings, newest first. Nobody has to say that one begins or ends. */
export function sessionsOf(entries: readonly LogEntry[]): LoggedSession[] {
  const sessions: LoggedSession[] = [];
  const byClock = [...standing(entries)].sort(
    (one, other) => Date.parse(one.at) - Date.parse(other.at) || one.order - other.order,
  );
  for (const entry of byClock) {
    const at = Date.parse(entry.at);
    let session = sessions.at(-1);
    if (!session || at - session.to > apartMinutes * 60_000) {
      session = emptyAt(at);
      sessions.push(session);
    }
    take(session, entry, at);
  }
  return sessions.reverse();
}

const emptyAt = (at: number): LoggedSession => ({
  from: at,
  to: at,
  benchIds: [],
  coats: 0,
  models: new Map(),
  handsOn: 0,
  mishaps: 0,
  deviations: 0,
  entries: [],
});

function take(session: LoggedSession, entry: LogEntry, at: number): void {
  session.to = Math.max(session.to, at);
  session.entries.push(entry);
  if (!session.benchIds.includes(entry.benchId)) session.benchIds.push(entry.benchId);
  if (entry.kind === 'mishap') session.mishaps++;
  if (entry.kind !== 'coat') return;
  // Work begun before it was noted belongs to the session too.
  if (entry.minutes !== null) session.from = Math.min(session.from, at - entry.minutes * 60_000);
  session.coats += entry.where.models.length;
  session.handsOn += entry.minutes ?? 0;
  if (entry.differs.length > 0) session.deviations++;
  const models = session.models.get(entry.where.unitId) ?? new Set();
  entry.where.models.forEach((model) => models.add(model));
  session.models.set(entry.where.unitId, models);
}
