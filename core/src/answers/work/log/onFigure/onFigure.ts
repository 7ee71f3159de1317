import type { CoatEntry, EntryOf, LogEntry } from '../entry';
import { standing } from '../standing';

/** The layers on one surface of one model, by the log. */
export interface OnSurface {
  /** the coats of each line, first to last; a coat that two have noted is here once */
  coats: Map<string, CoatEntry[]>;
  /** extra steps, as they were done */
  extras: CoatEntry[];
  /** lines that were left out */
  skipped: Set<string>;
  /** lines up to which it was found painted when it came to the bench, the latest last */
  found: EntryOf<'found'>[];
  mishaps: EntryOf<'mishap'>[];
  /** until when the last of it dries, by the clock of whoever wrote it; null when nothing does */
  lastWet: { at: number; dryMinutes: number; entry: CoatEntry | EntryOf<'mishap'> } | null;
}

export const surfaceKey = (unitId: string, surfaceId: string, model: number) =>
  `${unitId} ${surfaceId} ${model}`;

/** The layers on every surface the log knows of, by `surfaceKey`. */
export function onFigures(entries: readonly LogEntry[]): Map<string, OnSurface> {
  const figures = new Map<string, OnSurface>();
  for (const entry of standing(entries)) {
    if (!('where' in entry)) continue;
    const { unitId, surfaceId, models } = entry.where;
    for (const model of models) {
      const key = surfaceKey(unitId, surfaceId, model);
      const on = figures.get(key) ?? untouched();
      figures.set(key, on);
      lay(on, entry);
    }
  }
  return figures;
}

/** A surface nothing is known of. */
export const untouched = (): OnSurface => ({
  coats: new Map(),
  extras: [],
  skipped: new Set(),
  found: [],
  mishaps: [],
  lastWet: null,
});

function lay(on: OnSurface, entry: Extract<LogEntry, { where: unknown }>): void {
  switch (entry.kind) {
    case 'coat': {
      if (entry.line === 0) on.extras.push(entry);
      else {
        const before = on.coats.get(entry.stepId) ?? [];
        // Two devices, or one pressed twice: it is one coat.
        const isSame = ({ coat, recipeId }: CoatEntry) =>
          coat === entry.coat && recipeId === entry.recipeId;
        if (before.some(isSame)) return;
        on.coats.set(entry.stepId, [...before, entry]);
      }
      on.lastWet = { at: Date.parse(entry.at), dryMinutes: entry.dryMinutes, entry };
      return;
    }
    case 'skip':
      on.skipped.add(entry.stepId);
      return;
    case 'found':
      on.found.push(entry);
      return;
    case 'mishap':
      on.mishaps.push(entry);
      if (entry.mend.kind !== 'leave')
        on.lastWet = { at: Date.parse(entry.at), dryMinutes: entry.mend.minutes, entry };
      return;
    case 'dry':
      // Felt to be dry: what the last coat was reckoned to take no longer holds anybody up.
      if (on.lastWet?.entry.stepId === entry.stepId)
        on.lastWet = { ...on.lastWet, dryMinutes: entry.minutes };
      return;
    case 'stripped':
      Object.assign(on, untouched());
      return;
    case 'reading':
    case 'later':
      return;
  }
}

/**
 * Milliseconds a surface still dries for. A clock that stands before the coat has been set back:
 * then nobody waits longer than the whole of it.
 */
export function driesForMs({ lastWet }: OnSurface, now: number): number {
  if (!lastWet) return 0;
  const whole = lastWet.dryMinutes * 60_000;
  return Math.max(0, Math.min(whole, lastWet.at + whole - now));
}
