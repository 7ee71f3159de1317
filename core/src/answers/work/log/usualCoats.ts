import { lineKey } from '../army/ownFigures';
import { addTo } from './addTo';
import type { CoatEntry, LogEntry } from './entry';
import { onFigures } from './onFigure/onFigure';

/** So many surfaces say what a painter usually does. */
const enoughSurfaces = 3;

/** Coats a painter usually gives a line: by `lineKey`. */
export type UsualCoats = ReadonlyMap<string, { coats: number; surfaces: number }>;

/**
 * How many coats each line got until its painter went on: the median over the surfaces where a
 * later line was begun. A line that something else came upon in fewer than three says nothing yet.
 */
export function usualCoats(entries: readonly LogEntry[]): UsualCoats {
  const counts = new Map<string, number[]>();
  for (const { coats } of onFigures(entries).values()) {
    const lines = byRecipe([...coats.values()]).map((ofLine) => ({
      key: lineKey(ofLine[0].recipeId, ofLine[0].stepId),
      line: ofLine[0].line,
      count: ofLine.length,
    }));
    const furthest = Math.max(...lines.map(({ line }) => line));
    for (const { key, line, count } of lines) if (line < furthest) addTo(counts, key, count);
  }
  return new Map(
    [...counts].flatMap(([key, of]) =>
      of.length >= enoughSurfaces
        ? [[key, { coats: medianOf(of), surfaces: of.length }] as const]
        : [],
    ),
  );
}

/** Where a surface was painted anew by a variant, the coats of both go by the same line. */
const byRecipe = (lines: readonly CoatEntry[][]): CoatEntry[][] =>
  lines.flatMap((ofLine) =>
    [...new Set(ofLine.map(({ recipeId }) => recipeId))].map((id) =>
      ofLine.filter(({ recipeId }) => recipeId === id),
    ),
  );

function medianOf(counts: readonly number[]): number {
  const sorted = [...counts].sort((one, other) => one - other);
  return sorted[Math.floor((sorted.length - 1) / 2)];
}
