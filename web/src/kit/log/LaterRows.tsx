import type { PutOff } from '@yellow-ledger/core';
import type { ReactNode } from 'react';
import Button from 'react-bootstrap/Button';

export interface LaterRowsProps {
  later: readonly PutOff[];
  /** where it is, beside what it is */
  where: (each: PutOff) => ReactNode;
  onDone: (each: PutOff) => void;
}

/** Parts that were left for later, each to be done. */
export function LaterRows({ later, where, onDone }: LaterRowsProps) {
  return (
    <ul className="rows" aria-label="Left for later">
      {later.map((each) => (
        <li key={`${each.entry.id} ${each.surfaceId}`} className="across">
          <span dir="auto">
            {each.what}: {where(each)}
          </span>
          <Button
            variant="plain"
            aria-label={`Done after all: ${each.what}`}
            onClick={() => onDone(each)}
          >
            Done
          </Button>
        </li>
      ))}
    </ul>
  );
}
