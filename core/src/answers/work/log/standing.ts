import type { LogEntry } from './entry';

/**
 * The valid entries of a log: in the order it was written, without those struck out. A struck strike
 * brings back what it had taken out. Clocks are only looked at where two were written knowing as
 * much of the log as each other.
 */
export function standing(entries: readonly LogEntry[]): Exclude<LogEntry, { kind: 'strike' }>[] {
  const byId = new Map(entries.map((entry) => [entry.id, entry]));
  const sorted = [...byId.values()].sort(inOrder);
  const struck = new Set<string>();
  for (const entry of [...sorted].reverse())
    if (entry.kind === 'strike' && !struck.has(entry.id)) struck.add(entry.of);
  return sorted.flatMap((entry) =>
    entry.kind === 'strike' || struck.has(entry.id) ? [] : [entry],
  );
}

/** As they were written; the same on every device. */
export function inOrder(one: LogEntry, other: LogEntry): number {
  if (one.order !== other.order) return one.order - other.order;
  const apart = Date.parse(one.at) - Date.parse(other.at);
  return apart !== 0 ? apart : one.id < other.id ? -1 : 1;
}

/** The time given to an entry written now, so that it comes after all that is known. */
export function nextOrder(entries: readonly LogEntry[]): number {
  return entries.reduce((most, { order }) => Math.max(most, order), -1) + 1;
}
