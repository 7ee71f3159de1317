import type { CoatEntry, LogEntry } from '@yellow-ledger/core';
import { Link } from 'react-router';
import { writeDownAddress } from '../../kit/log/writeDownAddress';
import { modelsWords } from '../../kit/words/modelsWords';
import { surfaceName, unitName } from './entryWords';
import type { LogNamesKnown } from './logWork';

export interface WriteDownProps {
  entries: readonly LogEntry[];
  names: LogNamesKnown;
}

/** The surfaces of an evening, each to be written down as it was painted. */
export function WriteDown({ entries, names }: WriteDownProps) {
  const last = new Map<string, CoatEntry>();
  for (const entry of entries)
    if (entry.kind === 'coat') last.set(`${entry.where.unitId} ${entry.where.surfaceId}`, entry);
  if (last.size === 0) return null;
  return (
    <div className="flow">
      <span>Write it down as I did it:</span>
      {[...last.values()].map((entry) => (
        <Link key={entry.id} to={writeDownAddress(entry)} dir="auto">
          {surfaceName(entry, names)}, {unitName(entry, names)} {modelsWords(entry.where.models)}
        </Link>
      ))}
    </div>
  );
}
