import type { CoatEntry, LogEntry } from './entry';
import { standing } from './standing';

/** What one coat took from one pot. */
export interface PaintUsed {
  entryId: string;
  /** the same for two notes of one coat */
  coatKey: string;
  /** milliseconds since 1970 */
  at: number;
  potId: string;
  ml: number;
}

/**
 * What counts of a log took from the pots, coat by coat. A coat that two have noted was painted
 * once: it is the same coat of the same line on the same model of an army, or of a bench that
 * belongs to none.
 */
export function paintUsed(entries: readonly LogEntry[]): PaintUsed[] {
  const noted = new Set<string>();
  return standing(entries).flatMap((entry): PaintUsed[] => {
    if (entry.kind !== 'coat') return [];
    const { models } = entry.where;
    const coat = coatKeyOf(entry);
    const fresh = models.filter((model) => !noted.has(`${coat} ${model}`));
    fresh.forEach((model) => noted.add(`${coat} ${model}`));
    if (fresh.length === 0) return [];
    const share = fresh.length / models.length;
    const of = { entryId: entry.id, coatKey: coat, at: Date.parse(entry.at) };
    return entry.used.map(({ potId, ml }) => ({ ...of, potId, ml: ml * share }));
  });
}

/** The same for two notes of one coat. */
export function coatKeyOf({
  where: { armyId, unitId, surfaceId },
  benchId,
  stepId,
  coat,
}: CoatEntry): string {
  return `${armyId ?? benchId} ${unitId} ${surfaceId} ${stepId} ${coat}`;
}

/** What was taken from each pot by what counts of a log, ml. */
export function paintTaken(entries: readonly LogEntry[]): Map<string, number> {
  const taken = new Map<string, number>();
  for (const { potId, ml } of paintUsed(entries)) taken.set(potId, (taken.get(potId) ?? 0) + ml);
  return taken;
}
