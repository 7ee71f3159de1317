import type { Unit } from '../army/army';
import type { Batch } from '../army/batch';

/** Whole numbers from one to another, both counted in; none where the first is the larger. */
export const numbers = (from: number, to: number) =>
  Array.from({ length: Math.max(0, to - from + 1) }, (_, i) => from + i);

/** Models of a unit that are in a batch, by their place in its line. */
export function chosenModels({ models }: Pick<Batch, 'models'>, unit: Unit): number[] {
  if (models.length === 0) return numbers(1, unit.models);
  const chosen = models.flatMap(({ unitId, from, to }) =>
    unitId === unit.id ? numbers(from, Math.min(to, unit.models)) : [],
  );
  return [...new Set(chosen)].sort((one, other) => one - other);
}
