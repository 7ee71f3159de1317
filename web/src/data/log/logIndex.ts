import { inOrder, nextOrder, type LogEntry } from '@yellow-ledger/core';

type Log = readonly LogEntry[];

/** Everything that is asked of a log at each press; going through all of a long one takes too long. */
interface LogIndex {
  ids: Set<string>;
  /** the lists of benches an entry was written at; the same list until it has another */
  ofBench: Map<string, Log>;
  order: number;
}

const indexes = new WeakMap<Log, LogIndex>();
/** logs that are another one with a few entries that wait to be sent */
const merged = new WeakMap<Log, { log: Log; waiting: Log }>();

function indexOf(log: Log): LogIndex {
  const known = indexes.get(log);
  if (known) return known;
  const ofBench = new Map<string, LogEntry[]>();
  for (const entry of log) {
    const list = ofBench.get(entry.benchId);
    if (list) list.push(entry);
    else ofBench.set(entry.benchId, [entry]);
  }
  const index = { ids: new Set(log.map(({ id }) => id)), ofBench, order: nextOrder(log) };
  indexes.set(log, index);
  return index;
}

/**
 * A log with entries at its end that it does not hold yet. Its index goes over to the new one: the
 * log it was is asked no more, and would be gone through again.
 */
export function grownLog(log: LogEntry[], more: Log): LogEntry[] {
  const index = indexOf(log);
  const fresh = more.filter(({ id }) => !index.ids.has(id));
  if (fresh.length === 0) return log;
  for (const entry of fresh) {
    index.ids.add(entry.id);
    index.ofBench.set(entry.benchId, [...(index.ofBench.get(entry.benchId) ?? []), entry]);
  }
  const grown = [...log, ...fresh];
  // The store freezes all it is given, and would look at every entry of it.
  Object.freeze(grown);
  indexes.delete(log);
  indexes.set(grown, { ...index, order: Math.max(index.order, nextOrder(fresh)) });
  return grown;
}

/** A log as it will be once the entries that wait to be sent are in it. */
export function withWaiting(log: LogEntry[], waiting: Log): LogEntry[] {
  const { ids } = indexOf(log);
  const fresh = waiting.filter(({ id }) => !ids.has(id));
  if (fresh.length === 0) return log;
  const all = [...log, ...fresh];
  merged.set(all, { log, waiting: fresh });
  return all;
}

/** The entries written at one bench, in the order of the log. */
export function entriesOfBench(log: Log, benchId: string): Log {
  const parts = merged.get(log);
  if (!parts) return indexOf(log).ofBench.get(benchId) ?? none;
  const more = parts.waiting.filter((entry) => entry.benchId === benchId);
  const known = entriesOfBench(parts.log, benchId);
  return more.length > 0 ? [...known, ...more] : known;
}

/** As `entriesOfBench`, of several, in the order they were written. */
export function entriesOfBenches(log: Log, benchIds: ReadonlySet<string>): LogEntry[] {
  return [...benchIds].flatMap((each) => [...entriesOfBench(log, each)]).sort(inOrder);
}

const none: Log = [];

/** As `nextOrder` of the whole log. */
export function nextOrderOf(log: Log): number {
  const parts = merged.get(log);
  if (!parts) return indexOf(log).order;
  return Math.max(nextOrderOf(parts.log), nextOrder(parts.waiting));
}
