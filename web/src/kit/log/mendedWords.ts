import type { LogEntry } from '@yellow-ledger/core';

/** The mend of a mishap, as it is told afterwards. @example 'smoothed with one pass of …' */
export function mendedWords({
  kind,
  sentence,
}: Extract<LogEntry, { kind: 'mishap' }>['mend']): string {
  const small = `${sentence.slice(0, 1).toLowerCase()}${sentence.slice(1).replace(/\.$/u, '')}`;
  switch (kind) {
    case 'leave':
      return 'left as it is';
    case 'lift':
      return sentence.includes('again')
        ? 'lifted with a damp brush and painted again'
        : 'lifted with a damp brush';
    case 'pass':
      return `smoothed with ${small}`;
    case 'filter':
      return `toned with ${small}`;
    case 'restore':
      return `painted again: ${small}`;
  }
}
