import type { TechniqueName } from '../../../written/technique/techniques';
import type { LogEntry } from './entry';
import { isPlausible } from './learnFigures';
import { standing } from './standing';

/** Hands-on time of one technique on figures of one size. */
export interface HandsOnRow {
  technique: TechniqueName;
  size: string;
  /** a coat on one surface of one model, minutes; mean over all that was measured */
  minutesPerModel: number;
  /** the same as a usual hand would take */
  reckonedPerModel: number;
  models: number;
}

/**
 * Hands-on times measured by the log, by technique and size of the figure.
 *
 * @param sizeOf the size of the models of an entry, in a word
 */
export function handsOnTable(
  entries: readonly LogEntry[],
  sizeOf: (unitId: string) => string,
): HandsOnRow[] {
  const rows = new Map<string, { row: HandsOnRow; minutes: number; reckoned: number }>();
  for (const entry of standing(entries)) {
    if (entry.kind !== 'coat' || entry.minutes === null) continue;
    if (!isPlausible(entry.minutes / entry.reckoned)) continue;
    const { technique } = entry;
    const size = sizeOf(entry.where.unitId);
    const key = `${technique} ${size}`;
    const sum = rows.get(key) ?? {
      row: { technique, size, minutesPerModel: 0, reckonedPerModel: 0, models: 0 },
      minutes: 0,
      reckoned: 0,
    };
    sum.row.models += entry.where.models.length;
    sum.minutes += entry.minutes;
    sum.reckoned += entry.reckoned;
    rows.set(key, sum);
  }
  return [...rows.values()]
    .map(({ row, minutes, reckoned }) => ({
      ...row,
      minutesPerModel: minutes / row.models,
      reckonedPerModel: reckoned / row.models,
    }))
    .sort((one, other) => other.models - one.models);
}
