import type { CoatEntry, LogEntry } from '../answers/work/log/entry';
import { standing } from '../answers/work/log/standing';

/** Somebody who paints this evening. */
export interface AtTheTable {
  /** as entries name them; empty where nobody has said */
  by: string;
  /** the coat they put on last */
  last: CoatEntry;
  /** coats of one surface of one model they have put on since the evening began */
  coats: number;
  /** hands-on minutes, where the bench has measured them */
  minutes: number;
}

/**
 * The painters, with their last press; the newest in front.
 *
 * @param since when the evening began, milliseconds since 1970
 */
export function atTheTable(entries: readonly LogEntry[], since: number): AtTheTable[] {
  const painters = new Map<string, AtTheTable>();
  for (const entry of standing(entries)) {
    if (entry.kind !== 'coat' || Date.parse(entry.at) < since) continue;
    const by = entry.by ?? '';
    const known = painters.get(by);
    const isLater = !known || Date.parse(entry.at) >= Date.parse(known.last.at);
    painters.set(by, {
      by,
      last: isLater ? entry : known.last,
      coats: (known?.coats ?? 0) + entry.where.models.length,
      minutes: (known?.minutes ?? 0) + (entry.minutes ?? 0),
    });
  }
  return [...painters.values()].sort(
    (one, other) => Date.parse(other.last.at) - Date.parse(one.last.at),
  );
}

/** Another who has painted on models lately. */
export interface AlsoOnIt {
  by: string;
  models: number[];
  /** ISO 8601 */
  at: string;
}

/**
 * Others who painted on some models of a unit lately: two who claim the same one are told before
 * both have paint on it.
 *
 * @param me as entries name whoever asks
 * @param since milliseconds since 1970
 */
export function alsoPaintedOn(
  entries: readonly LogEntry[],
  { armyId, unitId, models }: { armyId: string | null; unitId: string; models: readonly number[] },
  me: string,
  since: number,
): AlsoOnIt[] {
  const asked = new Set(models);
  const others = new Map<string, AlsoOnIt>();
  for (const entry of standing(entries)) {
    if (entry.kind !== 'coat' || (entry.by ?? '') === me || Date.parse(entry.at) < since) continue;
    const { where, by = '', at } = entry;
    if (where.armyId !== armyId || where.unitId !== unitId) continue;
    const same = where.models.filter((model) => asked.has(model));
    if (same.length === 0) continue;
    const known = others.get(by);
    others.set(by, {
      by,
      models: [...new Set([...(known?.models ?? []), ...same])].sort((one, two) => one - two),
      at: known && known.at > at ? known.at : at,
    });
  }
  return [...others.values()];
}
