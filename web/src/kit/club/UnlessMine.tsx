import type { ResourceName } from '@yellow-ledger/core';
import type { ReactNode } from 'react';
import { useMay } from '../../data/club/standing';

export interface UnlessMineProps {
  kind: ResourceName;
  id: string;
  className?: string;
  /** the part, for a button that opens it */
  partId?: string;
  children: ReactNode;
}

/** A read-only part for members who may not change the record: fields and buttons in it take nothing. */
export function UnlessMine({ kind, id, className, partId, children }: UnlessMineProps) {
  const mayWrite = useMay(kind, id)('write');
  return (
    <fieldset id={partId} disabled={!mayWrite} className={className}>
      {children}
    </fieldset>
  );
}
