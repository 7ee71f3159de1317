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
