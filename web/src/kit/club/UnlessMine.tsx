import type { ResourceName } from '@yellow-ledger/core';
import type { ReactNode } from 'react';
import { useMay } from '../../data/club/standing';

export interface UnlessMineProps {
  kind: ResourceName;
  id: string;
  className?: string;
  children: ReactNode;
}

/** A read-only part for members who may not change the record: fields and buttons in it take nothing. */
export function UnlessMine({ kind, id, className, children }: UnlessMineProps) {
  const mayWrite = useMay(kind, id)('write');
  return (
    <fieldset disabled={!mayWrite} className={className}>
      {children}
    </fieldset>
  );
}
