import type { ModelRange, Unit } from '@yellow-ledger/core';

type Named = Pick<Unit, 'id' | 'name' | 'models'>;

/** @example 'Dike Watch 1–10, Ferry Crew' */
export function rangesInWords(ranges: readonly ModelRange[], units: readonly Named[]): string {
  return ranges
    .map(({ unitId, from, to }) => {
      const unit = units.find(({ id }) => id === unitId);
      const name = unit?.name ?? 'a unit that was deleted';
      if (unit && from === 1 && to >= unit.models) return name;
      return from === to ? `${name} ${from}` : `${name} ${from}–${to}`;
    })
    .join(', ');
}

/** @example numbersInWords([1, 2, 3, 7]) // → '1–3, 7' */
export function numbersInWords(numbers: readonly number[]): string {
  const sorted = [...numbers].sort((one, other) => one - other);
  const runs: [number, number][] = [];
  for (const number of sorted) {
    const last = runs.at(-1);
    if (last && number === last[1] + 1) last[1] = number;
    else runs.push([number, number]);
  }
  return runs.map(([from, to]) => (from === to ? from : `${from}–${to}`)).join(', ');
}
