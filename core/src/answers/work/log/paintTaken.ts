import type { CoatEntry, LogEntry } from './entry';
import { standing } from './standing';

/** Paint one coat took from one pot. */
export interface PaintUsed {
  entryId: string;
  /** milliseconds since 1970 */
  at: number;
  potId: string;
  ml: number;
}

/**
 * Paint the valid entries of a log took from the pots, coat by coat. A coat that two have noted was painted
 * once: it is the same coat of the same line on the same model of an army, or of a bench that
 * belongs to none.
 */
export function paintUsed(entries: readonly LogEntry[]): PaintUsed[] {
  const noted = new Set<string>();
  return standing(entries).flatMap((entry): PaintUsed[] => {
    if (entry.kind !== 'coat') return [];
    const coats = notedCoatsOf(entry);
    const fresh = coats.filter((coat) => !noted.has(coat));
    fresh.forEach((coat) => noted.add(coat));
    if (fresh.length === 0) return [];
    const share = fresh.length / coats.length;
    const of = { entryId: entry.id, at: Date.parse(entry.at) };
    return entry.used.map(({ potId, ml }) => ({ ...of, potId, ml: ml * share }));
  });
}

/** The coats an entry notes, one for each model: the same for two notes of one coat. */
export function notedCoatsOf({
  where: { armyId, unitId, surfaceId, models },
  benchId,
  stepId,
  coat,
}: CoatEntry): string[] {
  const key = `${armyId ?? benchId} ${unitId} ${surfaceId} ${stepId} ${coat}`;
  return models.map((model) => `${key} ${model}`);
}

/** Paint taken from each pot by the valid entries of a log, ml. */
export function paintTaken(entries: readonly LogEntry[]): Map<string, number> {
  const taken = new Map<string, number>();
  for (const { potId, ml } of paintUsed(entries)) taken.set(potId, (taken.get(potId) ?? 0) + ml);
  return taken;
}
