import type { Photograph } from '@yellow-ledger/core';
import type { ReactNode } from 'react';
import { FetchProblem } from '../FetchProblem';
import { PhotographEntry } from './PhotographEntry';
import type { Photographs } from './usePhotographs';
import { PageWait } from '../PageWait';
import './photographs.scss';

export interface PhotographListProps {
  of: Photographs;
  /** what one would put here, while nothing is */
  empty: string;
  /** stands before the photographs, as what they are held against */
  first?: ReactNode;
  /** what else is said of each */
  more?: (photograph: Photograph) => ReactNode;
}

/** The photographs of a thing beside each other. */
export function PhotographList({ of, empty, first, more }: PhotographListProps) {
  const { photographs, error, refetch, change, remove } = of;
  if (error && !photographs) return <FetchProblem error={error} onRetry={refetch} />;
  if (!photographs) return <PageWait>Looking for photographs …</PageWait>;
  return (
    <>
      {photographs.length === 0 && <p className="quiet">{empty}</p>}
      <ul className="photographs" aria-label="Photographs">
        {first && <li className="photograph">{first}</li>}
        {photographs.map((photograph) => (
          <PhotographEntry
            key={photograph.id}
            photograph={photograph}
            onChange={(next) => change(photograph, next)}
            onRemove={() => remove(photograph)}
          >
            {more?.(photograph)}
          </PhotographEntry>
        ))}
      </ul>
    </>
  );
}
